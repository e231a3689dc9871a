import type { Send } from '../migrate.js';

/** Cubes that were kept, how each is to be solved, and how far its walk has come. */
export async function up(send: Send): Promise<void> {
  await send(`
    CREATE TABLE saved_solves (
      id            uuid PRIMARY KEY,
      name          varchar(80) NOT NULL CHECK (btrim(name) <> ''),
      start         jsonb NOT NULL CHECK ((start ->> 'format') IS NOT DISTINCT FROM 'sleetcrest/cube@1'),
      method        varchar(60) NOT NULL CHECK (method ~ '^[a-z0-9]+(-[a-z0-9]+)*$'),
      first_colour  text NOT NULL
                    CHECK (first_colour IN ('white', 'red', 'green', 'yellow', 'orange', 'blue')),
      step_count    integer NOT NULL CHECK (step_count >= 0),
      turn_count    integer NOT NULL CHECK (turn_count >= step_count),
      position_step integer NOT NULL DEFAULT 0 CHECK (position_step BETWEEN 0 AND step_count),
      position_turn integer NOT NULL DEFAULT 0 CHECK (position_turn >= 0),
      created_at    timestamptz NOT NULL,
      updated_at    timestamptz NOT NULL,
      deleted_at    timestamptz,
      -- At the end there is no step left to be in the middle of.
      CHECK (position_step < step_count OR position_turn = 0)
    );
    CREATE INDEX saved_solves_newest ON saved_solves (created_at DESC, id DESC)
      WHERE deleted_at IS NULL;
  `);
}

export async function down(send: Send): Promise<void> {
  await send('DROP TABLE saved_solves');
}
