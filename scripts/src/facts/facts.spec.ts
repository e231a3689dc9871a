import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { factsMade } from './threads.js';
import { DATA, filesOf, stampOf } from './written.js';

const AGAIN = 'run: npm run facts';
const kept = (name: string): Promise<string> => readFile(join(DATA, name), 'utf8').catch(() => '');

describe('the facts that ship', () => {
  it('were made from the approaches as they are', async () => {
    expect(await kept('stamp.ts'))
      .withContext(`an approach was changed since; ${AGAIN}`)
      .toContain(`'${stampOf()}'`);
  });

  it('are what comes out when they are made anew, each of them, and small', async () => {
    const files = filesOf(await factsMade());
    let bytes = 0;
    for (const [name, made] of files) {
      expect((await kept(name)) === made)
        .withContext(`${name} is old; ${AGAIN}`)
        .toBeTrue();
      bytes += brotliCompressSync(made).length;
    }
    expect(files.size).toBeGreaterThan(40);
    expect(bytes).toBeLessThanOrEqual(400_000);
  }, 600_000);
});
