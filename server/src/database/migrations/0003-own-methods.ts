import type { Send } from '../migrate.js';

/** Methods that people made themselves, and solves that are walked by one of those. */
export async function up(send: Send): Promise<void> {
  await send(`
    CREATE TABLE own_methods (
      id         varchar(60) PRIMARY KEY CHECK (id ~ '^[a-z0-9]+(-[a-z0-9]+)*$'),
      document   jsonb NOT NULL
                 CHECK ((document ->> 'format') IS NOT DISTINCT FROM 'sleetcrest/method@1')
                 CHECK ((document ->> 'id') IS NOT DISTINCT FROM id),
      proof      text NOT NULL CHECK (proof IN ('proved', 'failing', 'unproved')),
      created_at timestamptz NOT NULL,
      updated_at timestamptz NOT NULL,
      deleted_at timestamptz
    );
    -- A solve keeps the method it was begun with, however that is changed later.
    ALTER TABLE saved_solves ADD COLUMN own_method jsonb
      CHECK (own_method IS NULL OR (own_method ->> 'id') IS NOT DISTINCT FROM method);
  `);
}

export async function down(send: Send): Promise<void> {
  await send(`
    ALTER TABLE saved_solves DROP COLUMN own_method;
    DROP TABLE own_methods;
  `);
}
