import { BACK, DOWN, LEFT, type Side, UP } from '../../puzzle/cube/index.js';

/**
 * The slips of a hand that follows a sequence.
 *
 * One turn: `reversed`, `left-out`, `doubled` (half for a quarter), `halved` (a quarter for half),
 * `mirrored-side` (the side across), `neighbour-side`, `whole-cube` (the cube turned instead of
 * the side), `extra`. Two turns: `exchanged`. All the rest of it: `re-held`. The whole sequence:
 * `wrong-hold`, `other-hand`, `too-many-rounds`, `too-few-rounds`, `stopped-early`,
 * `line-up-left-out`.
 */
export const SLIP_KINDS = [
  'reversed',
  'left-out',
  'doubled',
  'halved',
  'mirrored-side',
  'neighbour-side',
  'whole-cube',
  'extra',
  'exchanged',
  're-held',
  'wrong-hold',
  'other-hand',
  'too-many-rounds',
  'too-few-rounds',
  'stopped-early',
  'line-up-left-out',
] as const;
export type SlipKind = (typeof SLIP_KINDS)[number];

/**
 * How unusual each slip is: the less, the likelier. A judgement of what coaches see, most common
 * first: a turn the wrong way; a lining-up or the last rounds forgotten; the hold lost; and so on.
 * One unit is about a factor of three.
 */
const UNUSUAL: Record<SlipKind, number> = {
  reversed: 1.3,
  'line-up-left-out': 1.1,
  'too-few-rounds': 1.4,
  'wrong-hold': 1.5,
  'left-out': 1.6,
  halved: 1.6,
  'too-many-rounds': 1.6,
  doubled: 1.7,
  'stopped-early': 1.8,
  'other-hand': 1.8,
  're-held': 1.9,
  'whole-cube': 2.1,
  'mirrored-side': 2.2,
  exchanged: 2.3,
  'neighbour-side': 2.6,
  extra: 2.8,
};

/** These look reversed from where one sits, or are turned without looking. */
const MISREAD: readonly Side[] = [LEFT, DOWN, BACK, UP];

/** How unusual a turn the wrong way is, for a side as it lies in the hand. */
export const reversedIs = (side: Side): number =>
  UNUSUAL.reversed - (MISREAD.includes(side) ? 0.3 : 0);

export const unusual = (kind: SlipKind): number => UNUSUAL[kind];

/** Two slips in one sequence, and each step that went on unnoticed since. */
export const SECOND_SLIP = 1;
export const STEP_SINCE = 0.3;
