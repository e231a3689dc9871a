import type { Send } from '../migrate.js';

/**
 * Accounts, sessions and groups; and an owner for what was kept before there were any. That goes to
 * one account nobody can sign in to: the first coach to sign up takes it over.
 */
export const BEFORE_ACCOUNTS = '00000000-0000-4000-8000-000000000000';

export async function up(send: Send): Promise<void> {
  await send(`
    CREATE TABLE accounts (
      id          uuid PRIMARY KEY,
      role        text NOT NULL CHECK (role IN ('guest', 'learner', 'coach')),
      name        varchar(40),
      -- The name as it is compared: of two that look the same only one is taken.
      name_key    varchar(120) UNIQUE,
      phrase_hash text,
      created_at  timestamptz NOT NULL DEFAULT now(),
      CHECK ((role = 'guest') = (name IS NULL)),
      CHECK ((role = 'guest') = (name_key IS NULL)),
      CHECK ((role = 'guest') = (phrase_hash IS NULL))
    );
    CREATE TABLE sessions (
      token_hash bytea PRIMARY KEY,
      account_id uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      created_at timestamptz NOT NULL DEFAULT now(),
      expires_at timestamptz NOT NULL
    );
    CREATE INDEX sessions_of ON sessions (account_id);
    CREATE TABLE sign_in_failures (
      key    varchar(255) PRIMARY KEY,
      points integer NOT NULL DEFAULT 0,
      expire bigint
    );
    CREATE TABLE groups (
      id         uuid PRIMARY KEY,
      coach_id   uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      name       varchar(60) NOT NULL CHECK (btrim(name) <> ''),
      code       char(8) NOT NULL UNIQUE,
      created_at timestamptz NOT NULL DEFAULT now()
    );
    CREATE INDEX groups_of ON groups (coach_id);
    CREATE TABLE group_members (
      group_id   uuid NOT NULL REFERENCES groups ON DELETE CASCADE,
      learner_id uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      joined_at  timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (group_id, learner_id)
    );
    CREATE INDEX group_members_of ON group_members (learner_id);

    INSERT INTO accounts (id, role)
    SELECT '${BEFORE_ACCOUNTS}', 'guest'
    WHERE EXISTS (SELECT FROM saved_solves) OR EXISTS (SELECT FROM own_methods);

    ALTER TABLE saved_solves ADD COLUMN owner_id uuid REFERENCES accounts ON DELETE CASCADE;
    UPDATE saved_solves SET owner_id = '${BEFORE_ACCOUNTS}';
    ALTER TABLE saved_solves ALTER COLUMN owner_id SET NOT NULL;
    DROP INDEX saved_solves_newest;
    CREATE INDEX saved_solves_newest ON saved_solves (owner_id, created_at DESC, id DESC)
      WHERE deleted_at IS NULL;

    ALTER TABLE own_methods ADD COLUMN owner_id uuid REFERENCES accounts ON DELETE CASCADE;
    UPDATE own_methods SET owner_id = '${BEFORE_ACCOUNTS}';
    ALTER TABLE own_methods ALTER COLUMN owner_id SET NOT NULL;
    ALTER TABLE own_methods DROP CONSTRAINT own_methods_pkey;
    ALTER TABLE own_methods ADD PRIMARY KEY (owner_id, id);
  `);
}

/** Two people's methods of the same id cannot both stay: the one changed last does. */
export async function down(send: Send): Promise<void> {
  await send(`
    DELETE FROM own_methods older USING own_methods newer
      WHERE older.id = newer.id
        AND (older.updated_at, older.owner_id) < (newer.updated_at, newer.owner_id);
    ALTER TABLE own_methods DROP CONSTRAINT own_methods_pkey;
    ALTER TABLE own_methods DROP COLUMN owner_id;
    ALTER TABLE own_methods ADD PRIMARY KEY (id);
    DROP INDEX saved_solves_newest;
    ALTER TABLE saved_solves DROP COLUMN owner_id;
    CREATE INDEX saved_solves_newest ON saved_solves (created_at DESC, id DESC)
      WHERE deleted_at IS NULL;
    DROP TABLE group_members, groups, sign_in_failures, sessions, accounts;
  `);
}
