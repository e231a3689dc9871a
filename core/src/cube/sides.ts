/**
 * The six sides of a cube, numbered in the order `U R F D L B`.
 *
 * A side is named by its place when white is up and green in front of a cube coloured by the
 * standard scheme. It is known by its centre, so turning the whole cube never renames it.
 */
export type Side = number;

export const UP: Side = 0;
export const RIGHT: Side = 1;
export const FRONT: Side = 2;
export const DOWN: Side = 3;
export const LEFT: Side = 4;
export const BACK: Side = 5;

export const SIDES: readonly Side[] = [UP, RIGHT, FRONT, DOWN, LEFT, BACK];

/** The letter of each side, by side number. */
export const SIDE_LETTERS = 'URFDLB';

export const sideOfLetter = (letter: string): Side => SIDE_LETTERS.indexOf(letter);

export const opposite = (side: Side): Side => (side + 3) % 6;
