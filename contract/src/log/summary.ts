import type { LogGroup, LogOverview, LogSummary, StageSummary } from '@sleetcrest/core/learner/log';
import * as z from 'zod';
import { stageSchema } from '../documents/approach.js';
import { uuidSchema } from '../documents/id.js';
import { daySchema, momentSchema } from '../documents/moment.js';

const seconds = z.number().min(0);

export const stageSummarySchema = z.strictObject({
  stage: stageSchema,
  count: z.int().min(1),
  median: seconds,
  turnsPerSecond: z.number().min(0).nullable(),
}) satisfies z.ZodType<StageSummary>;

/** What the charts of a log show. */
export const logSummarySchema = z
  .strictObject({
    count: z.int().min(0),
    timed: z.int().min(0),
    best: z.strictObject({ id: uuidSchema, time: seconds }).nullable(),
    typical: seconds.nullable().describe('The median of the last twelve.'),
    days: z.array(
      z.strictObject({
        day: daySchema,
        count: z.int().min(1),
        lower: seconds,
        median: seconds,
        upper: seconds,
      }),
    ),
    spread: z
      .strictObject({
        from: seconds,
        width: z.number().positive(),
        counts: z.array(z.int().min(0)),
      })
      .nullable(),
    streaks: z.strictObject({
      current: z.int().min(0),
      longest: z.int().min(0),
      lastThirty: z.int().min(0).max(30),
    }),
  })
  .meta({ id: 'LogSummary' }) satisfies z.ZodType<LogSummary>;

/** The summary, and what stages took lately, a month before, and in the group. */
export const logOverviewSchema = z
  .strictObject({
    summary: logSummarySchema,
    ridge: z
      .strictObject({
        from: daySchema,
        to: daySchema,
        now: z.array(stageSummarySchema),
        earlier: z.array(stageSummarySchema).describe('The thirty days before.'),
        group: z
          .union([z.literal('too few'), z.array(stageSummarySchema)])
          .nullable()
          .describe(
            'The other learners of one’s groups over the last thirty days, by method and stage ' +
              'alone, each learner counted as one; null outside a group.',
          ),
      })
      .describe('The days asked for; where no first one is given, the thirty up to the last.'),
  })
  .meta({ id: 'LogOverview' }) satisfies z.ZodType<LogOverview>;

export const logGroupsSchema = z
  .strictObject({
    items: z.array(
      z.strictObject({
        from: momentSchema,
        to: momentSchema,
        count: z.int().min(1),
        times: z
          .array(
            z.strictObject({
              stage: stageSchema.nullable().describe('The stage practised; null for whole solves.'),
              count: z.int().min(1),
              best: seconds,
              median: seconds,
            }),
          )
          .describe('Of those finished with a time, each kind for itself.'),
      }) satisfies z.ZodType<LogGroup>,
    ),
  })
  .meta({ id: 'LogGroups' });
