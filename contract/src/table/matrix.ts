import { STANDINGS } from '@sleetcrest/core/learner/standing';
import * as z from 'zod';
import { accountNameSchema } from '../accounts/account.js';
import { stageSchema } from '../documents/approach.js';
import { uuidSchema } from '../documents/id.js';
import { daySchema } from '../documents/moment.js';
import { line } from '../documents/text.js';

export const standingSchema = z.enum(STANDINGS).meta({ id: 'Standing' });

/** The id of a case, `approach/case`. */
export const caseIdSchema = line({ most: 200 }).min(1);

/** A case of the group's method: a column of the matrix. */
const columnSchema = z.strictObject({
  case: caseIdSchema,
  stage: stageSchema,
  title: line({ most: 200 }),
  turns: z.int().min(0),
});

const caseStandingSchema = z.strictObject({
  standing: standingSchema,
  answers: z.int().min(0),
  rightDays: z.int().min(0),
  lastDay: z.int().nullable().describe('Days from 1970-01-01.'),
  recall: z.number().min(0).max(1),
});

const stageStandingSchema = z.strictObject({
  stage: stageSchema,
  standing: standingSchema,
  times: z.int().min(0).describe('Times it was finished, in whole solves or alone.'),
  days: z.int().min(0).describe('The different days of late on which it was.'),
  lastDay: z.int().nullable(),
  typical: z.number().nullable().describe('The median of its last times; seconds.'),
});

const matrixRowSchema = z.strictObject({
  id: uuidSchema,
  name: accountNameSchema,
  lastDay: z
    .int()
    .nullable()
    .describe('The last day on which they practised or recorded anything.'),
  typical: z.number().nullable().describe('The median of their last whole solves; seconds.'),
  cases: z.array(caseStandingSchema).describe('In the order of the columns.'),
  stages: z.array(stageStandingSchema),
  mixedUp: z.array(
    z.strictObject({ was: caseIdSchema, said: caseIdSchema, times: z.int().min(1) }),
  ),
  due: z.array(caseIdSchema).describe('Cases with a card that is due on the day asked for.'),
});

/** How each learner of a group stands with each stage and case of its method. */
export const matrixSchema = z
  .strictObject({
    columns: z.array(columnSchema),
    stages: z.array(z.strictObject({ stage: stageSchema, title: line({ most: 200 }) })),
    rows: z.array(matrixRowSchema),
    day: daySchema,
  })
  .meta({ id: 'Matrix' });
export type Matrix = z.infer<typeof matrixSchema>;
export type MatrixRow = Matrix['rows'][number];
export type MatrixColumn = Matrix['columns'][number];

export const matrixQuerySchema = z.strictObject({ day: daySchema });
