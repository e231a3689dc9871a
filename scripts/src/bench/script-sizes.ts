import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { WEB_ROOT } from '../places.js';
import { rounded } from './median.js';

interface Stats {
  outputs: Record<string, { imports: { path: string; kind: string }[] }>;
}

/** Every script the page needs before it can be used: `main` and what that imports, and so on. */
function needed({ outputs }: Stats): string[] {
  const main = Object.keys(outputs).find((name) => /^main.*\.js$/.test(name));
  const names = new Set(main === undefined ? [] : [main]);
  for (const name of names) {
    for (const { path, kind } of outputs[name]?.imports ?? []) {
      if (kind === 'import-statement') names.add(path);
    }
  }
  return [...names];
}

/** The scripts sent before the Bench is usable, compressed as the server sends them, in kB. */
export function scriptSizes(): object {
  const stats = JSON.parse(readFileSync(join(WEB_ROOT, '../stats.json'), 'utf8')) as Stats;
  const files = needed(stats).map((name) => {
    const compressed = gzipSync(readFileSync(join(WEB_ROOT, name))).length;
    return { name, kilobytes: rounded(compressed / 1000) };
  });
  const kilobytes = rounded(files.reduce((sum, file) => sum + file.kilobytes, 0));
  return { kilobytes, allowedKilobytes: 230, files };
}
