import { readMoves, STAGES } from '@sleetcrest/core';
import { ENTRY_KINDS, type LogEntry, OUTCOMES } from '@sleetcrest/core/learner/log';
import * as z from 'zod';
import { stageSchema } from '../documents/approach.js';
import { idSchema, uuidSchema } from '../documents/id.js';
import { momentSchema } from '../documents/moment.js';
import { line, text } from '../documents/text.js';
import { toldSchema } from '../documents/told.js';
import { saysSomething } from '../change.js';
import { SAY } from './words.js';

/** A day has 86,400 seconds; no solve takes longer. */
const MOST_SECONDS = 86_400;

const secondsSchema = z
  .number(SAY.badTime)
  .min(0, SAY.negativeTime)
  .max(MOST_SECONDS, SAY.longTime)
  .refine((time) => Math.abs(time * 100 - Math.round(time * 100)) < 1e-6, {
    message: SAY.fineTime,
  })
  // Nothing below zero is left, and of what computers add to hundredths neither.
  .overwrite((time) => Math.round(time * 100) / 100 + 0)
  .describe('Seconds with hundredths.');

const turnsSchema = z
  .string()
  .max(20_000, { error: SAY.turnsTooLong, abort: true })
  .superRefine((turns, context) => {
    const read = readMoves(turns);
    if (!read.ok) context.addIssue({ code: 'custom', message: read.error.message });
  });

export const tagSchema = line({ most: 30, says: SAY.tagTooLong })
  .min(1, SAY.tagNeeded)
  .regex(/^[^;]*$/, SAY.tagWithSemicolon);

const splitSchema = z.strictObject({
  stage: stageSchema,
  time: secondsSchema,
  turns: z.int().min(0).max(10_000).nullable(),
});

/** What a person tells of a record. */
const tellable = {
  time: secondsSchema.nullable(),
  outcome: z.enum(OUTCOMES),
  reason: line({ most: 200, says: SAY.reasonTooLong }),
  note: text({ most: 2000, says: SAY.noteTooLong }),
  method: z.union([idSchema, z.literal('')]),
  cube: line({ most: 60, says: SAY.cubeNameTooLong }),
  turns: turnsSchema,
  tags: z.array(tagSchema).max(20, SAY.tooManyTags),
};

const plainEntrySchema = z.strictObject({
  id: uuidSchema.describe('Made by the sender, so that a record can be sent again safely.'),
  kind: z.enum(ENTRY_KINDS),
  stage: stageSchema.nullable().describe('The stage practised; null for a whole solve.'),
  beganAt: momentSchema.describe('With the offset of the place: its day is the day there.'),
  ...tellable,
  scramble: turnsSchema,
  splits: z.array(splitSchema).max(STAGES.length),
});

/** One record of a log. */
export const logEntrySchema = plainEntrySchema
  .superRefine((entry, context) => {
    const refuse = (path: string, message: string): void =>
      context.addIssue({ code: 'custom', path: [path], message });
    if ((entry.kind === 'stage') !== (entry.stage !== null)) {
      refuse('stage', SAY.stageOfPractice);
    }
    if (entry.outcome === 'aside' ? entry.reason.trim() === '' : entry.reason !== '') {
      refuse('reason', SAY.reasonWhereSetAside);
    }
    const stages = entry.splits.map(({ stage }) => stage);
    if (new Set(stages).size < stages.length) refuse('splits', SAY.stageTwice);
    if (new Set(entry.tags).size < entry.tags.length) refuse('tags', SAY.tagTwice);
  })
  .meta({ id: 'LogEntry' }) satisfies z.ZodType<LogEntry>;

/** A change of a record; what the timer measured besides the time stays as it is. */
export const changeEntrySchema = z
  .strictObject(tellable)
  .partial()
  .refine((change) => saysSomething(change), {
    message: SAY.changeNeeded,
  })
  .meta({ id: 'ChangeLogEntry' });
export type ChangeEntry = z.infer<typeof changeEntrySchema>;

/** A change, and when it was made: of two changes of one field the later counts. */
export const tellChangeSchema = z
  .strictObject({ ...tellable, told: toldSchema })
  .partial()
  .refine(({ told: _, ...change }) => saysSomething(change), {
    message: SAY.changeNeeded,
  })
  .meta({ id: 'TellLogChange' });
export type TellChange = z.infer<typeof tellChangeSchema>;

/**
 * What a record has said in one of its fields, newest first: what counts now, and what was there
 * before or lost to a later change. `outcome` and `reason` go together.
 */
export const entryHistorySchema = z
  .strictObject({
    items: z.array(
      z.strictObject({ change: changeEntrySchema, at: momentSchema, counts: z.boolean() }),
    ),
  })
  .meta({ id: 'LogEntryHistory' });
export type EntryHistory = z.infer<typeof entryHistorySchema>;

/** The Log document: records in any order. */
export const logSchema = z
  .strictObject({ format: z.literal('sleetcrest/log@1'), entries: z.array(logEntrySchema) })
  .meta({ id: 'Log', title: 'Log' });
