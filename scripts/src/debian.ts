import { spawnSync } from 'node:child_process';
import { ToldError, diskFull, say } from './said.js';

const isRoot = (): boolean => process.getuid?.() === 0;

/** Installs one of Debian's packages, as root or by sudo without a question; says what to do if it cannot. */
export function installPackage(name: string): void {
  const byHand = `apt-get install ${name}`;
  say(`Installing Debian's ${name} …`);
  const apt = (...args: string[]) => {
    const words = ['apt-get', ...args];
    const [file, ...rest] = isRoot() ? words : ['sudo', '-n', ...words];
    return spawnSync(file!, rest, {
      encoding: 'utf8',
      maxBuffer: 1 << 26,
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
  };
  // Package lists of a new machine may be missing or old.
  apt('update', '-q');
  const done = apt('install', '-y', '-q', '--no-install-recommends', name);
  if (done.status === 0) return;
  const said = `${done.stdout}${done.stderr}`;
  if (/No space left/i.test(said)) throw new ToldError(diskFull('/'));
  say(said.trim().split('\n').slice(-8).join('\n'));
  throw new ToldError(
    `Debian's ${name} is needed and could not be installed: run “${byHand}” as root, then run this again.`,
  );
}
