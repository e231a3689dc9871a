import { STAGES } from '@sleetcrest/core';
import type { Claim, Lines, Sentence } from '@sleetcrest/core/teaching/approaches';
import * as z from 'zod';
import { text } from './text.js';
import { SAY } from './words.js';

export const ROLES = ['first', 'opposite', 'front', 'right', 'back', 'left', 'side'] as const;
export const roleSchema = z.enum(ROLES);

/** A colour by its role, any but one, or any of some. */
export const seenSchema = z.union([
  roleSchema,
  z.enum(ROLES.map((role) => `!${role}` as const)),
  z.array(roleSchema).min(1).max(6).readonly(),
]);

const momentSchema = z
  .union([z.enum(['found', 'before', 'lined-up', 'after']), z.int().min(0).max(400)])
  .describe('When it is so; a number is after so many turns of the sequence.');
const whichSchema = z
  .string()
  .regex(
    /^(?:piece[1-4]?|[UDFBRL]{2,3}|(?:first|opposite|front|right|back|left)(?:\+(?:first|opposite|front|right|back|left)){1,2})$/,
    SAY.badPiece,
  );
const placeSchema = z.string().regex(/^(?:[UDFBRL]{0,3}|\{\w{1,12}\})$/, SAY.badPlace);
const sticker = z.string().regex(/^[UDFBRL]{2,3}\.[UDFBRL]$/, SAY.badSticker);
const sides = z.string().regex(/^[UDFBRL]{1,6}$/, SAY.badSides);
const not = z.literal(true).optional();
const number = z.int().min(0).max(40);
const some = z.union([number, z.tuple([number, number]).readonly()]);
const kind = z.enum(['corner', 'edge']);
const turn = z.int().min(1).max(400);

const thoseSchema = z.strictObject({
  kind,
  at: z
    .string()
    .regex(/^[UDFBRL]{0,3}$/)
    .optional(),
  with: roleSchema.optional(),
  without: roleSchema.optional(),
  facing: z.strictObject({ colour: roleSchema, sides }).optional(),
  solved: z.boolean().optional(),
  inPlace: z.boolean().optional(),
});

const claims: z.ZodType<readonly Claim[]> = z.lazy(() => z.array(claimSchema).max(12).readonly());

/** What a sentence says, so that it can be checked on every cube. */
export const claimSchema: z.ZodType<Claim> = z
  .discriminatedUnion('is', [
    z.strictObject({
      is: z.literal('at'),
      piece: whichSchema,
      place: placeSchema,
      not,
      when: momentSchema,
    }),
    z.strictObject({
      is: z.literal('belongs'),
      piece: whichSchema,
      place: placeSchema,
      when: momentSchema,
    }),
    z.strictObject({ is: z.literal('colour'), sticker, shows: seenSchema, when: momentSchema }),
    z.strictObject({
      is: z.literal('has'),
      piece: whichSchema,
      colour: roleSchema,
      sides: sides.optional(),
      not,
      when: momentSchema,
    }),
    z.strictObject({
      is: z.literal('same-colour'),
      stickers: z.tuple([sticker, sticker]).readonly(),
      not,
      when: momentSchema,
    }),
    z.strictObject({
      is: z.literal('next-to'),
      pieces: z.tuple([whichSchema, whichSchema]).readonly(),
      matching: z.boolean().optional(),
      not,
      when: momentSchema,
    }),
    z.strictObject({ is: z.literal('stays'), piece: whichSchema, not }),
    z.strictObject({ is: z.literal('solved'), piece: whichSchema, not, when: momentSchema }),
    z.strictObject({ is: z.literal('in-place'), piece: whichSchema, not, when: momentSchema }),
    z.strictObject({ is: z.literal('not-finished'), place: placeSchema, when: momentSchema }),
    z.strictObject({ is: z.literal('goes-home-after'), piece: whichSchema, turns: turn }),
    z.strictObject({ is: z.literal('count'), of: thoseSchema, number: some, when: momentSchema }),
    z.strictObject({ is: z.literal('round'), places: z.array(placeSchema).max(8).readonly() }),
    z.strictObject({
      is: z.literal('moves-only'),
      kind,
      places: z.array(placeSchema).max(12).readonly(),
    }),
    z.strictObject({
      is: z.literal('done'),
      stage: z.enum(STAGES).optional(),
      not,
      when: momentSchema,
    }),
    z.strictObject({ is: z.literal('looks-left'), number: some }),
    z.strictObject({
      is: z.literal('turns'),
      number,
      times: z.int().min(1).max(12).optional(),
    }),
    z.strictObject({ is: z.literal('takes-back'), turn, other: turn }),
    z.strictObject({ is: z.literal('then'), turns: text({ most: 400 }), so: claims }),
    z.strictObject({ is: z.literal('in-the-end'), so: claims }),
    z.strictObject({ is: z.literal('any-hold'), so: claims }),
    z.strictObject({ is: z.literal('else-not'), so: z.lazy(() => claimSchema) }),
    z.strictObject({
      is: z.literal('turned'),
      side: z.enum(['U', 'D', 'F', 'B', 'R', 'L']),
      turn,
      half: z.literal(true).optional(),
    }),
    z.strictObject({ is: z.literal('turns-over'), piece: whichSchema }),
    z.strictObject({ is: z.literal('whole-turn'), before: turn }),
    z.strictObject({ is: z.literal('later'), from: turn, to: turn }),
    z.strictObject({
      is: z.literal('stretch'),
      which: z.enum(['first', 'next', 'last']),
      from: turn,
      to: turn,
    }),
    z.strictObject({
      is: z.literal('exchange'),
      places: z.tuple([placeSchema, placeSchema]).readonly(),
    }),
    z.strictObject({
      is: z.literal('lie'),
      how: z.enum(['beside', 'across']),
      places: z.tuple([placeSchema, placeSchema]).readonly(),
    }),
    z.strictObject({
      is: z.literal('belong-beside'),
      pieces: z.tuple([whichSchema, whichSchema]).readonly(),
    }),
    z.strictObject({ is: z.literal('belongs-in-middle'), piece: whichSchema }),
    z.strictObject({ is: z.literal('same-hold') }),
    z.strictObject({ is: z.literal('next'), so: claims }),
    z.strictObject({ is: z.literal('besides'), so: claims }),
    z.strictObject({ is: z.literal('keeps-pairs') }),
    z.strictObject({ is: z.literal('shortest') }),
    z.strictObject({
      is: z.literal('fits'),
      pieces: z.array(whichSchema).min(1).max(4).readonly(),
      layer: z.enum(['U', 'D']),
      not,
      when: momentSchema,
    }),
    z.strictObject({
      is: z.literal('beside'),
      piece: whichSchema,
      of: whichSchema,
      hand: z.string().regex(/^(?:right|left|across|\{hand\})$/),
      when: momentSchema,
    }),
  ])
  .meta({ id: 'Claim' });

const sentenceSchema = z
  .strictObject({
    says: text({ most: 500 }),
    so: claims.describe('What it says, to be checked on every cube it is read on.'),
  })
  .meta({ id: 'Sentence' }) satisfies z.ZodType<Sentence>;

/** What is said in a case: a text, or sentences with what they claim. */
export const linesSchema = z.union(
  [text({ most: 1000 }), z.array(sentenceSchema).max(12).readonly()],
  SAY.badText,
) satisfies z.ZodType<Lines>;
