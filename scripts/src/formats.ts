import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { FORMATS, schemaFiles } from './format-files.js';
import { command } from './said.js';

await command(() => {
  mkdirSync(FORMATS, { recursive: true });
  for (const [name, text] of schemaFiles()) writeFileSync(join(FORMATS, name), text);
  return Promise.resolve();
});
