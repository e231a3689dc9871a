import type { Send } from '../migrate.js';

/** What it takes to agree after being without a network: what changed when, and in which field. */
export async function up(send: Send): Promise<void> {
  await send(`
    -- Constant at first, so that a log of any size is not written anew.
    ALTER TABLE log_entries ADD COLUMN changed_at timestamptz NOT NULL DEFAULT now();
    ALTER TABLE log_entries ALTER COLUMN changed_at SET DEFAULT clock_timestamp();
    CREATE FUNCTION log_entry_changed() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN NEW.changed_at := clock_timestamp(); RETURN NEW; END
    $$;
    CREATE TRIGGER log_entry_changed BEFORE UPDATE ON log_entries
      FOR EACH ROW EXECUTE FUNCTION log_entry_changed();
    CREATE INDEX log_entries_changed ON log_entries (account_id, changed_at);
    -- What was told in a field and when, what lost to a later change too.
    CREATE TABLE log_told (
      account_id uuid NOT NULL,
      entry_id   uuid NOT NULL,
      field      varchar(20) NOT NULL,
      change_id  uuid NOT NULL,
      value      jsonb NOT NULL,
      at         timestamptz(3) NOT NULL,
      heard_at   timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (account_id, entry_id, field, change_id),
      FOREIGN KEY (account_id, entry_id) REFERENCES log_entries ON DELETE CASCADE
    );
    CREATE INDEX log_told_heard ON log_told (heard_at);
    -- By setting: its value, and when it was told.
    CREATE TABLE settings (
      account_id uuid PRIMARY KEY REFERENCES accounts ON DELETE CASCADE,
      told       jsonb NOT NULL DEFAULT '{}'
    );
  `);
}

export async function down(send: Send): Promise<void> {
  await send(`
    DROP TABLE settings, log_told;
    DROP INDEX log_entries_changed;
    DROP TRIGGER log_entry_changed ON log_entries;
    DROP FUNCTION log_entry_changed;
    ALTER TABLE log_entries DROP COLUMN changed_at;
  `);
}
