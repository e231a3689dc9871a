import * as z from 'zod';
import { idSchema } from '../documents/id.js';
import { methodSchema } from '../documents/method.js';

/** What is known of a method: every start tried and solved, one that fails, or not tried to the end. */
export const proofStateSchema = z
  .enum(['proved', 'failing', 'unproved'])
  .meta({ id: 'ProofState' });
export type ProofState = z.infer<typeof proofStateSchema>;

/** Keeps a method under its id, in place of what was there. */
export const keepMethodSchema = z
  .strictObject({
    method: methodSchema,
    proof: proofStateSchema,
    basis: z.iso
      .datetime()
      .nullable()
      .optional()
      .describe(
        '`updatedAt` of what was changed, null for a new one: where another is kept meanwhile, both stay.',
      ),
  })
  .meta({ id: 'KeepMethod' });
export type KeepMethod = z.infer<typeof keepMethodSchema>;

export const savedMethodSchema = z
  .strictObject({
    method: methodSchema,
    proof: proofStateSchema,
    createdAt: z.iso.datetime(),
    updatedAt: z.iso.datetime(),
  })
  .meta({ id: 'SavedMethod' });
export type SavedMethod = z.infer<typeof savedMethodSchema>;

export const methodListSchema = z
  .strictObject({ items: z.array(savedMethodSchema) })
  .meta({ id: 'MethodList' });
export type MethodList = z.infer<typeof methodListSchema>;

export const methodParamsSchema = z.strictObject({ id: idSchema });
