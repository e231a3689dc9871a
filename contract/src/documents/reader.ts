import { DIALECTS } from '@sleetcrest/core';
import * as z from 'zod';
import { colourSchema } from './colour.js';
import { methodChoiceSchema } from './method.js';
import { line, text } from './text.js';
import { SAY } from './words.js';

const swatchSchema = line({ most: 7 }).regex(/^#[0-9a-f]{6}$/, SAY.badColour);

/** How the full-window walk goes on while the hands are busy. */
const farSchema = z.strictObject({
  /** Whether turns are spoken. */
  speak: z.boolean(),
  /** Whether each turn comes with a soft tick. */
  tick: z.boolean(),
  /** Goes on by itself at the walk's pace, or at each press of a key. */
  advance: z.enum(['key', 'pace']),
  /** What ends the pause after a step: a key, or the time it takes to say what comes. */
  pause: z.enum(['key', 'wait']),
  /** The key a foot pedal sends, as browsers name it. */
  pedal: text({ most: 40 }).min(1),
});

/** How a person learns: minutes a day, what is left out, and the lesson they are in. */
const learningSchema = z.strictObject({
  minutes: z.int().min(2).max(60),
  /** Cases that are not to be learned. */
  skipped: z.array(text({ most: 120 })).max(400),
  lesson: z
    .strictObject({
      case: text({ most: 120 }),
      part: z.enum(['watch', 'together', 'alone', 'among']),
    })
    .nullable(),
});

/** A pattern that is kept or handed on: turns from solved. */
export const patternSchema = z.strictObject({
  title: line({ most: 60 }),
  turns: text({ most: 200 }),
});

/** How a person reads turns, sees colours and owns a cube. */
export const readerSchema = z
  .strictObject({
    dialect: z.enum(DIALECTS),
    firstColour: colourSchema,
    /** The method this person learns by, used everywhere. */
    method: methodChoiceSchema,
    /** The colours of the centres, by side number. */
    scheme: z.array(colourSchema).length(6),
    letters: z.boolean(),
    theme: z.enum(['auto', 'day', 'night']),
    swatches: z.record(colourSchema, swatchSchema),
    /** While a walk plays. */
    secondsPerTurn: z.number().min(0.4).max(5),
    /** Whether guided entry says the sides aloud. */
    speakEntry: z.boolean(),
    /** How a walk is read from a distance. */
    far: farSchema,
    /** The hand this person calls theirs: plans for hands prefer it. */
    hand: z.enum(['right', 'left']),
    /** Whether a walk shows which hand and finger turns. */
    hands: z.boolean(),
    /** How far the first pages were read, and whether they were offered. */
    firstPage: z.int().min(0).max(8),
    firstOffered: z.boolean(),
    learning: learningSchema,
    /** Patterns of one's own: what they are called, and turns from solved. */
    patterns: z.array(patternSchema).max(60),
    /** After so many minutes a rest is proposed; 0 for never. */
    restMinutes: z.number().min(0).max(120),
    /** Whether single keys such as ? do something outside a field. */
    shortcuts: z.boolean(),
  })
  .meta({ id: 'Reader' });
export type Reader = z.infer<typeof readerSchema>;

/** Some of it: what was changed. */
export const readerPartSchema = readerSchema.partial().meta({ id: 'ReaderPart' });
export type ReaderPart = z.infer<typeof readerPartSchema>;
