import { STAGES } from '@sleetcrest/core';
import * as z from 'zod';
import { accountNameSchema } from '../accounts/account.js';
import { cubeSchema } from '../documents/cube.js';
import { uuidSchema } from '../documents/id.js';
import { text } from '../documents/text.js';
import { logEntrySchema } from '../log/entry.js';
import { SAY } from './words.js';

const wordsSchema = text({ most: 2000, says: SAY.workNoteTooLong });

/** What is handed in: a record of one's log as it stands, or a cube with a question. */
export const handedSchema = z
  .discriminatedUnion('what', [
    z.strictObject({ what: z.literal('record'), entry: uuidSchema }),
    z.strictObject({ what: z.literal('question'), cube: cubeSchema }),
  ])
  .meta({ id: 'Handed' });

/** Hands something in to a group one belongs to. Sent again with the same id it is the same. */
export const handInSchema = z
  .strictObject({ id: uuidSchema, group: uuidSchema, handed: handedSchema, words: wordsSchema })
  .meta({ id: 'HandIn' });
export type HandIn = z.infer<typeof handInSchema>;

/** Where a word is written: at a turn of the solve, counted from 1, at a stage, or of the whole. */
const placeSchema = z
  .strictObject({
    turn: z.int().min(1).max(5000).nullable(),
    stage: z.enum(STAGES).nullable(),
  })
  .meta({ id: 'Place' });
export type Place = z.infer<typeof placeSchema>;

/** Adds words to a piece of work: never changed, so that nothing is lost when both write. */
export const writeNoteSchema = z
  .strictObject({
    id: uuidSchema,
    place: placeSchema,
    words: wordsSchema.refine((given) => given.trim() !== '', SAY.workNoteNeeded),
  })
  .meta({ id: 'WriteNote' });
export type WriteNote = z.infer<typeof writeNoteSchema>;

const noteSchema = z.strictObject({
  id: uuidSchema,
  by: accountNameSchema,
  byLearner: z.boolean(),
  place: placeSchema,
  words: wordsSchema,
  writtenAt: z.iso.datetime(),
});

export const workSchema = z
  .strictObject({
    id: uuidSchema,
    group: uuidSchema,
    groupName: text({ most: 60 }),
    learner: z.strictObject({ id: uuidSchema, name: accountNameSchema }),
    /** The record as it stood when it was handed in. */
    handed: z.discriminatedUnion('what', [
      z.strictObject({ what: z.literal('record'), entry: logEntrySchema }),
      z.strictObject({ what: z.literal('question'), cube: cubeSchema }),
    ]),
    words: wordsSchema,
    handedAt: z.iso.datetime(),
    markedAt: z.iso.datetime().nullable(),
    unread: z.boolean().describe('Whether there is something whoever asks has not read.'),
    notes: z.array(noteSchema),
  })
  .meta({ id: 'Work' });
export type Work = z.infer<typeof workSchema>;
export type WorkNote = Work['notes'][number];

export const workListSchema = z
  .strictObject({ items: z.array(workSchema) })
  .meta({ id: 'WorkList' });
export const workParamsSchema = z.strictObject({ work: uuidSchema });
/** Marks it as looked at and answered, or takes that back. */
export const markWorkSchema = z.strictObject({ marked: z.boolean() }).meta({ id: 'MarkWork' });
