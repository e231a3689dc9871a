import type { Send } from '../migrate.js';

/** Which sets of ready-made data (such as the demo) were loaded, so that each is loaded once. */
export async function up(send: Send): Promise<void> {
  await send(`
    CREATE TABLE loaded_data (
      name      varchar(60) PRIMARY KEY,
      loaded_at timestamptz NOT NULL DEFAULT now()
    )
  `);
}

export async function down(send: Send): Promise<void> {
  await send('DROP TABLE loaded_data');
}
