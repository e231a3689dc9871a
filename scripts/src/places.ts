import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The project's folder. */
export const ROOT = dirname(dirname(dirname(fileURLToPath(import.meta.url))));

/** What runs and is built by the commands, ignored by git. */
export const STATE = join(ROOT, '.sleetcrest');

export const WEB_ROOT = join(ROOT, 'web/dist/browser');

/** A number from the environment, or the default. */
export function portFrom(name: string, otherwise: number): number {
  const given = process.env[name];
  return given === undefined || given === '' ? otherwise : Number(given);
}
