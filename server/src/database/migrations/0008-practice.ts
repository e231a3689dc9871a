import type { Send } from '../migrate.js';

/** Answers given in practice: only ever added. What they leave is reckoned from them. */
export async function up(send: Send): Promise<void> {
  await send(`
    CREATE TABLE practice_reviews (
      account_id uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      -- Made by the sender and only unique within an account: nobody learns of another's answers.
      id         uuid NOT NULL,
      kind       text NOT NULL CHECK (kind IN ('see', 'turn', 'both', 'read')),
      item       varchar(200) NOT NULL CHECK (item <> ''),
      at         timestamptz(3) NOT NULL,
      -- Minutes east of Greenwich at the place; the day is the day there.
      utc_offset smallint NOT NULL CHECK (utc_offset BETWEEN -1440 AND 1440),
      is_right   boolean NOT NULL,
      hundredths integer NOT NULL CHECK (hundredths BETWEEN 0 AND 360000),
      answer     varchar(200) NOT NULL CHECK (answer = '' OR NOT is_right),
      turns      smallint NOT NULL CHECK (turns >= 0),
      given_by   text NOT NULL CHECK (given_by IN ('keys', 'touch', 'cube')),
      arrived_at timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (account_id, id)
    );
    CREATE INDEX practice_reviews_arrived ON practice_reviews (account_id, arrived_at, id);
  `);
}

export async function down(send: Send): Promise<void> {
  await send('DROP TABLE practice_reviews');
}
