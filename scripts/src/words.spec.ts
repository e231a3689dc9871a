import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'esbuild';
import { ROOT } from './places.js';

const ROOMS = ['core', 'contract', 'server', 'cli', 'web'];
/** What stands for any value: a count that is not one, so that every plural has its other text. */
const ANY = new Proxy({}, { has: () => true, get: () => 2 });

type Said = Record<string, string | ((values: object) => string)>;

/** All files of a room that keep words by key. */
const filesOf = (room: string): string[] =>
  readdirSync(join(ROOT, room, 'src'), { recursive: true, encoding: 'utf8' })
    .filter((file) => /(^|\/)(words|said)\.ts$/.test(file))
    .map((file) => join(room, 'src', file))
    .filter((file) => readFileSync(join(ROOT, file), 'utf8').includes('words({'));

/** What they say, by file; all of a room in one script. */
async function saidIn(room: string): Promise<Record<string, { SAY?: Said }>> {
  const files = filesOf(room);
  const lines = files.map((file, k) => `export * as file${k} from './${file}';`);
  const { outputFiles } = await build({
    stdin: { contents: lines.join('\n'), resolveDir: ROOT, loader: 'ts' },
    bundle: true,
    write: false,
    format: 'esm',
    platform: 'node',
  });
  const script = Buffer.from(outputFiles[0]!.contents).toString('base64');
  const made = (await import(`data:text/javascript;base64,${script}`)) as Record<string, object>;
  return Object.fromEntries(files.map((file, k) => [file, made[`file${k}`]!]));
}

// A message is read when it is said for the first time: one that cannot be read would be found by whoever needs it.
describe('every message that is kept by key', () => {
  for (const room of ROOMS) {
    it(`can be said, in ${room}`, async () => {
      const said = await saidIn(room);
      const messages = Object.entries(said).flatMap(([file, { SAY }]) =>
        Object.keys(SAY ?? {}).map((key) => ({ file, key, SAY: SAY! })),
      );
      expect(messages.length).toBeGreaterThan(10);
      for (const { file, key, SAY } of messages) {
        const say = (): string => {
          const message = SAY[key]!;
          return typeof message === 'string' ? message : message(ANY);
        };
        expect(say).withContext(`${file}: ${key}`).not.toThrow();
        expect(say().trim())
          .withContext(`${file}: ${key}`)
          .not.toMatch(/^$|undefined|[{}]/);
      }
    });
  }
});
