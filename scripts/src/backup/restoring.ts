import { migrate } from '@sleetcrest/server';
import type { Cluster } from '../postgres/cluster.js';
import { ToldError } from '../said.js';
import { drop, heldIn, readInto, type Held } from './archive.js';

const COMING = 'sleetcrest_coming';
const GOING = 'sleetcrest_going';

/**
 * Puts what is in an archive in the place of a database. It is read, looked at and brought up to date
 * beside the one that is there, which is touched only once all of that went well.
 */
export async function restoreFrom(
  cluster: Cluster,
  file: string,
  database: string,
): Promise<Held | undefined> {
  // What an earlier try that was cut off left behind.
  await drop(cluster, COMING);
  await readInto(cluster, file, COMING);
  try {
    await refuseForeign(cluster, file);
    await migrate(cluster.url(COMING)).catch((error: Error) => {
      throw new ToldError(`${file} cannot be used: ${error.message}`);
    });
    await endSessions(cluster);
    const held = await heldIn(cluster, COMING);
    await exchange(cluster, database);
    return held;
  } finally {
    await drop(cluster, COMING);
  }
}

async function refuseForeign(cluster: Cluster, file: string): Promise<void> {
  const found = await cluster.asAdmin(COMING, (client) =>
    client.query(`SELECT FROM pg_tables WHERE schemaname = 'public' AND tablename = 'migrations'`),
  );
  if (found.rowCount === 0) throw new ToldError(`${file} is no backup of Sleetcrest.`);
}

/**
 * Sessions that ended after the backup was made would be there again: whoever has an account signs in
 * anew. A guest is known by nothing else, and keeps theirs.
 */
async function endSessions(cluster: Cluster): Promise<void> {
  await cluster.asAdmin(COMING, (client) =>
    client.query(
      `DELETE FROM sessions USING accounts WHERE accounts.id = account_id AND role <> 'guest'`,
    ),
  );
}

async function exchange(cluster: Cluster, database: string): Promise<void> {
  const there = (await cluster.databases()).includes(database);
  await drop(cluster, GOING);
  await cluster.asAdmin('postgres', async (client) => {
    const rename = (from: string, to: string) =>
      client.query(
        `ALTER DATABASE ${client.escapeIdentifier(from)} RENAME TO ${client.escapeIdentifier(to)}`,
      );
    // Both or neither: whatever happens meanwhile, there is one of that name.
    await client.query('BEGIN');
    if (there) await rename(database, GOING);
    await rename(COMING, database);
    await client.query('COMMIT');
  });
  await drop(cluster, GOING);
}
