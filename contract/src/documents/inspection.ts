import { FIRST_LAYERS, PROBLEM_KINDS } from '@sleetcrest/core';
import * as z from 'zod';
import { colourSchema } from './colour.js';
import { stageSchema } from './approach.js';

/** What `inspect` answers. */
export const inspectionSchema = z
  .strictObject({
    legal: z.boolean(),
    problems: z.array(
      z.strictObject({
        kind: z.enum(PROBLEM_KINDS),
        pieces: z.array(z.array(colourSchema)),
        repair: z.string(),
      }),
    ),
    reached: z.array(stageSchema),
    firstLayer: z.enum(FIRST_LAYERS).meta({
      description: 'face-only: one side shows its colour, but the stickers round it do not match.',
    }),
    methods: z
      .record(
        z.string(),
        z.strictObject({ done: stageSchema.nullable(), next: stageSchema.nullable() }),
      )
      .meta({ description: 'Per method, by id: the last stage that is done, and the next.' }),
  })
  .meta({ id: 'Inspection', title: 'Inspection' });
