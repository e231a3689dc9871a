import type { QueryInterface } from 'sequelize';

/** Which sets of ready-made data (such as the demo) were loaded, so that each is loaded once. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query(`
    CREATE TABLE loaded_data (
      name      varchar(60) PRIMARY KEY,
      loaded_at timestamptz NOT NULL DEFAULT now()
    )
  `);
}

export async function down({ sequelize }: QueryInterface): Promise<void> {
  await sequelize.query('DROP TABLE loaded_data');
}
