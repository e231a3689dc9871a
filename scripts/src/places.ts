import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The project's folder. */
export const ROOT = dirname(dirname(dirname(fileURLToPath(import.meta.url))));

/** What runs and is built by the commands, ignored by git. */
export const STATE = join(ROOT, '.sleetcrest');

export const WEB_ROOT = join(ROOT, 'web/dist/browser');

/** The one database of the application in its cluster. */
export const DATABASE = 'sleetcrest';

/** Where an installation keeps its database, and what says that it runs. */
export function placeOfData(): { pidFile: string; folder: string; passwordFile: string } {
  const data = process.env['SLEETCREST_DATA'] ?? STATE;
  return {
    pidFile: join(data, 'start.pid'),
    folder: join(data, 'postgres'),
    passwordFile: join(data, 'postgres.password'),
  };
}

/** A number from the environment, or the default. */
export function portFrom(name: string, otherwise: number): number {
  const given = process.env[name];
  return given === undefined || given === '' ? otherwise : Number(given);
}
