import { randomUUID } from 'node:crypto';
import { chmodSync, existsSync, renameSync, rmSync } from 'node:fs';
import type { Cluster } from '../postgres/cluster.js';
import { tellSystemError, ToldError } from '../said.js';

/** What a backup holds, counted by reading it back. */
export interface Held {
  accounts: number;
  cubes: number;
  methods: number;
  records: number;
}

/** What a database holds; undefined where it is none of ours, or nothing was ever kept in it. */
export async function heldIn(cluster: Cluster, database: string): Promise<Held | undefined> {
  return cluster.asAdmin(database, async (client) => {
    const tables = await client.query(
      `SELECT FROM pg_tables WHERE schemaname = 'public' AND tablename = 'accounts'`,
    );
    if (tables.rowCount === 0) return undefined;
    const { rows } = await client.query<Held>(
      `SELECT (SELECT count(*)::int FROM accounts WHERE role <> 'guest') AS accounts,
         (SELECT count(*)::int FROM saved_solves) AS cubes,
         (SELECT count(*)::int FROM own_methods) AS methods,
         (SELECT count(*)::int FROM log_entries) AS records`,
    );
    const held = rows[0]!;
    return Object.values(held).some((count) => count > 0) ? held : undefined;
  });
}

export const tellHeld = ({ accounts, cubes, methods, records }: Held): string =>
  (
    [
      [accounts, 'account'],
      [cubes, 'saved cube'],
      [methods, 'own method'],
      [records, 'record'],
    ] as const
  )
    .map(([count, what]) => `${count.toLocaleString('en')} ${what}${count === 1 ? '' : 's'}`)
    .join(', ');

/**
 * Reads an archive into a database made for it. When that fails, nothing of it is left.
 * @throws ToldError when it cannot be read to its end.
 */
export async function readInto(cluster: Cluster, file: string, database: string): Promise<void> {
  await cluster.ensureDatabase(database);
  try {
    cluster.runProgram('pg_restore', [
      '--exit-on-error',
      '--no-owner',
      '--no-privileges',
      `--dbname=${database}`,
      file,
    ]);
    // What was restored is the administrator's until it is given to the application.
    await cluster.ensureDatabase(database);
  } catch (error) {
    await drop(cluster, database);
    throw error;
  }
}

export async function drop(cluster: Cluster, database: string): Promise<void> {
  await cluster.asAdmin('postgres', (client) =>
    client.query(`DROP DATABASE IF EXISTS ${client.escapeIdentifier(database)} WITH (FORCE)`),
  );
}

/**
 * Writes a database into a file, in PostgreSQL's own format for archives, and reads it back from
 * there to see that it is whole. Until then it has another name; a file of that name is not touched.
 */
export async function writeArchive(
  cluster: Cluster,
  database: string,
  file: string,
): Promise<Held | undefined> {
  if (existsSync(file)) throw new ToldError(`${file} is there already: give another name.`);
  const part = `${file}.part`;
  const check = `check_${randomUUID().replaceAll('-', '')}`;
  try {
    cluster.runProgram('pg_dump', ['--format=custom', `--file=${part}`, database]);
    // There are names and hashes of phrases in it.
    chmodSync(part, 0o600);
    await readInto(cluster, part, check);
    const held = await heldIn(cluster, check);
    renameSync(part, file);
    return held;
  } catch (error) {
    if (error instanceof ToldError) throw error;
    throw tellSystemError(error as NodeJS.ErrnoException, file);
  } finally {
    rmSync(part, { force: true });
    await drop(cluster, check);
  }
}
