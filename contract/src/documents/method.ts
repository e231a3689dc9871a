import type { Method } from '@sleetcrest/core';
import * as z from 'zod';
import { approachSchema } from './approach.js';
import { idSchema } from './id.js';

/** The Method document: an approach for each stage. */
export const methodSchema = z
  .strictObject({
    format: z.literal('sleetcrest/method@1'),
    id: idSchema,
    title: z.string().trim().min(1, 'give the method a title').max(120),
    approaches: z
      .array(z.union([idSchema, approachSchema]))
      .min(1)
      .max(20)
      .describe('In order, each the id of a built-in approach or a whole approach written out.'),
  })
  .meta({ id: 'Method', title: 'Method' }) satisfies z.ZodType<Method>;

/** A method as it is chosen: the id of a named one, or one of somebody's own written out. */
export const methodChoiceSchema = z.union([idSchema, methodSchema]);
