import { type Method, MOST_WORK, workOf } from '@sleetcrest/core';
import type { Saying } from '@sleetcrest/core/teaching/sayings';
import * as z from 'zod';
import { approachSchema } from './approach.js';
import { idSchema } from './id.js';
import { line, name, text } from './text.js';
import { SAY } from './words.js';

export const sayingSchema = z
  .strictObject({
    sequence: text({ most: 400 }).min(1).describe('Turns in the prime dialect.'),
    name: line({ most: 60 }),
    words: z
      .array(
        z.strictObject({
          turns: z.int().min(1).max(60).describe('Over how many moves it is said.'),
          says: name({ least: SAY.sayingNeeded, most: 60 }),
        }),
      )
      .max(60)
      .readonly(),
  })
  .meta({ id: 'Saying' }) satisfies z.ZodType<Saying>;

/** The Method document: an approach for each stage. */
export const methodSchema = z
  .strictObject({
    format: z.literal('sleetcrest/method@1'),
    id: idSchema,
    title: name({ least: SAY.methodTitleNeeded, most: 120 }),
    approaches: z
      .array(z.union([idSchema, approachSchema]))
      .min(1)
      .max(20)
      .refine(
        (approaches) =>
          approaches.reduce((sum, one) => sum + (typeof one === 'string' ? 0 : workOf(one)), 0) <=
          MOST_WORK,
        SAY.asksTooMuch,
      )
      .describe('In order, each the id of a built-in approach or a whole approach written out.'),
    sayings: z
      .array(sayingSchema)
      .max(100)
      .readonly()
      .optional()
      .describe('Words of one’s own for sequences, by which they are remembered.'),
  })
  .meta({ id: 'Method', title: 'Method' }) satisfies z.ZodType<Method>;

/** A method as it is chosen: the id of a named one, or one of somebody's own written out. */
export const methodChoiceSchema = z.union([idSchema, methodSchema]);
