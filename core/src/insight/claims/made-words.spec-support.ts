import type { Claim } from '../../teaching/approaches/index.js';
import { isIn, type Token } from './telling-words.spec-support.js';

/** What words a claim makes. */
export interface Made {
  claim: Claim;
  /** Not told by words of its own. */
  besides: boolean;
  not: boolean;
  /** Places that something goes to. */
  to: string[];
  /** Names of places: all letters of a place told must be among those of one of them. */
  places: string[];
  roles: string[];
  words: string[];
  numbers: number[];
  turns: number[];
  things: string[];
  /** Tells this one from others of its kind in the sentence. */
  mine: ((token: Token) => boolean) | undefined;
  /** Any one of the words of each must be told. */
  needs: ((token: Token) => boolean)[];
}
const PLACE_NAME = /^[UDFBRL]{1,3}$/;

export function made(claim: Claim, besides: boolean, given: Partial<Made>): Made {
  return {
    claim,
    besides,
    not: given.not ?? false,
    to: given.to ?? [],
    places: given.places ?? [],
    roles: given.roles ?? [],
    words: given.words ?? [],
    numbers: given.numbers ?? [],
    turns: given.turns ?? [],
    things: given.things ?? [],
    mine: given.mine,
    needs: given.needs ?? [],
  };
}

export function needing(one: Made, ...needs: ((token: Token) => boolean)[]): Made {
  one.needs.push(...needs);
  return one;
}

export const turnsOf = (when: unknown): number[] => (typeof when === 'number' ? [when] : []);
export const placesOf = (...names: string[]): string[] =>
  names.filter((name) => PLACE_NAME.test(name));
/** A piece that is named by where it stands must be told by its place. */
export const byPlace = (...names: string[]): ((token: Token) => boolean)[] =>
  placesOf(...names).map(isIn);
export const rolesIn = (which: string): string[] => (which.includes('+') ? which.split('+') : []);

export const LETTER_ROLES: Record<string, string> = {
  F: 'front',
  R: 'right',
  B: 'back',
  L: 'left',
};

/** The centres that a place lies between. */
export const rolesAt = (name: string): string[] =>
  [...name].flatMap((letter) => LETTER_ROLES[letter] ?? []);

/** A piece named by its place is told by a side of it besides the layer it is in. */
export function mineOf(which: string): ((token: Token) => boolean) | undefined {
  const [, sides] = /^[UD]([FBRL]+)$/.exec(which) ?? [];
  if (sides === undefined) return undefined;
  return (token) =>
    (token.tells === 'place' || token.tells === 'bound') &&
    [...token.letters].some((letter) => sides.includes(letter)) &&
    [...token.letters].every((letter) => which.includes(letter));
}

/** How a corner's place is called by the sides it lies between. */
export const betweenOf = (name: string): string => `between ${rolesAt(name).sort().join(' ')}`;

/** Which way a piece goes that is taken from the front to the back, or from there to the front. */
export function wayOf({ piece, place }: Extract<Claim, { is: 'at' }>): string[] {
  if (piece.includes('F') && place.includes('B')) return ['away'];
  return piece.includes('B') && place.includes('F') ? ['towards'] : [];
}

/** What kind of piece stands at a place of that name. */
export const kindsOf = (which: string, about: About): string[] => {
  const piece = /^piece(\d?)$/.exec(which);
  if (piece) return [about.things[Number(piece[1] || 1) - 1] ?? ''];
  return PLACE_NAME.test(which)
    ? [which.length === 3 ? 'corner' : 'edge']
    : rolesIn(which).length === 2
      ? ['edge']
      : [];
};

/** What a reader knows of a case without being told. */
export interface About {
  /** The kinds of its pieces. */
  things: readonly string[];
  /** The layers that may be turned before its sequence. */
  layers: string;
}
