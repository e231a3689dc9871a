import type { Send } from '../migrate.js';

/**
 * A coach's group: who helps to teach it, how it learns, the sessions that are planned and held, what is set
 * and handed in, and the words on it.
 */
export async function up(send: Send): Promise<void> {
  await send(`
    -- Given by a coach: another is chosen at the first sign-in.
    ALTER TABLE accounts ADD COLUMN phrase_given boolean NOT NULL DEFAULT false;

    ALTER TABLE groups
      ADD COLUMN method jsonb NOT NULL DEFAULT '"gentle"',
      ADD COLUMN first_colour text NOT NULL DEFAULT 'white',
      ADD COLUMN zone varchar(60) NOT NULL DEFAULT 'UTC',
      ADD COLUMN archived_at timestamptz,
      -- Counted up when the address of the calendar is changed.
      ADD COLUMN calendar integer NOT NULL DEFAULT 1;

    CREATE TABLE group_assistants (
      group_id uuid NOT NULL REFERENCES groups ON DELETE CASCADE,
      coach_id uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      rights   text[] NOT NULL,
      PRIMARY KEY (group_id, coach_id)
    );
    CREATE INDEX group_assistants_of ON group_assistants (coach_id);
    CREATE TABLE group_invitations (
      code       char(8) PRIMARY KEY,
      group_id   uuid NOT NULL REFERENCES groups ON DELETE CASCADE,
      rights     text[] NOT NULL,
      expires_at timestamptz NOT NULL
    );

    CREATE TABLE session_plans (
      group_id   uuid NOT NULL REFERENCES groups ON DELETE CASCADE,
      id         uuid NOT NULL,
      plan       jsonb NOT NULL,
      changed_at timestamptz(3) NOT NULL DEFAULT now(),
      PRIMARY KEY (group_id, id)
    );

    CREATE TABLE assignments (
      id        uuid PRIMARY KEY,
      group_id  uuid NOT NULL REFERENCES groups ON DELETE CASCADE,
      task      jsonb NOT NULL,
      note      text NOT NULL,
      until_day date,
      for_all   boolean NOT NULL,
      set_at    timestamptz NOT NULL DEFAULT now()
    );
    CREATE INDEX assignments_of ON assignments (group_id);
    CREATE TABLE assignment_learners (
      assignment_id uuid NOT NULL REFERENCES assignments ON DELETE CASCADE,
      learner_id    uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      PRIMARY KEY (assignment_id, learner_id)
    );
    CREATE INDEX assignment_learners_of ON assignment_learners (learner_id);
    CREATE TABLE assignment_said (
      assignment_id uuid NOT NULL REFERENCES assignments ON DELETE CASCADE,
      learner_id    uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      said_at       timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (assignment_id, learner_id)
    );
    CREATE INDEX assignment_said_by ON assignment_said (learner_id);

    CREATE TABLE work (
      id           uuid PRIMARY KEY,
      group_id     uuid NOT NULL REFERENCES groups ON DELETE CASCADE,
      learner_id   uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      handed       jsonb NOT NULL,
      words        text NOT NULL,
      handed_at    timestamptz NOT NULL DEFAULT now(),
      marked_at    timestamptz,
      -- When each side last read it.
      coach_read   timestamptz,
      learner_read timestamptz NOT NULL DEFAULT now()
    );
    CREATE INDEX work_of_group ON work (group_id, handed_at);
    CREATE INDEX work_of_learner ON work (learner_id, handed_at);
    CREATE TABLE work_notes (
      id         uuid PRIMARY KEY,
      work_id    uuid NOT NULL REFERENCES work ON DELETE CASCADE,
      author_id  uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      place      jsonb NOT NULL,
      words      text NOT NULL,
      written_at timestamptz(3) NOT NULL DEFAULT now()
    );
    CREATE INDEX work_notes_of ON work_notes (work_id, written_at);
    CREATE INDEX work_notes_by ON work_notes (author_id);

    -- Paper to hand out: made by whichever process takes the job, and not kept long.
    CREATE TABLE print_jobs (
      id         uuid PRIMARY KEY,
      group_id   uuid NOT NULL REFERENCES groups ON DELETE CASCADE,
      asked_by   uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      asked      jsonb NOT NULL,
      state      text NOT NULL DEFAULT 'waiting'
        CHECK (state IN ('waiting', 'working', 'done', 'failed')),
      done       integer NOT NULL DEFAULT 0,
      of         integer NOT NULL DEFAULT 0,
      pdf        bytea,
      asked_at   timestamptz NOT NULL DEFAULT now(),
      -- When whoever works at it last said so: a process that has ended says no more.
      seen_at    timestamptz NOT NULL DEFAULT now()
    );
    CREATE INDEX print_jobs_of ON print_jobs (group_id, asked_at);

    CREATE TABLE live_sessions (
      id          uuid PRIMARY KEY,
      -- One at a time.
      group_id    uuid NOT NULL UNIQUE REFERENCES groups ON DELETE CASCADE,
      code        char(6) NOT NULL UNIQUE,
      offer       jsonb,
      shows_times boolean NOT NULL DEFAULT false,
      begun_at    timestamptz NOT NULL DEFAULT now()
    );
    -- Who sits at it and what they are at: gone with the session.
    CREATE TABLE live_presence (
      session_id uuid NOT NULL REFERENCES live_sessions ON DELETE CASCADE,
      account_id uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      nickname   varchar(40),
      here       jsonb,
      since      timestamptz NOT NULL DEFAULT now(),
      hand_at    timestamptz,
      told_at    timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (session_id, account_id)
    );
    CREATE INDEX live_presence_of ON live_presence (account_id);
    -- A guest who came for one session goes with it.
    ALTER TABLE accounts ADD COLUMN guest_of uuid REFERENCES live_sessions ON DELETE CASCADE;
    CREATE INDEX accounts_guests_of ON accounts (guest_of) WHERE guest_of IS NOT NULL;
  `);
}

export async function down(send: Send): Promise<void> {
  await send(`
    DELETE FROM accounts WHERE guest_of IS NOT NULL;
    ALTER TABLE accounts DROP COLUMN guest_of, DROP COLUMN phrase_given;
    DROP TABLE print_jobs, live_presence, live_sessions, work_notes, work, assignment_said, assignment_learners,
      assignments, session_plans, group_invitations, group_assistants;
    ALTER TABLE groups DROP COLUMN method, DROP COLUMN first_colour, DROP COLUMN zone,
      DROP COLUMN archived_at, DROP COLUMN calendar;
  `);
}
