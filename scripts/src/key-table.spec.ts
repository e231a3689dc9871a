import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { KEY_SCOPES, KEYBOARD_GUIDE, withKeyTable } from './key-table.js';
import { ROOT } from './places.js';

describe('the table of keys', () => {
  it('is in the guide as the pages listen (else run npm run formats)', async () => {
    const readme = readFileSync(KEYBOARD_GUIDE, 'utf8');
    expect(await withKeyTable(readme)).toBe(readme);
  });

  it('is made of every file that says what keys do', () => {
    const gathered = readFileSync(KEY_SCOPES, 'utf8');
    const app = join(ROOT, 'web/src/app');
    const files = readdirSync(app, { recursive: true, encoding: 'utf8' }).filter((file) =>
      file.endsWith('.keys.ts'),
    );
    expect(files.length).toBeGreaterThan(10);
    for (const file of files) {
      const path = relative(dirname(KEY_SCOPES), join(app, file)).replace(/\.ts$/, '');
      const imported = path.startsWith('.') ? path : `./${path}`;
      expect(gathered).withContext(file).toContain(`from '${imported}'`);
    }
  });
});
