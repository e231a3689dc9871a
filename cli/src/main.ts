import { readFile } from 'node:fs/promises';
import { createInterface } from 'node:readline';
import { run } from './run.js';

// A reader such as `head` may close the pipe early; that is no failure of ours.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code === 'EPIPE') process.exit(0);
  throw error;
});

process.exitCode = await run(process.argv.slice(2), {
  readFile: (path) => readFile(path, 'utf8'),
  lines: () => createInterface({ input: process.stdin, crlfDelay: Infinity }),
  out: (text) => process.stdout.write(`${text}\n`),
  err: (text) => process.stderr.write(`${text}\n`),
  rewrite: process.stderr.isTTY ? (text) => process.stderr.write(`\r\u001b[2K${text}`) : undefined,
});
