import { spawn } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { installPackage } from './debian.js';
import { loadDemo } from './demo/load.js';
import { ROOT } from './places.js';
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
const CHROMIUM = '/usr/bin/chromium';
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
  const from = said.search(/^Failures:/m);
  const lines = said
    .slice(Math.max(from, 0))
    .split('\n')
    .filter((line) => line.trim() !== '' && !/Executed \d+ of \d+ SUCCESS/.test(line));
  return (from < 0 ? lines.slice(-TOLD_AGAIN) : lines.slice(0, TOLD_AGAIN)).join('\n');
}

async function jasmine(room: string, env: NodeJS.ProcessEnv = {}): Promise<Outcome> {
  const args = [bin('jasmine/bin/jasmine.js'), '--config=jasmine.json'];
  const ended = await run(room, args, env);
  const [, all = '0', failed = '0'] = /(\d+) specs?, (\d+) failures?/.exec(ended.said) ?? [];
  return counted(ended, Number(all) - Number(failed), Number(failed));
}

async function karma(): Promise<Outcome> {
  const ended = await run('web', [bin('@angular/cli/bin/ng.js'), 'test'], {
    CHROME_BIN: CHROMIUM,
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

async function journeys(databaseUrl: string): Promise<Outcome> {
  await loadDemo(databaseUrl);
  const server = await WebServer.start({ databaseUrl, port: await freePort(), demo: true });
  try {
    const ended = await run('e2e', [bin('@playwright/test/cli.js'), 'test'], {
      SLEETCREST_ADDRESS: server.address,
      SLEETCREST_CHROMIUM: CHROMIUM,
    });
    const report = JSON.parse(readFileSync(join(ROOT, 'test-results/journeys.json'), 'utf8')) as {
      stats: { expected: number; unexpected: number; flaky: number };
    };
    const { expected, unexpected, flaky } = report.stats;
    return counted(ended, expected, unexpected + flaky);
  } finally {
    await server.stop();
  }
}

/** Does two lists of things at one time, as there are two cores. */
async function beside(...lanes: (() => Promise<void>)[]): Promise<void> {
  heldBack = true;
  await Promise.all(lanes.map((lane) => lane()));
  heldBack = false;
}

await command(async () => {
  if (!existsSync(CHROMIUM)) installPackage('chromium');
  const outcomes: Omit<Outcome, 'said'>[] = [];
  const failures: string[] = [];
  const add = async (what: string, outcome: Promise<Outcome>): Promise<void> => {
    const { passed, failed, said } = await outcome;
    say(`— ${what}: ${passed} passed, ${failed} failed`);
    outcomes.push({ passed, failed });
    if (failed > 0) failures.push(`— What failed in ${what}:\n${excerpt(said)}`);
  };
  const heading = (what: string): void => say(`\n— ${what} …`);

  const everything = async ({ cluster }: Throwaway): Promise<void> => {
    heading('Lint, format and types; specs of core, contract, cli, and server over PostgreSQL');
    await beside(
      () => add('core', jasmine('core')),
      async () => {
        await add('lint', check('.', [bin('eslint/bin/eslint.js'), '.', '--max-warnings', '0']));
        await add(
          'format',
          check('.', [bin('prettier/bin/prettier.cjs'), '--check', '--log-level=warn', '.']),
        );
        await add('types of the journeys', check('e2e', [bin('typescript/bin/tsc'), '-p', '.']));
        for (const room of ['contract', 'cli']) await add(room, jasmine(room));
        const url = { SLEETCREST_TEST_DATABASE_URL: cluster.adminUrl('postgres') };
        await add('server', jasmine('server', url));
      },
    );
    buildWeb();
    heading('Specs of web, in Chromium; of scripts, over the built application');
    await beside(
      () => add('web', karma()),
      () => add('scripts', jasmine('scripts')),
    );
    heading('Journeys through the built application');
    await cluster.ensureDatabase('journeys');
    await add('journeys', journeys(cluster.url('journeys')));
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
