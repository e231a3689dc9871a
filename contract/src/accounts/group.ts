import * as z from 'zod';
import { colourSchema } from '../documents/colour.js';
import { uuidSchema } from '../documents/id.js';
import { methodChoiceSchema } from '../documents/method.js';
import { name } from '../documents/text.js';
import { accountNameSchema } from './account.js';
import { codeSchema } from './code.js';
import { saysSomething } from '../change.js';
import { SAY } from './words.js';

const groupNameSchema = name({
  least: SAY.groupNameNeeded,
  most: 60,
  says: SAY.groupNameTooLong,
});

export const createGroupSchema = z
  .strictObject({ id: uuidSchema, name: groupNameSchema })
  .meta({ id: 'CreateGroup' });
export type CreateGroup = z.infer<typeof createGroupSchema>;

export const joinGroupSchema = z.strictObject({ code: codeSchema }).meta({ id: 'JoinGroup' });

const memberSchema = z.strictObject({ id: uuidSchema, name: accountNameSchema });
export type Member = z.infer<typeof memberSchema>;

/**
 * What a second coach may do in a group: see how its learners stand; plan sessions, set work and show
 * things; answer what is handed in; change who belongs to it; set a new phrase for who has yet to choose
 * one. The group's own coach may do all of it.
 */
export const RIGHTS = ['see', 'plan', 'answer', 'roster', 'phrase'] as const;
export const rightSchema = z.enum(RIGHTS).meta({ id: 'Right' });
export type Right = z.infer<typeof rightSchema>;

/** Whoever may anything may see. */
const rightsSchema = z
  .array(rightSchema)
  .max(RIGHTS.length)
  .overwrite((given) => RIGHTS.filter((right) => right === 'see' || given.includes(right)));

const assistantSchema = memberSchema.extend({ rights: rightsSchema });

/** A place's time zone, by its name in the IANA list. */
const zoneSchema = z
  .string()
  .max(60)
  .refine((zone) => {
    try {
      return new Intl.DateTimeFormat('en', { timeZone: zone }).format(0) !== '';
    } catch {
      return false;
    }
  }, SAY.noSuchZone);

/** How a group learns: its method, the colour it begins with, and where it meets. */
const waysShape = { method: methodChoiceSchema, firstColour: colourSchema, zone: zoneSchema };

/** A group: to those who teach it with its learners, to a learner without the others. */
export const groupSchema = z
  .strictObject({
    id: uuidSchema,
    name: groupNameSchema,
    coach: memberSchema,
    code: codeSchema.nullable().describe('Told to whoever may change who belongs to it.'),
    learners: z.array(memberSchema),
    rights: z.array(rightSchema).describe('What whoever asks may do; nothing for a learner.'),
    assistants: z.array(assistantSchema),
    ...waysShape,
    archivedAt: z.iso.datetime().nullable(),
  })
  .meta({ id: 'Group' });
export type Group = z.infer<typeof groupSchema>;

export const changeGroupSchema = z
  .strictObject({ name: groupNameSchema, ...waysShape, archived: z.boolean() })
  .partial()
  .refine((change) => saysSomething(change), {
    message: SAY.groupChangeNeeded,
  })
  .meta({ id: 'ChangeGroup' });
export type ChangeGroup = z.infer<typeof changeGroupSchema>;

/** Asks for a code by which another coach becomes an assistant. */
export const inviteSchema = z.strictObject({ rights: rightsSchema }).meta({ id: 'Invite' });
export const invitationSchema = z
  .strictObject({ code: codeSchema, rights: rightsSchema, until: z.iso.datetime() })
  .meta({ id: 'Invitation' });
export type Invitation = z.infer<typeof invitationSchema>;

/** Moves a learner to another group of the same coach; to one of another’s, the learner is asked. */
export const moveSchema = z.strictObject({ to: uuidSchema }).meta({ id: 'Move' });

/** Moves that wait for the learner’s word. */
export const movesSchema = z
  .strictObject({
    items: z.array(
      z.strictObject({
        to: z.strictObject({ id: uuidSchema, name: groupNameSchema }),
        coach: accountNameSchema,
        from: groupNameSchema,
      }),
    ),
  })
  .meta({ id: 'Moves' });
export type Moves = z.infer<typeof movesSchema>;
/** Whether a move was made at once, or the learner is asked. */
export const movedSchema = z.strictObject({ moved: z.boolean() }).meta({ id: 'Moved' });
export type Moved = z.infer<typeof movedSchema>;

/** Codes by which coaches may become assistants of a group. */
export const invitationListSchema = z
  .strictObject({ items: z.array(invitationSchema) })
  .meta({ id: 'Invitations' });
export const invitationParamsSchema = z.strictObject({ id: uuidSchema, code: codeSchema });

export const groupListSchema = z
  .strictObject({ items: z.array(groupSchema) })
  .meta({ id: 'GroupList' });

export const groupParamsSchema = z.strictObject({ id: uuidSchema });
export const memberParamsSchema = z.strictObject({ id: uuidSchema, learner: uuidSchema });
export const learnerParamsSchema = z.strictObject({ learner: uuidSchema });
export const assistantParamsSchema = z.strictObject({ id: uuidSchema, coach: uuidSchema });
