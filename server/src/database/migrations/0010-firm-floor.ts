import type { Send } from '../migrate.js';

/**
 * Only adds: the version before goes on beside it. Which group made an account, what may be withdrawn one by
 * one, who was taken out, moves that wait for a learner's word, and what answers leave, kept as they come.
 */
export async function up(send: Send): Promise<void> {
  await send(`
    ALTER TABLE accounts ADD COLUMN made_in uuid REFERENCES groups ON DELETE SET NULL;
    CREATE INDEX accounts_made_in ON accounts (made_in) WHERE made_in IS NOT NULL;
    UPDATE accounts SET made_in = one.group_id
      FROM (SELECT learner_id, min(group_id::text)::uuid AS group_id FROM group_members
        GROUP BY learner_id HAVING count(*) = 1) one
      WHERE one.learner_id = accounts.id AND phrase_given;

    -- By which one browser can be signed out from another.
    ALTER TABLE sessions ADD COLUMN id uuid NOT NULL DEFAULT gen_random_uuid();
    CREATE UNIQUE INDEX sessions_by_id ON sessions (id);

    CREATE TABLE coach_invitations (
      code       char(8) PRIMARY KEY,
      coach_id   uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      expires_at timestamptz NOT NULL DEFAULT now() + interval '14 days'
    );
    CREATE INDEX coach_invitations_of ON coach_invitations (coach_id);

    -- Who was taken out, and by which code they do not come back.
    CREATE TABLE group_taken_out (
      group_id   uuid NOT NULL REFERENCES groups ON DELETE CASCADE,
      learner_id uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      code       char(8) NOT NULL,
      PRIMARY KEY (group_id, learner_id)
    );
    CREATE INDEX group_taken_out_of ON group_taken_out (learner_id);

    CREATE TABLE group_moves (
      to_group   uuid NOT NULL REFERENCES groups ON DELETE CASCADE,
      learner_id uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      from_group uuid NOT NULL REFERENCES groups ON DELETE CASCADE,
      asked_at   timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (to_group, learner_id)
    );
    CREATE INDEX group_moves_of ON group_moves (learner_id);
    CREATE INDEX group_moves_from ON group_moves (from_group);

    CREATE TABLE calendar_addresses (
      secret   text PRIMARY KEY,
      group_id uuid NOT NULL REFERENCES groups ON DELETE CASCADE,
      coach_id uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      made_at  timestamptz NOT NULL DEFAULT now(),
      UNIQUE (group_id, coach_id)
    );
    CREATE INDEX calendar_addresses_of ON calendar_addresses (coach_id);

    ALTER TABLE print_jobs ADD COLUMN attempt integer NOT NULL DEFAULT 0;
    CREATE INDEX print_jobs_by ON print_jobs (asked_by);
    CREATE INDEX group_invitations_of ON group_invitations (group_id);

    -- How many answers somebody has, and what those leave, as far as that was reckoned: up to which one.
    CREATE TABLE practice_facts (
      account_id uuid PRIMARY KEY REFERENCES accounts ON DELETE CASCADE,
      total      integer NOT NULL DEFAULT 0,
      answers    integer NOT NULL DEFAULT 0,
      upto_at    timestamptz NOT NULL DEFAULT '1970-01-01Z',
      upto_id    uuid NOT NULL DEFAULT '00000000-0000-0000-0000-000000000000',
      -- As text: it is read on another thread, and never asked about.
      facts      text,
      made_at    timestamptz NOT NULL DEFAULT now()
    );
    INSERT INTO practice_facts (account_id, total)
      SELECT account_id, count(*)::int FROM practice_reviews GROUP BY account_id;
    -- How far each has come with what was set since a moment.
    CREATE INDEX practice_reviews_given ON practice_reviews (account_id, at);
  `);
}

export async function down(send: Send): Promise<void> {
  await send(`
    DROP INDEX practice_reviews_given, group_invitations_of,
      print_jobs_by, sessions_by_id, accounts_made_in;
    DROP TABLE practice_facts, calendar_addresses, group_moves, group_taken_out, coach_invitations;
    ALTER TABLE print_jobs DROP COLUMN attempt;
    ALTER TABLE sessions DROP COLUMN id;
    ALTER TABLE accounts DROP COLUMN made_in;
  `);
}
