import { join } from 'node:path';
import { jsonSchemas } from '@sleetcrest/contract';
import { ROOT } from './places.js';

/** Where the documents' JSON Schemas are published. */
export const FORMATS = join(ROOT, 'docs/formats');

/** The text of each schema file, by its name. */
export const schemaFiles = (): [string, string][] =>
  Object.entries(jsonSchemas()).map(([name, schema]) => [
    `${name}.schema.json`,
    `${JSON.stringify(schema, null, 2)}\n`,
  ]);
