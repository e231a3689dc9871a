export type { Task } from '@sleetcrest/core/group/tasks';
import type { Task } from '@sleetcrest/core/group/tasks';
import * as z from 'zod';
import { accountNameSchema } from '../accounts/account.js';
import { stageSchema } from '../documents/approach.js';
import { cubeSchema } from '../documents/cube.js';
import { uuidSchema } from '../documents/id.js';
import { daySchema } from '../documents/moment.js';
import { text } from '../documents/text.js';
import { caseIdSchema } from './matrix.js';
import { scrambleSchema } from './scramble.js';
import { SAY } from './words.js';

const times = z.int().min(1).max(50);
/** What is to be done; whether it was is told from what the learner practises and records. */
export const taskSchema = z
  .discriminatedUnion('do', [
    z.strictObject({ do: z.literal('lesson'), case: caseIdSchema }),
    z.strictObject({
      do: z.literal('cases'),
      cases: z.array(caseIdSchema).min(1).max(20).readonly(),
      times,
    }),
    z.strictObject({ do: z.literal('stage'), stage: stageSchema, times }),
    z.strictObject({ do: z.literal('scramble'), scramble: scrambleSchema }),
    z.strictObject({ do: z.literal('cube'), cube: cubeSchema }),
    z.strictObject({ do: z.literal('plan'), times }),
  ])
  .meta({ id: 'Task' }) satisfies z.ZodType<Task>;

const noteSchema = text({ most: 500, says: SAY.noteTooLong });

/** Sets something for some learners of a group, or for all, also those who join later. */
export const setAssignmentSchema = z
  .strictObject({
    id: uuidSchema,
    task: taskSchema,
    note: noteSchema,
    until: daySchema.nullable(),
    for: z.array(uuidSchema).min(1).max(400).nullable().describe('Null for all.'),
  })
  .meta({ id: 'SetAssignment' });
export type SetAssignment = z.infer<typeof setAssignmentSchema>;

/** How far one learner has come with it: of so many, and when it was done. */
const progressSchema = z.strictObject({
  learner: uuidSchema,
  name: accountNameSchema,
  done: z.int().min(0),
  of: z.int().min(1),
  right: z.int().min(0).nullable().describe('Of the answers, those that were right.'),
  seconds: z.number().nullable().describe('The median time of what was recorded for it.'),
  doneAt: z.iso.datetime().nullable(),
  said: z.boolean().describe('Whether the learner said themselves that it is done.'),
});
export type Progress = z.infer<typeof progressSchema>;

export const assignmentSchema = setAssignmentSchema
  .omit({ for: true })
  .extend({
    group: uuidSchema,
    groupName: text({ most: 60 }),
    forAll: z.boolean(),
    setAt: z.iso.datetime(),
    progress: z.array(progressSchema).describe('To a learner, theirs alone.'),
  })
  .meta({ id: 'Assignment' });
export type Assignment = z.infer<typeof assignmentSchema>;

export const assignmentListSchema = z
  .strictObject({ items: z.array(assignmentSchema) })
  .meta({ id: 'AssignmentList' });

export const assignmentParamsSchema = z.strictObject({ id: uuidSchema, assignment: uuidSchema });
export const ownAssignmentParamsSchema = z.strictObject({ assignment: uuidSchema });
/** Says that it is done, or takes that back. */
export const sayDoneSchema = z.strictObject({ done: z.boolean() }).meta({ id: 'SayDone' });
