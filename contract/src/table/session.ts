import {
  LEAST_MINUTES,
  MOST_AT_TABLE,
  MOST_MINUTES,
  MOST_PLANNED,
} from '@sleetcrest/core/group/planning';
import * as z from 'zod';
import { uuidSchema } from '../documents/id.js';
import { daySchema } from '../documents/moment.js';
import { line, text } from '../documents/text.js';
import { caseIdSchema } from './matrix.js';
import { SAY } from './words.js';

const slotSchema = z
  .strictObject({
    kind: z.enum(['new', 'firm', 'apart', 'solve']),
    case: z.union([z.literal(''), caseIdSchema]),
    other: z.union([z.literal(''), caseIdSchema]),
  })
  .refine(({ kind, case: id, other }) => {
    const named = Number(id !== '') + Number(other !== '');
    return named === { solve: 0, new: 1, firm: 1, apart: 2 }[kind] && (id !== '' || other === '');
  }, SAY.casesOfBlock);

const tableSchema = z.strictObject({
  learners: z.array(uuidSchema).max(MOST_PLANNED),
  slots: z.array(slotSchema).min(1).max(3),
});

/** A planned session of a group. When it is, is told in the group's time zone. */
export const sessionPlanSchema = z
  .strictObject({
    id: uuidSchema,
    on: daySchema,
    at: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, SAY.badTime),
    minutes: z.int().min(LEAST_MINUTES).max(MOST_MINUTES),
    repeats: z.enum(['never', 'weekly']),
    until: daySchema.nullable().describe('The last day on which it is repeated.'),
    cubes: z.int().min(1).max(200),
    comes: z.array(uuidSchema).max(400).describe('Who is expected.'),
    warmUp: z.array(caseIdSchema).max(10),
    tables: z
      .array(tableSchema)
      .max(MOST_PLANNED)
      .describe(`Proposed ones seat at most ${MOST_AT_TABLE}.`),
    note: text({ most: 2000, says: SAY.planNoteTooLong }),
    seed: z.int().min(0).max(0xffffffff).describe('The cubes that are prepared follow from it.'),
  })
  .refine(({ until, on }) => until === null || until >= on, {
    path: ['until'],
    message: SAY.lastBeforeFirst,
  })
  .meta({ id: 'SessionPlan' });
export type SessionPlanDocument = z.infer<typeof sessionPlanSchema>;

/** Keeps a plan; `basis` is when the one changed was kept, null for a new one. */
export const keepPlanSchema = z
  .strictObject({ plan: sessionPlanSchema, basis: z.iso.datetime().nullable() })
  .meta({ id: 'KeepPlan' });
export type KeepPlan = z.infer<typeof keepPlanSchema>;

export const keptPlanSchema = z.strictObject({
  plan: sessionPlanSchema,
  changedAt: z.iso.datetime(),
});
export const keptPlanAnswerSchema = keptPlanSchema.meta({ id: 'KeptPlan' });
export type KeptPlan = z.infer<typeof keptPlanSchema>;

export const planListSchema = z
  .strictObject({ items: z.array(keptPlanSchema) })
  .meta({ id: 'PlanList' });

export const planParamsSchema = z.strictObject({ id: uuidSchema, plan: uuidSchema });

/** Where a calendar reads the group's sessions; whoever has the address can. */
export const calendarSchema = z
  .strictObject({ address: line({ most: 400 }).describe('From the first slash on.') })
  .meta({ id: 'Calendar' });
export type Calendar = z.infer<typeof calendarSchema>;
export const calendarParamsSchema = z.strictObject({
  id: uuidSchema,
  secret: z.string().regex(/^[\w-]{20,80}\.ics$/, SAY.noCalendar),
});

/** Whose calendars read a group’s sessions. */
export const calendarsSchema = z
  .strictObject({
    items: z.array(
      z.strictObject({ coach: uuidSchema, name: line({ most: 40 }), since: z.iso.datetime() }),
    ),
  })
  .meta({ id: 'Calendars' });
export type Calendars = z.infer<typeof calendarsSchema>;
