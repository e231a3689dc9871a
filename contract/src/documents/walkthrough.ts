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
    look: text({ most: 1000 }),
    why: text({ most: 1000 }),
    completes: stageSchema.nullable().describe('The stage whose goal holds after this step.'),
  })
  .meta({ id: 'Step' });

/** The Walkthrough document: a whole explained solve. */
export const walkthroughSchema = z
  .strictObject({
    format: z.literal('sleetcrest/walkthrough@1'),
    method: idSchema,
    firstColour: colourSchema,
    start: cubeSchema,
    steps: z.array(stepSchema).max(500),
    turnCount: z.int().min(0).describe('Quarter and half turns counted as one, x y z as none.'),
  })
  .meta({ id: 'Walkthrough', title: 'Walkthrough' }) satisfies z.ZodType<
  Omit<Walkthrough, 'steps'> & { steps: object[] }
>;
