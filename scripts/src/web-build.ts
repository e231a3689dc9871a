import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, STATE, WEB_ROOT } from './places.js';
import { diskFull, say, ToldError } from './said.js';

const STAMP = join(STATE, 'web.stamp');
const SOURCES = ['core/src', 'contract/src', 'web/src', 'web/public'];
const FILES = [
  'package-lock.json',
  'web/angular.json',
  'web/ngsw-config.json',
  'web/tsconfig.json',
];

function fingerprint(): string {
  const hash = createHash('sha256');
  const files = SOURCES.flatMap((folder) =>
    readdirSync(join(ROOT, folder), { recursive: true, withFileTypes: true })
      .filter((entry) => entry.isFile())
      .map((entry) => join(entry.parentPath, entry.name)),
  );
  for (const file of [...files.sort(), ...FILES.map((name) => join(ROOT, name))]) {
    const { mtimeMs, size } = statSync(file);
    hash.update(`${file} ${mtimeMs} ${size}\n`);
  }
  return hash.digest('hex');
}

/** Builds the web application unless the build there is from these very sources. */
export async function buildWeb(): Promise<void> {
  const wanted = fingerprint();
  const built = existsSync(STAMP) && existsSync(join(WEB_ROOT, 'index.html'));
  if (built && readFileSync(STAMP, 'utf8') === wanted) return;
  say('Building the web application …');
  const { status, said } = await new Promise<{ status: number | null; said: string }>((resolve) => {
    const ng = join(ROOT, 'node_modules/@angular/cli/bin/ng.js');
    const child = spawn(process.execPath, [ng, 'build'], {
      cwd: join(ROOT, 'web'),
      env: { ...process.env, NG_CLI_ANALYTICS: 'false', CI: 'true' },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let text = '';
    for (const stream of [child.stdout, child.stderr]) {
      stream.setEncoding('utf8').on('data', (part: string) => (text += part));
    }
    child.on('close', (code) => resolve({ status: code, said: text }));
  });
  if (status !== 0) {
    say(said.trim().split('\n').slice(-30).join('\n'));
    throw new ToldError(
      /ENOSPC/.test(said)
        ? diskFull(ROOT)
        : 'The web application did not build; what went wrong is above.',
    );
  }
  writeFileSync(STAMP, wanted);
}

/** Ends with a sentence where the pages were not built. */
export function needWeb(): void {
  if (existsSync(join(WEB_ROOT, 'index.html'))) return;
  throw new ToldError('The pages are not built here yet: run “node scripts/run.mjs build” first.');
}
