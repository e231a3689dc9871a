import {
  placeNamed,
  PLACES,
  SIDE_LETTERS,
  STICKER_PLACE,
  STICKER_SLOT,
} from '../../puzzle/cube/index.js';
import type { Case, Pattern, Role, Seen } from '../../teaching/approaches/index.js';
import { patternsOf } from '../run/index.js';

/** What a sticker is called in a pattern. */
export function stickerName(sticker: number): string | undefined {
  const place = PLACES[STICKER_PLACE[sticker]!];
  if (!place) return undefined;
  const side = place.sides[STICKER_SLOT[sticker]!]!;
  return `${place.name}.${SIDE_LETTERS[side]!}`;
}

/** The case with one sticker of one of its patterns painted anew; null rubs it out. */
export function painted(one: Case, way: number, sticker: number, seen: Seen | null): Case {
  const name = stickerName(sticker);
  if (name === undefined) return one;
  const patterns = patternsOf(one).map((pattern, k): Pattern => {
    if (k !== way) return pattern;
    const others = Object.entries(pattern).filter(([key]) => nameless(key) !== nameless(name));
    return Object.fromEntries(seen === null ? others : [...others, [name, seen]]);
  });
  return withPatterns(one, patterns);
}

// A pattern may name a place by its letters in any order.
const nameless = (name: string): string => {
  const [at = '', side = ''] = name.split('.');
  return `${placeNamed(at)?.name ?? at}.${side}`;
};

/** The case with these patterns, about the pieces they show if it did not say which before. */
export function withPatterns(one: Case, patterns: readonly Pattern[]): Case {
  const [only = {}] = patterns;
  const places = [...new Set(Object.keys(only).map((name) => name.split('.')[0]!))].slice(0, 4);
  return {
    ...one,
    seen: patterns.length === 1 ? only : patterns,
    pieces: one.pieces.length === 0 ? places : one.pieces,
  };
}

const ROUND = ['F', 'R', 'B', 'L'];
const ROLES_ROUND: Role[] = ['front', 'right', 'back', 'left'];

const turnLetter = (letter: string): string => {
  const at = ROUND.indexOf(letter);
  return at < 0 ? letter : ROUND[(at + 1) % 4]!;
};
const turnRole = (role: string): string => {
  const bare = role.replace('!', '') as Role;
  const at = ROLES_ROUND.indexOf(bare);
  return at < 0 ? role : role.replace(bare, ROLES_ROUND[(at + 1) % 4]!);
};
const turnPlace = (name: string): string => {
  const letters = [...name].map(turnLetter).join('');
  return placeNamed(letters)?.name ?? letters;
};

/**
 * The case held a quarter turn further round: the same is seen, one place to the right, and the
 * sequence stays as it is.
 */
export function heldFurther(one: Case): Case {
  const turnSeen = (seen: Seen): Seen =>
    typeof seen === 'string' ? (turnRole(seen) as Seen) : (seen.map(turnRole) as Role[]);
  const patterns = patternsOf(one).map((pattern) =>
    Object.fromEntries(
      Object.entries(pattern).map(([name, seen]) => {
        const [at = '', side = ''] = name.split('.');
        return [`${turnPlace(at)}.${turnLetter(side)}`, turnSeen(seen)];
      }),
    ),
  );
  return {
    ...one,
    seen: patterns.length === 1 ? patterns[0]! : patterns,
    pieces: one.pieces.map(turnPlace),
  };
}
