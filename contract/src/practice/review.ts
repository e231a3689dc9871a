import { readMoves } from '@sleetcrest/core';
import { CARD_KINDS, INPUTS, type Review } from '@sleetcrest/core/learner/answers';
import * as z from 'zod';
import { uuidSchema } from '../documents/id.js';
import { momentSchema, sinceSchema } from '../documents/moment.js';
import { line } from '../documents/text.js';
import { SAY } from './words.js';

/** The longest an answer is waited for. */
const MOST_SECONDS = 3600;

const itemSchema = line({ most: 200, says: SAY.itemTooLong }).min(1, SAY.itemNeeded);

/** One answer to one card: never changed, only added. */
export const reviewSchema = z
  .strictObject({
    id: uuidSchema.describe('Made by the sender, so that an answer can be sent again safely.'),
    kind: z.enum(CARD_KINDS),
    item: itemSchema.describe('A case (see, both), a sequence (turn), or one turn (read).'),
    at: momentSchema.describe('With the offset of the place: its day is the day there.'),
    right: z.boolean(),
    seconds: z
      .number(SAY.badTime)
      .min(0, SAY.negativeTime)
      .max(MOST_SECONDS, SAY.longTime)
      .overwrite((time) => Math.round(time * 100) / 100 + 0),
    answer: line({ most: 200, says: SAY.answerTooLong }).describe(
      'What was answered instead; empty where it was right or cannot be named.',
    ),
    turns: z.int().min(0).max(1000),
    by: z.enum(INPUTS),
  })
  .superRefine(({ kind, item, right, answer }, context) => {
    const refuse = (path: string, message: string): void =>
      context.addIssue({ code: 'custom', path: [path], message });
    if (right && answer !== '') refuse('answer', SAY.rightIsNoOther);
    if (kind !== 'turn' && kind !== 'read') return;
    const read = readMoves(item);
    if (!read.ok) refuse('item', read.error.message);
    else if (kind === 'read' && read.value.length !== 1) refuse('item', SAY.oneTurn);
  })
  .meta({ id: 'Review' }) satisfies z.ZodType<Review>;

/** The most answers one request may hold. */
export const MOST_REVIEWS = 500;

/** Adds answers, all or none. Those that are kept already add nothing. */
export const reviewBatchSchema = z
  .strictObject({ reviews: z.array(reviewSchema).min(1).max(MOST_REVIEWS) })
  .meta({ id: 'ReviewBatch' });

export const reviewsAddedSchema = z
  .strictObject({ added: z.int().min(0), known: z.int().min(0) })
  .meta({ id: 'ReviewsAdded' });
export type ReviewsAdded = z.infer<typeof reviewsAddedSchema>;

/** What has come in since a moment, in the order it came; without one, everything. */
export const reviewsQuerySchema = z.strictObject({
  since: sinceSchema.optional(),
  after: uuidSchema.optional().describe('The last answer of the page before this one.'),
});

export const reviewsPageSchema = z
  .strictObject({
    items: z.array(reviewSchema),
    next: z.strictObject({
      since: z.iso.datetime(),
      after: uuidSchema.optional().describe('Given while there is more.'),
    }),
  })
  .meta({ id: 'ReviewsPage' });
export type ReviewsPage = z.infer<typeof reviewsPageSchema>;

/** What the answers to one card leave; days are counted from 1970-01-01. */
export const cardSchema = z
  .strictObject({
    kind: z.enum(CARD_KINDS),
    item: itemSchema,
    trace: z.strictObject({ stability: z.number(), difficulty: z.number() }),
    lastDay: z.int(),
    dueDay: z.int(),
    answers: z.int().min(1),
    lapses: z.int().min(0),
    right: z.boolean(),
    rightDays: z.int().min(0),
    lastRightDay: z.int(),
    turns: z.int().min(0),
  })
  .meta({ id: 'Card' });

export const cardsSchema = z.strictObject({ items: z.array(cardSchema) }).meta({ id: 'Cards' });
export type Cards = z.infer<typeof cardsSchema>;
