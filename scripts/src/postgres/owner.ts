import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { chownSync, mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { say, tellSystemError, ToldError } from '../said.js';

/** The user PostgreSQL runs as: ids for `spawn`, or none for the user who started us. */
export interface Owner {
  uid?: number;
  gid?: number;
}

const DATABASE_USER = 'postgres';

function idOf(flag: '-u' | '-g'): number | undefined {
  const asked = spawnSync('id', [flag, DATABASE_USER], { encoding: 'utf8' });
  return asked.status === 0 ? Number(asked.stdout) : undefined;
}

/** PostgreSQL refuses to run as root: then it runs as Debian's user for it, made if missing. */
export function databaseOwner(): Owner {
  if (process.getuid?.() !== 0) return {};
  if (idOf('-u') === undefined) {
    spawnSync('useradd', ['--system', '--home-dir', '/var/lib/postgresql', DATABASE_USER]);
  }
  const uid = idOf('-u');
  const gid = idOf('-g');
  if (uid === undefined || gid === undefined) {
    throw new ToldError(
      `PostgreSQL may not run as root, and there is no user ${DATABASE_USER}: make one with “useradd --system ${DATABASE_USER}”.`,
    );
  }
  return { uid, gid };
}

function make(folder: string, { uid, gid }: Owner): void {
  try {
    // Folders above it stay open to all, or the database's user could not pass through them.
    mkdirSync(dirname(folder), { recursive: true, mode: 0o755 });
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    if (uid !== undefined && gid !== undefined) chownSync(folder, uid, gid);
  } catch (error) {
    throw tellSystemError(error as NodeJS.ErrnoException, folder);
  }
}

/**
 * A folder the owner can write in: the wanted one, or, where a folder above it is closed to the
 * database's user, one in /var/lib that belongs to that place alone, and is told.
 */
export function reachableFolder(wanted: string, owner: Owner): string {
  make(wanted, owner);
  if (owner.uid === undefined) return wanted;
  const reached = spawnSync('test', ['-w', wanted], { ...owner, cwd: '/' });
  if (reached.status === 0) return wanted;
  const mark = createHash('sha256').update(wanted).digest('hex').slice(0, 12);
  const other = join('/var/lib/sleetcrest', mark);
  make(other, owner);
  say(`The user ${DATABASE_USER} cannot reach ${wanted}; the database is kept in ${other}.`);
  return other;
}
