import type { Send } from '../migrate.js';

/** What it takes to keep things no longer than is said, and to know who may try a phrase. */
export async function up(send: Send): Promise<void> {
  await send(`
    ALTER TABLE sessions ADD COLUMN seen_on date NOT NULL DEFAULT current_date;
    ALTER TABLE sign_in_failures RENAME TO tries;
    -- Where an account signed in before; an address is known by its hash with the account's id alone.
    CREATE TABLE familiar_addresses (
      account_id   uuid NOT NULL REFERENCES accounts ON DELETE CASCADE,
      address_hash bytea NOT NULL,
      seen_on      date NOT NULL DEFAULT current_date,
      PRIMARY KEY (account_id, address_hash)
    );
    -- What every process must know alike, and nobody outside.
    CREATE TABLE secrets (
      name  varchar(60) PRIMARY KEY,
      value bytea NOT NULL
    );
    INSERT INTO secrets (name, value) VALUES
      ('tokens', decode(replace(gen_random_uuid()::text || gen_random_uuid()::text, '-', ''), 'hex'));
    -- What is done once a day by whichever process comes first.
    CREATE TABLE daily_work (
      name    varchar(60) NOT NULL,
      done_on date NOT NULL,
      PRIMARY KEY (name, done_on)
    );
    CREATE INDEX log_entries_deleted ON log_entries (deleted_at) WHERE deleted_at IS NOT NULL;
    CREATE INDEX saved_solves_deleted ON saved_solves (deleted_at) WHERE deleted_at IS NOT NULL;
    CREATE INDEX own_methods_deleted ON own_methods (deleted_at) WHERE deleted_at IS NOT NULL;
    CREATE INDEX accounts_of_guests ON accounts (created_at) WHERE role = 'guest';
  `);
}

export async function down(send: Send): Promise<void> {
  await send(`
    DROP INDEX accounts_of_guests, own_methods_deleted, saved_solves_deleted, log_entries_deleted;
    DROP TABLE daily_work, secrets, familiar_addresses;
    ALTER TABLE tries RENAME TO sign_in_failures;
    ALTER TABLE sessions DROP COLUMN seen_on;
  `);
}
