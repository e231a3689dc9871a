import type { Stage } from '../stages/index.js';
import type { Role, Seen } from './role.js';

/**
 * What the sentences of a case say, as data beside them. Places, stickers and sides are those of the
 * hold in which the sentence is read, or, for a moment in the middle of the sequence, of the hold at
 * that moment. Every claim can be checked on a cube (`claims/`), and every claim of a built-in case
 * is, over all starts of its stage.
 */

/**
 * When a claim holds: `found` before anything is done, in the hold the reader still has; `before` in
 * the hold of the step; `lined-up` once a layer is lined up; after so many turns of the sequence
 * (turning the whole cube counts none); `after` all of them.
 */
export type Moment = 'found' | 'before' | 'lined-up' | number | 'after';

/**
 * Which piece: one the case is about (`piece`, `piece2` …), the one that stands at a place of the
 * hold once the layer is lined up (`DFR`), or the one with these colours by role (`first+right`).
 */
export type Which = string;

/** Some pieces: all of a kind that are so. */
export interface Those {
  kind: 'corner' | 'edge';
  /** At a place whose name has all these letters. */
  at?: string;
  with?: Role;
  without?: Role;
  /** The sticker of that colour faces one of these sides of the hold. */
  facing?: { colour: Role; sides: string };
  solved?: boolean;
  inPlace?: boolean;
}

export type Claim =
  /** At a place; or at one whose name has all these letters, such as `U` for the top. */
  | { is: 'at'; piece: Which; place: string; not?: true; when: Moment }
  /** Its home is that place. */
  | { is: 'belongs'; piece: Which; place: string; when: Moment }
  | { is: 'colour'; sticker: string; shows: Seen; when: Moment }
  /** The piece has the colour; or has it facing one of these sides. */
  | { is: 'has'; piece: Which; colour: Role; sides?: string; not?: true; when: Moment }
  | { is: 'same-colour'; stickers: readonly [string, string]; not?: true; when: Moment }
  /** Side by side; `matching` means that stickers on the same side have the same colour. */
  | {
      is: 'next-to';
      pieces: readonly [Which, Which];
      matching?: boolean;
      not?: true;
      when: Moment;
    }
  /** At the same place and turned the same way after the sequence as before it. */
  | { is: 'stays'; piece: Which }
  /** Where it belongs and the right way round. */
  | { is: 'solved'; piece: Which; not?: true; when: Moment }
  /** Where it belongs, twisted or not. */
  | { is: 'in-place'; piece: Which; not?: true; when: Moment }
  /** What stands there is not solved. */
  | { is: 'not-finished'; place: string; when: Moment }
  /** Solved after so many turns of the sequence, and not a turn earlier. */
  | { is: 'goes-home-after'; piece: Which; turns: number }
  | { is: 'count'; of: Those; number: number | readonly [number, number]; when: Moment }
  /** The sequence takes what is at each of these places to the next, and the last to the first. */
  | { is: 'round'; places: readonly string[] }
  /** Of a kind, only what stands at these places is moved or turned by the whole sequence. */
  | { is: 'moves-only'; kind: 'corner' | 'edge'; places: readonly string[] }
  | { is: 'done'; stage?: Stage; not?: true; when: Moment }
  /** Every corner of the first layer that is solved with the edge above it stays so, and the cross. */
  | { is: 'keeps-pairs' }
  /** Turning that layer once or not at all would solve all these pieces. */
  | { is: 'fits'; pieces: readonly Which[]; layer: 'U' | 'D'; not?: true; when: Moment }
  /** Looking at one edge's side with the layer where it is, the other is on that hand or across. */
  | { is: 'beside'; piece: Which; of: Which; hand: string; when: Moment }
  /** Without lining up first, the cross would need more turns than it does with it. */
  | { is: 'shortest' }
  /** How many more looks the stage needs after this one. */
  | { is: 'looks-left'; number: number | readonly [number, number] }
  /** The sequence, once, has so many turns; it is done so many times. */
  | { is: 'turns'; number: number; times?: number }
  /** One turn of the sequence takes back another. */
  | { is: 'takes-back'; turn: number; other: number }
  /** Further turns from the end would bring this about. */
  | { is: 'then'; turns: string; so: readonly Claim[] }
  /** Once the stage is finished by further looks. */
  | { is: 'in-the-end'; so: readonly Claim[] }
  /** It would come to the same in every hold with the same side up. */
  | { is: 'any-hold'; so: readonly Claim[] }
  /** Without lining up first the turns would not bring this about. */
  | { is: 'else-not'; so: Claim };

/** A sentence and what it says. */
export interface Sentence {
  says: string;
  so: readonly Claim[];
}

/** Sentences one after the other; a text alone says nothing that can be checked. */
export type Lines = string | readonly Sentence[];

/** A sentence that is written from these claims. */
export const say = (says: string, ...so: Claim[]): Sentence => ({ says, so });

/** Lines as sentences: a text alone is one without claims. */
export const sentencesOf = (lines: Lines): readonly Sentence[] =>
  typeof lines === 'string' ? (lines === '' ? [] : [{ says: lines, so: [] }]) : lines;

/** Lines as they are read. */
export const textOf = (lines: Lines): string =>
  sentencesOf(lines)
    .map(({ says }) => says)
    .join(' ');

/**
 * Lines told anew as one text: a sentence that stays where it was keeps its claims, also where its
 * words change; if sentences were added or taken away, those that stay as they were keep theirs.
 */
export function retold(lines: Lines, text: string): Lines {
  const before = sentencesOf(lines);
  const after = text.split(/(?<=[.!?])\s+/).filter((says) => says !== '');
  if (before.every(({ so }) => so.length === 0)) return text;
  return after.map((says, k): Sentence => {
    const same = before.find((one) => one.says === says);
    const there = after.length === before.length ? before[k] : undefined;
    return { says, so: (same ?? there)?.so ?? [] };
  });
}

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
