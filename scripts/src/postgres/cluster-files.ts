import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { tellSystemError } from '../said.js';

/** Whether a process is a database server over a folder. */
export function isServerOf(folder: string, pid: number): boolean {
  const commandLine = `/proc/${pid}/cmdline`;
  return existsSync(commandLine) && readFileSync(commandLine, 'utf8').includes(folder);
}

/** The version that made the data in a folder; undefined where there is none yet. */
export function versionOf(folder: string): string | undefined {
  const file = join(folder, 'PG_VERSION');
  return existsSync(file) ? readFileSync(file, 'utf8').trim() : undefined;
}

export const lastLine = (text: string): string => text.trim().split('\n').at(-1) ?? '';

export function passwordIn(file: string): string {
  try {
    if (existsSync(file)) return readFileSync(file, 'utf8').trim();
    const password = randomBytes(24).toString('base64url');
    mkdirSync(dirname(file), { recursive: true });
    writeFileSync(file, password, { mode: 0o600 });
    return password;
  } catch (error) {
    throw tellSystemError(error as NodeJS.ErrnoException, file);
  }
}
