import { createSolveSchema, readerPartSchema, sayingSchema } from '@sleetcrest/contract';
import { COLOURS, type Hold } from '@sleetcrest/core';
import * as z from 'zod';

const record = createSolveSchema.required();
const keptWalk = z.object({ record, kept: record.nullable() });
const painted = z.array(z.int().min(-1).max(5)).length(54);

/** What the browser keeps, so that a reload leads back to where one was. */
export const persistedSchema = z.object({
  reader: readerPartSchema.optional(),
  /** A guest's settings, while somebody is signed in. */
  aside: z.object({ whose: z.string(), guests: readerPartSchema }).nullable().optional(),
  /** The words of one's coaches, for a beginning without a network. */
  taught: z.array(sayingSchema).optional(),
  entry: z
    .object({
      painted,
      scheme: z.array(z.enum(COLOURS)).length(6),
      hold: z
        .int()
        .min(0)
        .max(23)
        .transform((hold) => hold as Hold),
    })
    .optional(),
  walk: keptWalk.nullable().optional(),
  /** Walks that were left before the server had heard all of them. */
  left: z.array(keptWalk).optional(),
});
export type Persisted = z.infer<typeof persistedSchema>;
