import { COLOURS, DIALECTS } from '@sleetcrest/core';
import * as z from 'zod';
import { stageSchema } from '../documents/approach.js';
import { colourSchema } from '../documents/colour.js';
import { methodChoiceSchema } from '../documents/method.js';

export const PAPERS = ['A4', 'LETTER'] as const;

/** What a printed guide is to show, and for whom. */
export const handoutSchema = z
  .strictObject({
    method: methodChoiceSchema,
    stage: stageSchema.nullable().describe('One stage, or null for the whole method.'),
    paper: z.enum(PAPERS),
    dialect: z.enum(DIALECTS),
    firstColour: colourSchema,
    ink: z
      .enum(['colour', 'letters'])
      .describe('In colour, or in black and white with a letter on each sticker.'),
    swatches: z
      .record(z.enum(COLOURS), z.string().regex(/^#[0-9a-f]{6}$/))
      .describe('The colours of the stickers, as #rrggbb.'),
    looks: z.boolean().optional().describe('Whether a page says what to look at first.'),
  })
  .meta({ id: 'Handout' });
export type Handout = z.infer<typeof handoutSchema>;
