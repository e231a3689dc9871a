import * as z from 'zod';

export const methodIdSchema = z
  .string()
  .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'an id is lower-case words joined by hyphens')
  .max(60);

/** The Method document: an approach for each stage. */
export const methodSchema = z
  .strictObject({
    format: z.literal('sleetcrest/method@1'),
    id: methodIdSchema,
    title: z.string().min(1).max(120),
    approaches: z.array(methodIdSchema).min(1).max(20).describe('Ids of approaches, in order.'),
  })
  .meta({ id: 'Method', title: 'Method' });
