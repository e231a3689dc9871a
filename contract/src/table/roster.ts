import * as z from 'zod';
import { accountNameSchema, phraseSchema } from '../accounts/account.js';
import { uuidSchema } from '../documents/id.js';

/** The most learners made in one request: each phrase takes a while to be kept safely. */
export const MOST_AT_ONCE = 40;

/** Asks which of these names can be had. */
export const checkNamesSchema = z
  .strictObject({ names: z.array(accountNameSchema).min(1).max(MOST_AT_ONCE) })
  .meta({ id: 'CheckNames' });

export const checkedNamesSchema = z
  .strictObject({
    taken: z
      .array(z.strictObject({ name: accountNameSchema, free: accountNameSchema }))
      .describe('Names that somebody has, each with one like it that nobody has.'),
  })
  .meta({ id: 'CheckedNames' });
export type CheckedNames = z.infer<typeof checkedNamesSchema>;

/** Makes accounts for a whole class, all or none. */
export const addLearnersSchema = z
  .strictObject({
    learners: z
      .array(z.strictObject({ id: uuidSchema, name: accountNameSchema }))
      .min(1)
      .max(MOST_AT_ONCE),
  })
  .meta({ id: 'AddLearners' });
export type AddLearners = z.infer<typeof addLearnersSchema>;

/** What is printed for each of them: told once, kept nowhere. */
export const slipsSchema = z
  .strictObject({
    slips: z.array(
      z.strictObject({
        id: uuidSchema,
        name: accountNameSchema,
        phrase: phraseSchema.describe('To begin with: another is chosen at the first sign-in.'),
      }),
    ),
  })
  .meta({ id: 'NameSlips' });
export type NameSlips = z.infer<typeof slipsSchema>;
