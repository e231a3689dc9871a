import type { Branded } from './brand.js';

/**
 * The six sides of a cube, numbered in the order `U R F D L B`.
 *
 * A side is named by its place when white is up and green in front of a cube coloured by the
 * standard scheme. It is known by its centre, so turning the whole cube never renames it.
 */
export type Side = Branded<'side'>;

export const UP = 0 as Side;
export const RIGHT = 1 as Side;
export const FRONT = 2 as Side;
export const DOWN = 3 as Side;
export const LEFT = 4 as Side;
export const BACK = 5 as Side;

export const SIDES: readonly Side[] = [UP, RIGHT, FRONT, DOWN, LEFT, BACK];

/** The letter of each side, by side number. */
export const SIDE_LETTERS = 'URFDLB';

export const sideOfLetter = (letter: string): Side => SIDE_LETTERS.indexOf(letter) as Side;

export const opposite = (side: Side): Side => ((side + 3) % 6) as Side;
