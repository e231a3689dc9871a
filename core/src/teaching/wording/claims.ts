import type { Stage } from '../stages/index.js';
import type { Claim, Moment, Those, Which } from './claim.js';
import type { Role, Seen } from './role.js';

/** Each kind of claim by a short name, as sentences are written from them. */
export const at = (piece: Which, place: string, when: Moment): Claim => ({
  is: 'at',
  piece,
  place,
  when,
});
export const notAt = (piece: Which, place: string, when: Moment): Claim => ({
  is: 'at',
  piece,
  place,
  not: true,
  when,
});
export const belongs = (piece: Which, place: string, when: Moment = 'lined-up'): Claim => ({
  is: 'belongs',
  piece,
  place,
  when,
});
export const colour = (sticker: string, shows: Seen, when: Moment = 'lined-up'): Claim => ({
  is: 'colour',
  sticker,
  shows,
  when,
});
/** The piece's sticker of that colour faces one of the sides. */
export const faces = (piece: Which, role: Role, sides: string, when: Moment): Claim => ({
  is: 'has',
  piece,
  colour: role,
  sides,
  when,
});
/** It does not face that side, or is not there at all. */
export const facesNot = (piece: Which, role: Role, sides: string, when: Moment): Claim => ({
  is: 'has',
  piece,
  colour: role,
  sides,
  not: true,
  when,
});
export const has = (piece: Which, role: Role): Claim => ({
  is: 'has',
  piece,
  colour: role,
  when: 'before',
});
export const hasNot = (piece: Which, role: Role): Claim => ({
  is: 'has',
  piece,
  colour: role,
  not: true,
  when: 'before',
});
export const sameColour = (a: string, b: string, when: Moment): Claim => ({
  is: 'same-colour',
  stickers: [a, b],
  when,
});
export const otherColour = (a: string, b: string, when: Moment): Claim => ({
  is: 'same-colour',
  stickers: [a, b],
  not: true,
  when,
});
/** Side by side, whatever their colours. */
export const touch = (a: Which, b: Which, when: Moment): Claim => ({
  is: 'next-to',
  pieces: [a, b],
  when,
});
/** Side by side, and their colours go together. */
export const joined = (a: Which, b: Which, when: Moment): Claim => ({
  is: 'next-to',
  pieces: [a, b],
  matching: true,
  when,
});
export const apart = (a: Which, b: Which, when: Moment): Claim => ({
  is: 'next-to',
  pieces: [a, b],
  not: true,
  when,
});
export const stays = (piece: Which): Claim => ({ is: 'stays', piece });
export const turned = (side: string, turn: number): Claim => ({ is: 'turned', side, turn });
/** Half a turn. */
export const half = (side: string, turn: number): Claim => ({
  is: 'turned',
  side,
  turn,
  half: true,
});
export const turnsOver = (piece: Which): Claim => ({ is: 'turns-over', piece });
export const wholeThen = (before: number): Claim => ({ is: 'whole-turn', before });
export const later = (from: number, to: number): Claim => ({ is: 'later', from, to });
export const stretch = (which: 'first' | 'next' | 'last', from: number, to: number): Claim => ({
  is: 'stretch',
  which,
  from,
  to,
});
export const exchange = (a: string, b: string): Claim => ({ is: 'exchange', places: [a, b] });
export const lie = (how: 'beside' | 'across', a: string, b: string): Claim => ({
  is: 'lie',
  how,
  places: [a, b],
});
export const belongBeside = (a: Which, b: Which): Claim => ({
  is: 'belong-beside',
  pieces: [a, b],
});
export const belongsInMiddle = (piece: Which): Claim => ({ is: 'belongs-in-middle', piece });
/** The stage is not done yet. */
export const LOOK_AGAIN: Claim = { is: 'looks-left', number: [1, 40] };
export const sameHold = (): Claim => ({ is: 'same-hold' });
export const next = (...so: Claim[]): Claim => ({ is: 'next', so });
export const besides = (...so: Claim[]): Claim => ({ is: 'besides', so });
export const solved = (piece: Which, when: Moment): Claim => ({ is: 'solved', piece, when });
export const unsolved = (piece: Which, when: Moment): Claim => ({
  is: 'solved',
  piece,
  not: true,
  when,
});
export const inItsPlace = (piece: Which, when: Moment): Claim => ({ is: 'in-place', piece, when });
export const notInItsPlace = (piece: Which, when: Moment): Claim => ({
  is: 'in-place',
  piece,
  not: true,
  when,
});
export const unfinishedAt = (place: string, when: Moment = 'lined-up'): Claim => ({
  is: 'not-finished',
  place,
  when,
});
export const home = (piece: Which, turns: number): Claim => ({
  is: 'goes-home-after',
  piece,
  turns,
});
export const count = (
  of: Those,
  number: number | readonly [number, number],
  when: Moment,
): Claim => ({ is: 'count', of, number, when });
export const round = (...places: string[]): Claim => ({ is: 'round', places });
export const movesOnly = (kind: 'corner' | 'edge', ...places: string[]): Claim => ({
  is: 'moves-only',
  kind,
  places,
});
export const done = (stage?: Stage): Claim => ({
  is: 'done',
  when: 'after',
  ...(stage && { stage }),
});
export const looksLeft = (number: number | readonly [number, number]): Claim => ({
  is: 'looks-left',
  number,
});
export const turnsOf = (number: number, times?: number): Claim => ({
  is: 'turns',
  number,
  ...(times && { times }),
});
export const fits = (layer: 'U' | 'D', when: Moment, ...pieces: Which[]): Claim => ({
  is: 'fits',
  pieces,
  layer,
  when,
});
export const beside = (piece: Which, of: Which, hand: string): Claim => ({
  is: 'beside',
  piece,
  of,
  hand,
  when: 'after',
});
export const takesBack = (turn: number, other: number): Claim => ({
  is: 'takes-back',
  turn,
  other,
});
export const then = (turns: string, ...so: Claim[]): Claim => ({ is: 'then', turns, so });
export const inTheEnd = (...so: Claim[]): Claim => ({ is: 'in-the-end', so });
export const anyHold = (...so: Claim[]): Claim => ({ is: 'any-hold', so });
export const elseNot = (so: Claim): Claim => ({ is: 'else-not', so });
