import { spawnSync } from 'node:child_process';
import { ROOT } from './places.js';

/** What each room stands on (docs/architecture.md). Journeys drive all of it. */
const STANDS_ON: Readonly<Record<string, readonly string[]>> = {
  core: [],
  memory: ['core'],
  contract: ['core'],
  server: ['core', 'contract', 'memory'],
  cli: ['core', 'contract'],
  web: ['core', 'contract', 'memory'],
  scripts: ['core', 'contract', 'memory', 'server'],
  journeys: ['core', 'contract', 'memory', 'server', 'web', 'scripts'],
};

/** What can be asked for by `npm test -- …`. */
export const ROOMS: readonly string[] = Object.keys(STANDS_ON);

/** The rooms in which these files are, and all that stand on them; all rooms for what is in none. */
export function roomsOf(files: readonly string[]): string[] {
  const changed = new Set(
    files
      .filter((file) => !/^docs\/|\.md$/.test(file))
      .map((file) => file.split('/')[0]!)
      .map((room) => (room === 'e2e' ? 'journeys' : room)),
  );
  if ([...changed].some((room) => !ROOMS.includes(room))) return [...ROOMS];
  return ROOMS.filter(
    (room) => changed.has(room) || STANDS_ON[room]!.some((below) => changed.has(below)),
  );
}

/**
 * The rooms asked for by name, or by `changed` those that changed since main and what stands on them;
 * all where nothing is asked for.
 * @throws Error in a sentence when there is no such room
 */
export function chosenRooms(asked: readonly string[]): readonly string[] {
  if (asked.length === 0) return ROOMS;
  const stray = asked.find((one) => one !== 'changed' && !ROOMS.includes(one));
  if (stray !== undefined) {
    throw new Error(`There is no room ${stray}: give some of ${ROOMS.join(', ')}, or changed.`);
  }
  const changed = asked.includes('changed') ? roomsOf(changedFiles()) : [];
  return ROOMS.filter((room) => asked.includes(room) || changed.includes(room));
}

/** The files that differ from main, as it is at its origin where there is one. */
function changedFiles(): string[] {
  const git = (...args: string[]): string[] | undefined => {
    const done = spawnSync('git', args, { cwd: ROOT, encoding: 'utf8' });
    return done.status === 0 ? done.stdout.split('\n').filter((line) => line !== '') : undefined;
  };
  const base = git('merge-base', 'HEAD', 'origin/main') ?? git('merge-base', 'HEAD', 'main');
  if (!base) throw new Error('What changed is told by git, and there is no branch main here.');
  const committed = git('diff', '--name-only', base[0]!) ?? [];
  const fresh = git('ls-files', '--others', '--exclude-standard') ?? [];
  return [...committed, ...fresh];
}
