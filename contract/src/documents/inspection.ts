import { PROBLEM_KINDS } from '@sleetcrest/core';
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
  })
  .meta({ id: 'Inspection', title: 'Inspection' });
