import { MOST_WORK, workOf, type Method } from '@sleetcrest/core';
import * as z from 'zod';
import { approachSchema } from './approach.js';
import { idSchema } from './id.js';
import { name } from './text.js';

/** The Method document: an approach for each stage. */
export const methodSchema = z
  .strictObject({
    format: z.literal('sleetcrest/method@1'),
    id: idSchema,
    title: name({ least: 'give the method a title', most: 120 }),
    approaches: z
      .array(z.union([idSchema, approachSchema]))
      .min(1)
      .max(20)
      .refine(
        (approaches) =>
          approaches.reduce((sum, one) => sum + (typeof one === 'string' ? 0 : workOf(one)), 0) <=
          MOST_WORK,
        'it asks for too much: fewer cases, fewer ways to see each, or shorter turns and sentences',
      )
      .describe('In order, each the id of a built-in approach or a whole approach written out.'),
  })
  .meta({ id: 'Method', title: 'Method' }) satisfies z.ZodType<Method>;

/** A method as it is chosen: the id of a named one, or one of somebody's own written out. */
export const methodChoiceSchema = z.union([idSchema, methodSchema]);
