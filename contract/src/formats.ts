import * as z from 'zod';
import { cubeSchema } from './documents/cube.js';
import { glanceSchema } from './documents/glance.js';
import { inspectionSchema } from './documents/inspection.js';
import { methodSchema } from './documents/method.js';
import { slipAnswerSchema } from './documents/slip.js';
import { logSchema } from './log/entry.js';
import { groupDocumentSchema } from './table/group-document.js';
import { walkthroughSchema } from './documents/walkthrough.js';

/** The published documents, by the name of their schema file. */
export const DOCUMENT_SCHEMAS = {
  cube: cubeSchema,
  walkthrough: walkthroughSchema,
  method: methodSchema,
  glance: glanceSchema,
  inspection: inspectionSchema,
  slips: slipAnswerSchema,
  log: logSchema,
  group: groupDocumentSchema,
} as const;

/** The JSON Schema (draft 2020-12) of each document, by name. */
export function jsonSchemas(): Record<keyof typeof DOCUMENT_SCHEMAS, object> {
  const entries = Object.entries(DOCUMENT_SCHEMAS).map(([name, schema]) => [
    name,
    z.toJSONSchema(schema),
  ]);
  return Object.fromEntries(entries) as Record<keyof typeof DOCUMENT_SCHEMAS, object>;
}
