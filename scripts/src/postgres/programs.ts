import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { installPackage } from '../debian.js';
import { Told } from '../said.js';

const DEBIAN = '/usr/lib/postgresql';

function find(): string | undefined {
  const versions = existsSync(DEBIAN) ? readdirSync(DEBIAN) : [];
  return versions
    .sort((a, b) => Number(b) - Number(a))
    .map((version) => join(DEBIAN, version, 'bin'))
    .find((folder) => existsSync(join(folder, 'initdb')) && existsSync(join(folder, 'postgres')));
}

/** The folder of PostgreSQL's programs; Debian's package is installed when no server is found. */
export function postgresPrograms(): string {
  const found = find();
  if (found) return found;
  installPackage('postgresql');
  const installed = find();
  if (!installed) throw new Told(`PostgreSQL was installed, but no server is in ${DEBIAN}.`);
  return installed;
}
