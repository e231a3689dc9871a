/** A failure to be told in one sentence that says what to do. */
export class ToldError extends Error {}

/** Progress, for the person at the terminal. */
export const say = (text: string): void => {
  process.stderr.write(`${text}\n`);
};

/** What stands between a full disk or missing rights and the person who must mend it. */
export function tellSystemError(error: NodeJS.ErrnoException, path: string): ToldError {
  if (error.code === 'ENOSPC') return new ToldError(diskFull(path));
  if (error.code === 'EACCES' || error.code === 'EROFS') {
    return new ToldError(
      `${path} cannot be written: mend its rights, or name another folder in SLEETCREST_DATA.`,
    );
  }
  return new ToldError(`${path}: ${error.message}`);
}

export const diskFull = (path: string): string =>
  `The disk is full: free at least 500 MB where ${path} is, then run this again.`;

/** Runs the main function of a command; a failure is told and ends the process with status 1. */
export async function command(main: () => Promise<void>): Promise<void> {
  try {
    await main();
  } catch (error) {
    process.stderr.write(`${tell(error as Error)}\n`);
    process.exitCode = 1;
  }
}

/** What is told of a failure: a sentence where we know one, or else all there is to know. */
export function tell(error: Error): string {
  if (error instanceof ToldError) return error.message;
  // PostgreSQL and Node say it alike, wherever it happened.
  if (/ENOSPC|No space left/i.test(error.message)) return diskFull('the project');
  return error.stack ?? error.message;
}
