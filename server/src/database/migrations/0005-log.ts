import type { Send } from '../migrate.js';

/** The log: solves and stage practices with their times. */
export async function up(send: Send): Promise<void> {
  await send(`
    CREATE TABLE log_entries (
      account_id       uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      -- Made by the sender and only unique within an account: nobody learns of another's records.
      id               uuid NOT NULL,
      kind             text NOT NULL CHECK (kind IN ('solve', 'stage')),
      stage            text CHECK ((kind = 'stage') = (stage IS NOT NULL)),
      began_at         timestamptz(3) NOT NULL,
      -- Minutes east of Greenwich at the place; the day is the day there.
      utc_offset       smallint NOT NULL CHECK (utc_offset BETWEEN -1440 AND 1440),
      day              date NOT NULL GENERATED ALWAYS AS
                       (((began_at AT TIME ZONE 'UTC') + make_interval(mins => utc_offset))::date) STORED,
      hundredths       integer CHECK (hundredths >= 0),
      outcome          text NOT NULL CHECK (outcome IN ('finished', 'unfinished', 'aside')),
      reason           varchar(200) NOT NULL CHECK ((outcome = 'aside') = (reason <> '')),
      note             varchar(2000) NOT NULL,
      method           varchar(60) NOT NULL,
      cube             varchar(60) NOT NULL,
      scramble         text NOT NULL,
      turns            text NOT NULL,
      split_stages     text[] NOT NULL,
      split_hundredths integer[] NOT NULL,
      split_turns      integer[] NOT NULL,
      tags             text[] NOT NULL,
      created_at       timestamptz NOT NULL DEFAULT now(),
      deleted_at       timestamptz,
      PRIMARY KEY (account_id, id),
      CHECK (cardinality(split_stages) = cardinality(split_hundredths)),
      CHECK (cardinality(split_stages) = cardinality(split_turns))
    );
    CREATE INDEX log_entries_newest ON log_entries (account_id, began_at DESC, id DESC)
      WHERE deleted_at IS NULL;
    -- What the charts count, without reading the records themselves.
    CREATE INDEX log_entries_counted ON log_entries (account_id, day)
      INCLUDE (hundredths, outcome, kind, method)
      WHERE deleted_at IS NULL;
  `);
}

export async function down(send: Send): Promise<void> {
  await send('DROP TABLE log_entries');
}
