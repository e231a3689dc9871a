import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { FORMATS, schemaFiles } from './format-files.js';
import { KEYBOARD_GUIDE, withKeyTable } from './key-table.js';
import { command } from './said.js';

await command(async () => {
  mkdirSync(FORMATS, { recursive: true });
  for (const [name, text] of schemaFiles()) writeFileSync(join(FORMATS, name), text);
  writeFileSync(KEYBOARD_GUIDE, await withKeyTable());
});
