import { STAGES } from '@sleetcrest/core';
import type { Case, LiningUp, PatternApproach } from '@sleetcrest/core/teaching/approaches';
import * as z from 'zod';
import { linesSchema, seenSchema } from './claims.js';
import { idSchema } from './id.js';
import { name, text } from './text.js';
import { SAY } from './words.js';

export const stageSchema = z.enum(STAGES).meta({ id: 'Stage' });

const sentence = text({ most: 1000 });
const title = name({ least: SAY.titleNeeded, most: 120 });

const patternSchema = z
  .record(z.string().regex(/^[UDFBRL]{2,3}\.[UDFBRL]$/, SAY.badSticker), seenSchema)
  .readonly()
  .meta({
    id: 'Pattern',
    description: 'What must be seen once the layer is lined up, by sticker: a colour by its role.',
  });

const liningUpSchema: z.ZodType<LiningUp> = z.strictObject({
  layer: z.enum(['U', 'D']),
  turning: linesSchema,
  already: linesSchema,
});

export const caseSchema = z
  .strictObject({
    id: z
      .string()
      .max(120)
      .regex(/^[a-z0-9-]+\/[a-z0-9-]+$/, SAY.badCase),
    title,
    rank: z.int().min(0).max(9).optional().describe('Lower ranks are taken first; 1 if not said.'),
    seen: z.union([patternSchema, z.array(patternSchema).min(1).max(20).readonly()]),
    pieces: z
      .array(z.string().regex(/^[UDFBRL]{2,3}$/))
      .max(4)
      .readonly(),
    lineUp: liningUpSchema.optional(),
    sequence: text({ most: 400 }).describe('Turns in the hold; empty when lining up is all.'),
    times: z.int().min(1).max(12).optional(),
    find: linesSchema
      .optional()
      .describe('Which piece, and where it is before the cube is held anew ({was}).'),
    look: linesSchema.describe('May name colours by role: {first}, {front}, {piece}.'),
    why: linesSchema,
  })
  .meta({ id: 'Case' }) satisfies z.ZodType<Case>;

/** An approach written out in a method; only built-in ones can search. */
export const approachSchema = z
  .strictObject({
    id: idSchema,
    title,
    short: name({ least: SAY.shortTitleNeeded, most: 40 }).optional(),
    stage: stageSchema,
    after: z
      .union([stageSchema.nullable(), z.array(stageSchema.nullable()).min(1).max(11).readonly()])
      .describe('The stage done just before, or several of which any may be; null for none.'),
    up: z.enum(['first', 'opposite']).describe('Which colour is held up.'),
    keepsHold: z.boolean().optional().describe('The front stays in front until the stage is done.'),
    summary: sentence,
    cases: z.array(caseSchema).min(1, SAY.casesNeeded).max(60).readonly(),
  })
  .meta({ id: 'Approach' }) satisfies z.ZodType<PatternApproach>;
