import { build } from 'esbuild';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './places.js';

/** What is known of a place where keys do something, as the pages have it. */
interface Scope {
  readonly title: string;
  readonly deeds: Readonly<Record<string, { readonly shown: string; readonly says: string }>>;
}

export const KEYBOARD_GUIDE = join(ROOT, 'docs/guide/keyboard.md');
/** Where the files that say what keys do are gathered. */
export const KEY_SCOPES = join(ROOT, 'web/src/app/frame/key-scopes.ts');
const BEGIN = '<!-- keys: written by npm run formats -->\n';
const END = '<!-- /keys -->\n';

/** The guide's page with the table of all keys that the pages listen to, in the place of the one it has. */
export async function withKeyTable(
  readme: string = readFileSync(KEYBOARD_GUIDE, 'utf8'),
): Promise<string> {
  const [before, after] = [readme.indexOf(BEGIN), readme.indexOf(END)];
  if (before < 0 || after < 0)
    throw new Error('The page of keys has no place for the table of keys.');
  return `${readme.slice(0, before + BEGIN.length)}\n${tableOf(await scopes())}\n${readme.slice(after)}`;
}

/** The pages' own list, bundled as it stands. */
async function scopes(): Promise<readonly Scope[]> {
  const { outputFiles } = await build({
    entryPoints: [KEY_SCOPES],
    bundle: true,
    format: 'esm',
    platform: 'node',
    write: false,
    logLevel: 'silent',
  });
  const script = Buffer.from(outputFiles[0]!.text).toString('base64');
  const pages = (await import(`data:text/javascript;base64,${script}`)) as {
    KEY_SCOPES: readonly Scope[];
  };
  return pages.KEY_SCOPES;
}

/** As a table of Markdown, its columns as wide as what is widest in them. */
function tableOf(all: readonly Scope[]): string {
  const rows = all.flatMap(({ title, deeds }) =>
    Object.values(deeds).map(({ shown, says }, k) => [k === 0 ? title : '', shown, says] as const),
  );
  const lines = [['where', 'key', 'does'] as const, ...rows];
  const wide = [0, 1, 2].map((k) => Math.max(...lines.map((line) => [...line[k]!].length)));
  const written = lines.map(
    (line) => `| ${line.map((cell, k) => cell.padEnd(wide[k]!)).join(' | ')} |`,
  );
  const rule = `| ${wide.map((width) => '-'.repeat(width)).join(' | ')} |`;
  return [written[0], rule, ...written.slice(1), ''].join('\n');
}
