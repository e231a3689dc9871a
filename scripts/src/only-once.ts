import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { ToldError, tellSystemError } from './said.js';

/** Whether a process of ours with this number is running. */
function runs(pid: number): boolean {
  const commandLine = `/proc/${pid}/cmdline`;
  return existsSync(commandLine) && readFileSync(commandLine, 'utf8').includes('run.mjs');
}

/** The process that runs over some data, if one does, by the file that says so. */
export function runsOver(file: string): number | undefined {
  const pid = existsSync(file) ? Number(readFileSync(file, 'utf8')) : NaN;
  return pid !== process.pid && runs(pid) ? pid : undefined;
}

/** Keeps a second `npm start` over the same data from taking the first one's database. */
export function onlyOnce(file: string): () => void {
  const pid = runsOver(file);
  if (pid !== undefined) {
    throw new ToldError(
      `Sleetcrest runs over this data already (process ${pid}): stop it first, with Ctrl-C where it was started.`,
    );
  }
  try {
    mkdirSync(dirname(file), { recursive: true });
    writeFileSync(file, String(process.pid));
  } catch (error) {
    throw tellSystemError(error as NodeJS.ErrnoException, file);
  }
  return () => rmSync(file, { force: true });
}
