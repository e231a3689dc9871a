// The way in for every command: `node scripts/run.mjs COMMAND [ARGS]`.
//
// Runs before anything is installed, so it is plain JavaScript and uses Node alone. It installs the
// npm packages by the lock file, builds the rooms that run on Node, and hands over to the command's
// script. Both are skipped when nothing changed. What it says goes to standard error.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const [command = '', ...args] = process.argv.slice(2);
const COMMANDS = [
  'start',
  'test',
  'backup',
  'restore',
  'bench',
  'crash',
  'hostile',
  'nodes',
  'load',
  'screenshots',
  'formats',
  'facts',
  'patterns',
  'cube',
  'build',
];

function end(sentence) {
  process.stderr.write(`${sentence}\n`);
  process.exit(1);
}

if (!COMMANDS.includes(command)) end(`Give one of these commands: ${COMMANDS.join(', ')}.`);
const [major, minor] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 19)) {
  end(`Sleetcrest needs Node 20.19 or newer; this is ${process.versions.node}.`);
}

/** Runs a command quietly; on failure ends with one sentence and the last of what it said. */
function must(doing, file, argv) {
  process.stderr.write(`${doing} …\n`);
  const done = spawnSync(file, argv, { cwd: root, encoding: 'utf8', maxBuffer: 1 << 26 });
  if (done.status === 0) return;
  const said = `${done.stdout ?? ''}${done.stderr ?? ''}${done.error?.message ?? ''}`.trim();
  process.stderr.write(`${said.split('\n').slice(-25).join('\n')}\n`);
  if (/ENOSPC|No space left/i.test(said)) {
    end(`The disk is full: free about 1.5 GB where ${root} is, then run this again.`);
  }
  end(`${doing} failed; what it said is above.`);
}

const state = join(root, '.sleetcrest');
const read = (name) => {
  const file = join(state, name);
  return existsSync(file) ? readFileSync(file, 'utf8') : '';
};
function keep(name, value) {
  try {
    mkdirSync(state, { recursive: true });
    writeFileSync(join(state, name), value);
  } catch (error) {
    end(
      `${join(state, name)} cannot be written (${error.code}): free space or mend its rights, then run this again.`,
    );
  }
}
const digest = (text) => createHash('sha256').update(text).digest('hex');

/** Changes when a file below one of these folders does. */
function fingerprint(folders) {
  const files = folders.flatMap((folder) =>
    readdirSync(join(root, folder), { recursive: true, withFileTypes: true })
      .filter((entry) => entry.isFile())
      .map((entry) => join(entry.parentPath ?? entry.path, entry.name)),
  );
  const facts = files.sort().map((file) => {
    const { mtimeMs, size } = statSync(file);
    return `${file} ${mtimeMs} ${size}`;
  });
  return digest(facts.join('\n'));
}

/** Where it runs as a service, what was built before is run, and nothing is built while people wait. */
const prepared = args.includes('--prepared');
const rooms = ['core', 'contract', 'memory', 'server', 'cli', 'scripts'];
const isBuilt = rooms.every((room) => existsSync(join(root, room, 'dist')));
if (prepared && !isBuilt) end('Nothing is built here yet: run “node scripts/run.mjs build” first.');

const lock = digest(readFileSync(join(root, 'package-lock.json')));
const hasPackages = existsSync(join(root, 'node_modules/.bin/tsc'));
if (!prepared && (!hasPackages || read('packages.stamp') !== lock)) {
  must('Installing npm packages', 'npm', ['ci', '--no-audit', '--no-fund']);
  keep('packages.stamp', lock);
}

const built = () => lock + fingerprint(rooms.map((room) => `${room}/src`));
if (!prepared && (!isBuilt || read('rooms.stamp') !== built())) {
  // What was built from a source that is gone must not linger: its specs would go on running.
  for (const room of rooms) rmSync(join(root, room, 'dist'), { recursive: true, force: true });
  must('Building', process.execPath, [join(root, 'node_modules/typescript/bin/tsc'), '-b']);
  keep('rooms.stamp', built());
}

const script = command === 'cube' ? 'cli/dist/main.js' : `scripts/dist/${command}.js`;
process.argv = [process.argv[0], join(root, script), ...args];
await import(pathToFileURL(join(root, script)).href);
