import { methodChoiceSchema } from '@sleetcrest/contract';
import {
  COLOURS,
  DEFAULT_METHOD,
  DIALECTS,
  STANDARD_SCHEME,
  SWATCHES,
  type Method,
} from '@sleetcrest/core';
import * as z from 'zod';

const colour = z.enum(COLOURS);
const swatch = z.string().regex(/^#[0-9a-f]{6}$/);

/** How the full-window walk goes on while the hands are busy. */
const farSchema = z.object({
  /** Whether turns are spoken. */
  speak: z.boolean(),
  /** Whether each turn comes with a soft tick. */
  tick: z.boolean(),
  /** Goes on by itself at the walk's pace, or at each press of a key. */
  advance: z.enum(['key', 'pace']),
  /** What ends the pause after a step: a key, or the time it takes to say what comes. */
  pause: z.enum(['key', 'wait']),
  /** The key a foot pedal sends, as browsers name it. */
  pedal: z.string().min(1).max(40),
});
const DEFAULT_FAR: z.infer<typeof farSchema> = {
  speak: true,
  tick: true,
  advance: 'key',
  pause: 'key',
  pedal: 'PageDown',
};

/** How this person reads: kept in the browser, never sent. */
export const readerSchema = z.object({
  dialect: z.enum(DIALECTS),
  firstColour: colour,
  /** The method this person learns by, used everywhere. */
  method: methodChoiceSchema.default(DEFAULT_METHOD.id),
  /** The colours of the centres, by side number. */
  scheme: z.array(colour).length(6),
  letters: z.boolean(),
  theme: z.enum(['auto', 'day', 'night']),
  swatches: z.record(colour, swatch),
  /** While a walk plays. */
  secondsPerTurn: z.number().min(0.4).max(5),
  /** Whether guided entry says the sides aloud. */
  speakEntry: z.boolean().default(false),
  /** How a walk is read from a distance. */
  far: farSchema.default(DEFAULT_FAR),
  /** After so many minutes a rest is proposed; 0 for never. */
  restMinutes: z.number().min(0).max(120).default(20),
  /** Whether single keys such as ? do something outside a field. */
  shortcuts: z.boolean(),
});
export type Reader = z.infer<typeof readerSchema>;

export const DEFAULT_READER: Reader = {
  dialect: 'prime',
  firstColour: 'white',
  method: DEFAULT_METHOD.id,
  scheme: [...STANDARD_SCHEME],
  letters: false,
  theme: 'auto',
  swatches: { ...SWATCHES },
  secondsPerTurn: 1.4,
  shortcuts: true,
  speakEntry: false,
  far: DEFAULT_FAR,
  restMinutes: 20,
};

/** A method as settings and walks keep it. */
export const copied = (method: string | Method): Reader['method'] =>
  methodChoiceSchema.parse(method);
