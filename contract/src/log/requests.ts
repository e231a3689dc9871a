import { ENTRY_KINDS, GROUPINGS, type LogEntry, OUTCOMES } from '@sleetcrest/core/learner/log';
import * as z from 'zod';
import { stageSchema } from '../documents/approach.js';
import { idSchema, uuidSchema } from '../documents/id.js';
import { daySchema, sinceSchema } from '../documents/moment.js';
import { line } from '../documents/text.js';
import { logEntrySchema, tagSchema } from './entry.js';
import { SAY } from './words.js';

/** Which records are meant; what is not given leaves nothing out. */
export const logFilterSchema = z.strictObject({
  from: daySchema.optional(),
  to: daySchema.optional(),
  kind: z.enum(ENTRY_KINDS).optional(),
  stage: stageSchema.optional(),
  method: idSchema.optional(),
  outcome: z.enum(OUTCOMES).optional(),
  tag: tagSchema.optional(),
  text: line({ most: 80 }).optional(),
});

const WINDOW = 200;
const LONGEST_LOG = 10_000_000;

/** A window of the records meant, newest first. */
export const logQuerySchema = logFilterSchema.extend({
  offset: z.coerce.number().int().min(0).max(LONGEST_LOG).default(0),
  limit: z.coerce.number().int().min(1).max(WINDOW).default(100),
});

export const logPageSchema = z
  .strictObject({ items: z.array(logEntrySchema), total: z.int().min(0) })
  .meta({ id: 'LogPage' });
export type LogPage = z.infer<typeof logPageSchema>;

/** Streaks are seen from `today`, the day where the person is. */
export const summaryQuerySchema = logFilterSchema.extend({ today: daySchema });
export const groupsQuerySchema = logFilterSchema.extend({ by: z.enum(GROUPINGS) });
export const exportQuerySchema = logFilterSchema.extend({ as: z.enum(['csv', 'json']) });

export const logParamsSchema = z.strictObject({ id: uuidSchema });
export const learnerLogParamsSchema = z.strictObject({ learner: uuidSchema, id: uuidSchema });

/** What changed in a log since a moment; without one, only the moment to ask from later. */
export const logChangesQuerySchema = z.strictObject({
  since: sinceSchema.optional(),
  after: uuidSchema.optional().describe('The last record of the answer before this one.'),
});

export const logChangesSchema = z
  .strictObject({
    items: z.array(z.strictObject({ entry: logEntrySchema, deleted: z.boolean() })),
    next: z.strictObject({
      since: z.iso.datetime(),
      after: uuidSchema.optional().describe('Given while there is more.'),
    }),
  })
  .meta({ id: 'LogChanges' });
export type LogChanges = z.infer<typeof logChangesSchema>;

/** The most records one request may hold, and the most characters of them together. */
export const BATCH = 500;
export const MOST_CHARACTERS = 400_000;

/** How long a record is, as far as that differs much from one to another. */
export const charactersOf = ({ turns, scramble, note }: LogEntry): number =>
  turns.length + scramble.length + note.length;

/** Keeps many records at once: all of them or none. Those that are kept already add nothing. */
export const logBatchSchema = z
  .strictObject({ entries: z.array(logEntrySchema).min(1).max(BATCH) })
  .refine(
    ({ entries }) =>
      entries.reduce((sum, entry) => sum + charactersOf(entry), 0) <= MOST_CHARACTERS,
    { path: ['entries'], message: SAY.tooLong },
  )
  .meta({ id: 'LogBatch' });

export const batchAnswerSchema = z
  .strictObject({ added: z.int().min(0), known: z.int().min(0) })
  .meta({ id: 'LogBatchAnswer' });
export type BatchAnswer = z.infer<typeof batchAnswerSchema>;

const idsSchema = z.array(uuidSchema).min(1).max(10_000);

/** Deletes records, or brings deleted ones back. */
export const logIdsSchema = z.strictObject({ ids: idsSchema }).meta({ id: 'LogIds' });

/** Adds tags to records and takes tags off them. */
export const tagEntriesSchema = z
  .strictObject({
    ids: idsSchema,
    add: z.array(tagSchema).max(20).default([]),
    remove: z.array(tagSchema).max(20).default([]),
  })
  .meta({ id: 'TagLogEntries' });

export const changedSchema = z.strictObject({ changed: z.int().min(0) }).meta({ id: 'Changed' });
