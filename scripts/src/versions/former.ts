import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, rmSync, symlinkSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, STATE } from '../places.js';

/** The version that runs out there while this one is brought in; set anew with each that is given out. */
export const FORMER = '3f722c2';

const ROOMS = ['core', 'memory', 'contract', 'server'];

const git = (...args: string[]): Buffer =>
  execFileSync('git', args, { cwd: ROOT, maxBuffer: 1 << 29, stdio: ['ignore', 'pipe', 'ignore'] });

/** A clone without its history has no version before: what there is stands for it. */
function commit(): string {
  try {
    git('cat-file', '-e', `${FORMER}^{commit}`);
    return FORMER;
  } catch {
    return 'HEAD';
  }
}

/** Builds the version before this one from the history, once, and gives its folder. */
export function formerVersion(): string {
  const from = commit();
  const folder = join(STATE, `former-${git('rev-parse', from).toString().slice(0, 12)}`);
  const built = join(folder, 'built');
  if (existsSync(built)) return folder;
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(join(folder, 'node_modules/@sleetcrest'), { recursive: true });
  const specs = ROOMS.flatMap((room) => [`:(exclude)${room}/**/*.spec.ts`]);
  const archive = git('archive', from, '--', ...ROOMS, 'tsconfig.base.json', ...specs);
  execFileSync('tar', ['-x', '-C', folder], { input: archive });
  // Its own rooms come first; all other packages are those of this version. One that only it has (pino-http)
  // stands with what `scripts` needs to develop, until that version is no longer the one before.
  for (const room of ROOMS) {
    symlinkSync(join(folder, room), join(folder, 'node_modules/@sleetcrest', room));
  }
  // Its types were checked when it was this version.
  const build = [join(ROOT, 'node_modules/typescript/bin/tsc'), '-b', 'server', '--noCheck'];
  execFileSync(process.execPath, build, { cwd: folder, stdio: ['ignore', 'inherit', 'inherit'] });
  mkdirSync(built);
  return folder;
}
