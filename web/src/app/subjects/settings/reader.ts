import type { Reader } from '@sleetcrest/contract';
import { DEFAULT_METHOD, type Method, STANDARD_SCHEME, SWATCHES } from '@sleetcrest/core';

export type { Reader };

const DEFAULT_FAR: Reader['far'] = {
  speak: true,
  tick: true,
  advance: 'key',
  pause: 'key',
  pedal: 'PageDown',
};

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
  hand: 'right',
  hands: false,
  firstPage: 0,
  firstOffered: false,
  restMinutes: 20,
  learning: { minutes: 10, skipped: [], lesson: null },
  patterns: [],
};

/** A method as settings and walks keep it. */
export const copied = (method: string | Method): Reader['method'] =>
  structuredClone(method) as Reader['method'];
