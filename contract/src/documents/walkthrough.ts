import type { Walkthrough } from '@sleetcrest/core';
import * as z from 'zod';
import { stageSchema } from './approach.js';
import { colourSchema } from './colour.js';
import { cubeSchema } from './cube.js';
import { idSchema } from './id.js';
import { text } from './text.js';

const turnsSchema = text({ most: 2000 });

export const stepSchema = z
  .strictObject({
    stage: stageSchema,
    approach: idSchema,
    case: text({ most: 120 }),
    pieces: z.array(z.array(colourSchema).min(2).max(3)),
    hold: z.strictObject({ up: colourSchema, front: colourSchema }),
    lineUp: turnsSchema.describe('Turns in the hold that line up a layer; may be empty.'),
    sequence: turnsSchema.describe('Turns in the hold; x y z may occur and count nothing.'),
    find: text({ most: 1000 }).describe(
      'Which piece, and where it is in the hold before the step.',
    ),
    look: text({ most: 1000 }).describe('What decides the case, in the hold of the step.'),
    why: text({ most: 1000 }),
    completes: stageSchema.nullable().describe('The stage whose goal holds after this step.'),
  })
  .meta({ id: 'Step' });

const walkthroughWith = <Version extends 1 | 2, S extends z.ZodType>(version: Version, step: S) =>
  z.strictObject({
    format: z.literal(`sleetcrest/walkthrough@${version}`),
    method: idSchema,
    firstColour: colourSchema,
    start: cubeSchema,
    steps: z.array(step).max(500),
    turnCount: z.int().min(0).describe('Quarter and half turns counted as one, x y z as none.'),
  });

/** The Walkthrough document: a whole explained solve. */
export const walkthroughSchema = walkthroughWith(2, stepSchema).meta({
  id: 'Walkthrough',
  title: 'Walkthrough',
}) satisfies z.ZodType<Omit<Walkthrough, 'steps'> & { steps: object[] }>;

/** A walkthrough as it may come in: an older one, whose steps find nothing, becomes one of today. */
export const walkthroughReadSchema = z.discriminatedUnion('format', [
  walkthroughSchema,
  walkthroughWith(1, stepSchema.omit({ find: true })).transform(({ steps, ...rest }) => ({
    ...rest,
    format: 'sleetcrest/walkthrough@2' as const,
    steps: steps.map((step) => ({ ...step, find: '' })),
  })),
]);
