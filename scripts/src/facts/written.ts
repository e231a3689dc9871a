import { createHash } from 'node:crypto';
import { mkdir, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { APPROACHES } from '@sleetcrest/core/teaching/approaches';
import { ROOT } from '../places.js';
import { type Facts, factsMade } from './threads.js';

/** Where core reads its facts from. */
export const DATA = join(ROOT, 'core/src/engine/facts/data');

/** Changes with anything that an approach says. */
export const stampOf = (): string =>
  createHash('sha256').update(JSON.stringify(APPROACHES)).digest('hex').slice(0, 16);

const HEAD = '// Made by npm run facts: do not edit.\n';
const text = (name: string, value: unknown): string =>
  `${HEAD}export const ${name} =\n  '${JSON.stringify(value).replaceAll('\\', '\\\\').replaceAll("'", "\\'")}';\n`;

/** The files that hold facts, by name below `DATA`. */
export function filesOf({ surveys, worth, glances }: Facts): Map<string, string> {
  const files = new Map<string, string>();
  files.set('stamp.ts', `${HEAD}export const stamp = '${stampOf()}';\n`);
  files.set('surveys.ts', text('surveys', surveys));
  files.set('worth.ts', text('worth', worth));
  const figures = Object.entries(glances).map(([name, one]) => [name, one.figures] as const);
  files.set('glance-figures.ts', text('glanceFigures', Object.fromEntries(figures)));
  // Where the back, left and below tell no more, both plans are one.
  const known = new Map<string, string>();
  const loads = Object.entries(glances).map(([name, { plan }]) => {
    const written = text('plan', plan);
    const file = known.get(written) ?? `plans/${name.replace(' ', '-')}`;
    known.set(written, file);
    files.set(`${file}.ts`, written);
    return `  '${name}': () => import('./${file}.js'),\n`;
  });
  files.set(
    'plans.ts',
    `${HEAD}export const PLANS: Readonly<Record<string, (() => Promise<{ plan: string }>) | undefined>> = {\n${loads.join('')}};\n`,
  );
  return files;
}

/** Makes the facts anew and writes them; gives how many kilobytes they are, compressed. */
export async function writeFacts(tell: (made: string) => void): Promise<number> {
  const files = filesOf(await factsMade(tell));
  await rm(DATA, { recursive: true, force: true });
  await mkdir(join(DATA, 'plans'), { recursive: true });
  for (const [name, written] of files) await writeFile(join(DATA, name), written);
  return [...files.values()].reduce((sum, one) => sum + brotliCompressSync(one).length, 0) / 1000;
}
