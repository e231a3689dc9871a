import * as z from 'zod';
import { uuidSchema } from '../documents/id.js';
import { name } from '../documents/text.js';
import { accountNameSchema } from './account.js';

const groupNameSchema = name({
  least: 'give the group a name',
  ...{ most: 60, says: 'a name has at most 60 characters' },
});

/** What a coach reads out for learners to join by: letters and digits that are not mixed up. */
export const CODE_LETTERS = 'ACDEFHJKMNPRTUVWXY34679';
export const codeSchema = z
  .string()
  .trim()
  .toUpperCase()
  .regex(
    new RegExp(`^[${CODE_LETTERS}]{8}$`),
    'a code has eight letters and digits; ask your coach',
  );

export const createGroupSchema = z
  .strictObject({ id: uuidSchema, name: groupNameSchema })
  .meta({ id: 'CreateGroup' });
export type CreateGroup = z.infer<typeof createGroupSchema>;

export const joinGroupSchema = z.strictObject({ code: codeSchema }).meta({ id: 'JoinGroup' });

const memberSchema = z.strictObject({ id: uuidSchema, name: accountNameSchema });
export type Member = z.infer<typeof memberSchema>;

/** A group: to its coach with its code and learners, to a learner without. */
export const groupSchema = z
  .strictObject({
    id: uuidSchema,
    name: groupNameSchema,
    coach: memberSchema,
    code: codeSchema.nullable(),
    learners: z.array(memberSchema),
  })
  .meta({ id: 'Group' });
export type Group = z.infer<typeof groupSchema>;

export const groupListSchema = z
  .strictObject({ items: z.array(groupSchema) })
  .meta({ id: 'GroupList' });

export const groupParamsSchema = z.strictObject({ id: uuidSchema });
export const memberParamsSchema = z.strictObject({ id: uuidSchema, learner: uuidSchema });
export const learnerParamsSchema = z.strictObject({ learner: uuidSchema });
