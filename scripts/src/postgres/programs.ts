import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { installPackage } from '../debian.js';
import { ToldError } from '../said.js';

const DEBIAN = '/usr/lib/postgresql';

/** The newest there is, or that of a version. */
function find(wanted?: string): string | undefined {
  const versions = existsSync(DEBIAN) ? readdirSync(DEBIAN) : [];
  return versions
    .filter((version) => wanted === undefined || version === wanted)
    .sort((a, b) => Number(b) - Number(a))
    .map((version) => join(DEBIAN, version, 'bin'))
    .find((folder) => existsSync(join(folder, 'initdb')) && existsSync(join(folder, 'postgres')));
}

/**
 * The folder of PostgreSQL's programs; Debian's package is installed when no server is found. Data
 * made by one version can be read by that version alone: `madeBy` is the one that must be there.
 */
export function postgresPrograms(madeBy?: string): string {
  const found = find(madeBy);
  if (found) return found;
  const name = madeBy === undefined ? 'postgresql' : `postgresql-${madeBy}`;
  try {
    installPackage(name);
  } catch (error) {
    if (madeBy === undefined) throw error;
    throw new ToldError(
      `The database was made by PostgreSQL ${madeBy}, which is not here: install Debian's ${name}, or restore a backup into an empty place (docs/running.md, “A newer PostgreSQL”).`,
    );
  }
  const installed = find(madeBy);
  if (!installed) throw new ToldError(`PostgreSQL was installed, but no server is in ${DEBIAN}.`);
  return installed;
}
