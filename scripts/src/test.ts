import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { browserOfTests } from './browser.js';
import { chosenRooms } from './chosen.js';
import { loadDemo } from './demo/load.js';
import { ROOT } from './places.js';
import { MortalNode } from './mortal-node.js';
import { freePort } from './ports.js';
import { overThrowaway, type Throwaway } from './postgres/throwaway.js';
import { command, say } from './said.js';
import { buildWeb } from './web-build.js';
import { WebServer } from './web-server.js';

interface Outcome {
  passed: number;
  failed: number;
  /** All that was said on the way. */
  said: string;
}

/** Lines of a failure that are told again at the end. */
const TOLD_AGAIN = 60;

/** Quick rather than safe: what tests keep is gone afterwards. */
const QUICK = ['fsync=off', 'synchronous_commit=off', 'full_page_writes=off'];
const bin = (path: string): string => join(ROOT, 'node_modules', path);

/** While two things run beside each other, each is shown once it has ended. */
let heldBack = false;

/** Runs a program of Node's in a room, showing what it says; gives its status and all it said. */
function run(
  room: string,
  args: string[],
  env: NodeJS.ProcessEnv = {},
): Promise<{ status: number; said: string }> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, args, {
      cwd: join(ROOT, room),
      env: { ...process.env, NG_CLI_ANALYTICS: 'false', FORCE_COLOR: '0', ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let said = '';
    for (const stream of [child.stdout, child.stderr]) {
      stream.setEncoding('utf8').on('data', (text: string) => {
        said += text;
        if (!heldBack) process.stdout.write(text);
      });
    }
    const shownAtTheEnd = heldBack;
    child.on('close', (status) => {
      if (shownAtTheEnd) process.stdout.write(said);
      resolve({ status: status ?? 1, said });
    });
  });
}

/** A check that passes or fails as one. */
async function check(room: string, args: string[]): Promise<Outcome> {
  const { status, said } = await run(room, args);
  return { passed: status === 0 ? 1 : 0, failed: status === 0 ? 0 : 1, said };
}

/** Counts what a runner reports; one that ends badly without a count has failed once. */
function counted(
  { status, said }: { status: number; said: string },
  passed: number,
  failed: number,
): Outcome {
  const silent = status !== 0 && failed === 0;
  return { passed, failed: failed + (silent || passed + failed === 0 ? 1 : 0), said };
}

/** What is worth reading again of what a failed run said: where the list of failures begins, or the end. */
function excerpt(said: string): string {
  const from = said.search(/^Failures:|^.* FAILED$/m);
  const lines = said
    .slice(Math.max(from, 0))
    .split('\n')
    .filter((line) => line.trim() !== '' && !/Executed \d+ of \d+/.test(line));
  return (from < 0 ? lines.slice(-TOLD_AGAIN) : lines.slice(0, TOLD_AGAIN)).join('\n');
}

async function jasmine(room: string, env: NodeJS.ProcessEnv = {}): Promise<Outcome> {
  const args = [bin('jasmine/bin/jasmine.js'), '--config=jasmine.json'];
  const ended = await run(room, args, env);
  const found = /(\d+) specs?, (\d+) failures?(?:, (\d+) pending)?/.exec(ended.said) ?? [];
  // A spec that waits to be written, or is left out, has not passed.
  const [all, failed, pending] = [1, 2, 3].map((k) => Number(found[k] ?? 0)) as [
    number,
    number,
    number,
  ];
  return counted(ended, all - failed - pending, failed);
}

async function karma(browser: string): Promise<Outcome> {
  const ended = await run('web', [bin('@angular/cli/bin/ng.js'), 'test'], {
    CHROME_BIN: browser,
  });
  const last =
    ended.said
      .split('\n')
      .filter((line) => line.includes('TOTAL'))
      .at(-1) ?? '';
  const number = (word: string): number =>
    Number(new RegExp(`(\\d+) ${word}`).exec(last)?.[1] ?? 0);
  return counted(ended, number('SUCCESS'), number('FAILED'));
}

async function journeys(databaseUrl: string, browser: string): Promise<Outcome> {
  await loadDemo(databaseUrl);
  const server = await WebServer.start({ databaseUrl, port: await freePort(), demo: true });
  // Another node on the same database, which dies in the middle of an evening.
  const mortal = await MortalNode.start({ databaseUrl, demo: true, logLevel: 'silent' });
  try {
    const ended = await run('e2e', [bin('@playwright/test/cli.js'), 'test'], {
      SLEETCREST_ADDRESS: server.address,
      SLEETCREST_SECOND_NODE: mortal.address,
      SLEETCREST_SECOND_DEATH: mortal.control,
      SLEETCREST_CHROMIUM: browser,
    });
    const report = JSON.parse(readFileSync(join(ROOT, 'test-results/journeys.json'), 'utf8')) as {
      stats: { expected: number; unexpected: number; flaky: number };
    };
    const { expected, unexpected, flaky } = report.stats;
    return counted(ended, expected, unexpected + flaky);
  } finally {
    await mortal.stop();
    await server.stop();
  }
}

/** Something to be done, and what can only be done after it. */
interface Task {
  what: string;
  run: () => Promise<Outcome>;
  then?: readonly Task[];
}

const CORES = 2;

/** Does things at once, as many as there are cores: those given first first, others once they may. */
async function together(tasks: readonly Task[], one: (task: Task) => Promise<void>): Promise<void> {
  const waiting = [...tasks];
  const underWay = new Set<Promise<void>>();
  heldBack = true;
  while (waiting.length > 0 || underWay.size > 0) {
    while (waiting.length > 0 && underWay.size < CORES) {
      const task = waiting.shift()!;
      const work: Promise<void> = one(task).then(() => {
        underWay.delete(work);
        waiting.unshift(...(task.then ?? []));
      });
      underWay.add(work);
    }
    await Promise.race(underWay);
  }
  heldBack = false;
}

await command(async () => {
  const asked = process.argv.slice(2);
  const rooms = chosenRooms(asked);
  const isWhole = asked.length === 0;
  say(
    isWhole ? 'Testing everything.' : `Testing ${rooms.join(', ') || 'nothing: nothing changed'}.`,
  );
  const wanted = (task: Task): Task[] => (rooms.includes(task.what) ? [task] : []);
  const needsPages = ['web', 'scripts', 'journeys'].some((room) => rooms.includes(room));
  const browser = needsPages ? browserOfTests() : '';
  const outcomes: Omit<Outcome, 'said'>[] = [];
  const failures: string[] = [];
  const took: string[] = [];
  const count = async ({ what, run }: Task): Promise<void> => {
    const begun = performance.now();
    const { passed, failed, said } = await run();
    const seconds = Math.round((performance.now() - begun) / 1000);
    say(`— ${what}: ${passed} passed, ${failed} failed, ${seconds} s`);
    took.push(`${what} ${seconds} s`);
    outcomes.push({ passed, failed });
    if (failed > 0) failures.push(`— What failed in ${what}:\n${excerpt(said)}`);
  };

  const everything = async ({ cluster }: Throwaway): Promise<void> => {
    const url = { SLEETCREST_TEST_DATABASE_URL: cluster.adminUrl('postgres') };
    const checked = (what: string, path: string, ...args: string[]): Task => ({
      what,
      run: () => check(what.startsWith('types') ? 'e2e' : '.', [bin(path), ...args]),
    });
    const specs = (room: string, env?: NodeJS.ProcessEnv): Task => ({
      what: room,
      run: () => jasmine(room, env),
    });
    const checks = [
      checked('lint', 'eslint/bin/eslint.js', '.', '--max-warnings', '0'),
      checked('format', 'prettier/bin/prettier.cjs', '--check', '--log-level=warn', '.'),
      checked('names that nobody uses', 'knip/bin/knip.js'),
      checked(
        'circles',
        'dependency-cruiser/bin/dependency-cruise.mjs',
        '-c',
        '.dependency-cruiser.mjs',
        'core/src',
      ),
      checked('types of the journeys', 'typescript/bin/tsc', '-p', '.'),
    ];
    // One build for the specs over the application and for the journeys. What takes longest comes
    // first, so that neither core is left with it at the end.
    const build: Task = {
      what: 'building the pages',
      run: async () => {
        await buildWeb();
        return { passed: 1, failed: 0, said: '' };
      },
      then: wanted(specs('scripts')),
    };
    await together(
      [
        ...wanted(specs('core')),
        ...(rooms.includes('scripts') || rooms.includes('journeys') ? [build] : []),
        ...wanted({ what: 'web', run: () => karma(browser) }),
        ...wanted(specs('server', url)),
        ...(isWhole ? checks : []),
        ...wanted(specs('contract')),
        ...wanted(specs('memory')),
        ...wanted(specs('cli')),
      ],
      count,
    );
    if (rooms.includes('journeys')) {
      await cluster.ensureDatabase('journeys');
      await count({ what: 'journeys', run: () => journeys(cluster.url('journeys'), browser) });
    }
    say(`\n— Where the time went: ${took.join(', ')}.`);
  };
  try {
    await overThrowaway('test', everything, QUICK);
  } finally {
    // Told where it is looked for: far above, it is lost among the progress of other rooms.
    for (const failure of failures) say(`\n${failure}`);
  }
  const sum = (key: 'passed' | 'failed'): number =>
    outcomes.reduce((total, one) => total + one[key], 0);
  process.exitCode = sum('failed') > 0 ? 1 : 0;
  process.stdout.write(`${sum('passed')} passed, ${sum('failed')} failed\n`);
});
