import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { FORMATS, schemaFiles } from './format-files.js';

describe('the published formats', () => {
  for (const [name, text] of schemaFiles()) {
    it(`are those of the contract: ${name} (else run npm run formats)`, () => {
      expect(readFileSync(join(FORMATS, name), 'utf8')).toBe(text);
    });
  }
});
