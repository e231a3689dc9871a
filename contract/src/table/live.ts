import { DOINGS } from '@sleetcrest/core/group/board';
import * as z from 'zod';
import { CODE_LETTERS } from '../accounts/code.js';
import { colourSchema } from '../documents/colour.js';
import { cubeSchema } from '../documents/cube.js';
import { uuidSchema } from '../documents/id.js';
import { methodChoiceSchema } from '../documents/method.js';
import { line, name } from '../documents/text.js';
import { caseIdSchema } from './matrix.js';
import { scrambleSchema } from './scramble.js';
import { SAY } from './words.js';

const nicknameSchema = name({
  least: SAY.nameNeeded,
  most: 40,
  says: SAY.nameTooLong,
});

/** Six letters and digits on the board, by which anybody joins who sits at the table. */
export const tableCodeSchema = z
  .string()
  .trim()
  .toUpperCase()
  .regex(new RegExp(`^[${CODE_LETTERS}]{6}$`), SAY.badCode);

/** Puts a cube, a case or a plan of looks before everybody: they take it up if they like. */
export const offerSchema = z
  .strictObject({
    id: uuidSchema,
    words: line({ most: 120 }),
    show: z.discriminatedUnion('what', [
      z.strictObject({ what: z.literal('case'), case: caseIdSchema }),
      z.strictObject({ what: z.literal('glance'), case: caseIdSchema }),
      z.strictObject({
        what: z.literal('cube'),
        cube: cubeSchema,
        method: methodChoiceSchema,
        firstColour: colourSchema,
      }),
      z.strictObject({ what: z.literal('mixed'), scramble: scrambleSchema }),
    ]),
  })
  .meta({ id: 'Offer' });
export type Offer = z.infer<typeof offerSchema>;

/** A session that is being held. */
export const liveSessionSchema = z
  .strictObject({
    id: uuidSchema,
    group: uuidSchema,
    groupName: line({ most: 60 }),
    code: tableCodeSchema.nullable().describe('Told to those who teach.'),
    begunAt: z.iso.datetime(),
    showsTimes: z.boolean().describe('Whether learners see the times of others.'),
    joined: z.boolean().describe('Whether whoever asks sits at it.'),
    offer: offerSchema.nullable(),
  })
  .meta({ id: 'LiveSession' });
export type LiveSession = z.infer<typeof liveSessionSchema>;

export const liveListSchema = z
  .strictObject({ items: z.array(liveSessionSchema) })
  .meta({ id: 'LiveSessions' });

export const beginLiveSchema = z.strictObject({ id: uuidSchema }).meta({ id: 'BeginLive' });
export const changeLiveSchema = z
  .strictObject({ offer: offerSchema.nullable(), showsTimes: z.boolean() })
  .partial()
  .meta({ id: 'ChangeLive' });
export type ChangeLive = z.infer<typeof changeLiveSchema>;

/** Joins by the code on the board; a guest says what to be called. */
export const joinLiveSchema = z
  .strictObject({ code: tableCodeSchema, nickname: nicknameSchema.nullable() })
  .meta({ id: 'JoinLive' });
export type JoinLive = z.infer<typeof joinLiveSchema>;

/** Where a learner is, told by their page whenever it changes. */
export const hereSchema = z
  .strictObject({
    doing: z.enum(DOINGS),
    title: line({ most: 120 }).describe('The stage, case or lesson, in words.'),
    at: z.int().min(0).max(10_000),
    of: z.int().min(0).max(10_000),
    forSeconds: z
      .int()
      .min(0)
      .max(86_400)
      .describe('How long this step has lasted when it is told.'),
    usualSeconds: z
      .int()
      .min(1)
      .max(3600)
      .describe('After how long in a step this learner is stuck.'),
    hand: z.boolean(),
    cube: cubeSchema.nullable().describe('The cube before them, as far as it is known.'),
  })
  .meta({ id: 'Here' });
export type HereTold = z.infer<typeof hereSchema>;

/** A learner on the board. Moments are of the server’s clock. */
export const presentSchema = z
  .strictObject({
    id: uuidSchema,
    name: nicknameSchema,
    guest: z.boolean(),
    here: hereSchema.omit({ forSeconds: true }).nullable(),
    since: z.iso.datetime(),
    handAt: z.iso.datetime().nullable(),
    toldAt: z.iso.datetime(),
  })
  .meta({ id: 'Present' });
export type Present = z.infer<typeof presentSchema>;

/**
 * Why somebody follows a session no more: it ended; its group was archived, or dissolved; they were taken off
 * the table, or out of the group; they signed out, or their account is gone; they may not see it any more.
 */
export const ENDINGS = [
  'ended',
  'archived',
  'dissolved',
  'taken off',
  'signed out',
  'no right',
] as const;
export type Ending = (typeof ENDINGS)[number];

/** What a stream tells, one after the other; `all` first, and again whenever it was broken. */
export const boardEventSchema = z
  .discriminatedUnion('is', [
    z.strictObject({
      is: z.literal('all'),
      now: z.iso.datetime(),
      present: z.array(presentSchema),
    }),
    z.strictObject({ is: z.literal('one'), present: presentSchema }),
    z.strictObject({ is: z.literal('left'), id: uuidSchema }),
    z.strictObject({ is: z.literal('session'), session: liveSessionSchema }),
    z.strictObject({ is: z.literal('beat'), now: z.iso.datetime() }),
    z.strictObject({
      is: z.literal('over'),
      why: z.enum(ENDINGS).optional(),
    }),
  ])
  .meta({ id: 'BoardEvent' });
export type BoardEvent = z.infer<typeof boardEventSchema>;

export const liveParamsSchema = z.strictObject({ live: uuidSchema });
export const presentParamsSchema = z.strictObject({ live: uuidSchema, learner: uuidSchema });
