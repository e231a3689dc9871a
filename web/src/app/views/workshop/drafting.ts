import type { SavedMethod } from '@sleetcrest/contract';
import {
  type Method,
  methodById,
  placeNamed,
  PLACES,
  SIDE_LETTERS,
  STICKER_PLACE,
  STICKER_SLOT,
} from '@sleetcrest/core';
import { patternsOf, resolveMethod } from '@sleetcrest/core/engine/run';
import {
  type Approach,
  approachById,
  canFollow,
  type Case,
  isSearch,
  type Pattern,
  type PatternApproach,
  type Role,
  type Seen,
} from '@sleetcrest/core/teaching/approaches';
import { complete } from '@sleetcrest/core/teaching/methods';

/** A method as it is being worked on. */
export type Draft = SavedMethod['method'];

/** An id made of a title: lower-case words joined by hyphens. */
export const idOf = (title: string): string =>
  title
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 50)
    .replace(/-+$/, '') || 'own-method';

/** The first of `id`, `id-2`, `id-3` … that is not taken. */
export function freeId(id: string, taken: (id: string) => boolean): string {
  if (!taken(id)) return id;
  let number = 2;
  while (taken(`${id}-${number}`)) number++;
  return `${id}-${number}`;
}

/** A copy of a method under a name and id of its own, to be changed. */
export function copyOf(method: Method, taken: ReadonlySet<string>): Draft {
  const title = `${method.title.split(':')[0]!}, my way`.slice(0, 120);
  const id = freeId(idOf(title), (one) => methodById(one) !== undefined || taken.has(one));
  return structuredClone({ ...method, id, title }) as Draft;
}

/** The approaches of a draft; those that are not known are left out. */
export const draftApproaches = ({ approaches }: Method): (Approach | undefined)[] =>
  approaches.map((one) => (typeof one === 'string' ? approachById(one) : one));

/** The draft with another approach at `index`, and what follows made to fit. */
export function withApproach(draft: Draft, index: number, next: Approach | string): Draft {
  const chosen = typeof next === 'string' ? approachById(next) : next;
  if (!chosen) return draft;
  const approaches = draftApproaches(draft);
  const kept = approaches.slice(0, index).filter((one) => one !== undefined);
  const after = approaches.slice(index).filter((one) => one !== undefined);
  const all = [...kept, chosen];
  for (let last: Approach | undefined = chosen; last;) {
    const { stage }: Approach = last;
    last = after.find((one) => canFollow(one, stage));
    if (last) all.push(last);
  }
  return withApproaches(draft, complete(all));
}

/** The draft with these approaches: built-in ones by id, others written out. */
export function withApproaches(draft: Draft, approaches: readonly Approach[]): Draft {
  return {
    ...draft,
    approaches: approaches.map((one) =>
      approachById(one.id) === one ? one.id : (structuredClone(one) as PatternApproach),
    ),
  };
}

/** An approach as one's own: the same cases under an id that is not taken. */
export function ownCopy(approach: Approach, draft: Draft): PatternApproach | undefined {
  if (isSearch(approach)) return undefined;
  const id = ownId(`my-${approach.id}`, draft);
  const cases = approach.cases.map((one) => ({
    ...one,
    id: `${id}/${one.id.slice(one.id.indexOf('/') + 1)}`,
  }));
  // Its short title is the built-in one's; one's own is known by its whole title.
  const { short: _, ...rest } = approach;
  return structuredClone({ ...rest, id, title: `${approach.title}, my way`, cases });
}

/** An empty approach that does what another one does. */
export function emptyApproach({ stage, after, up }: Approach, draft: Draft): PatternApproach {
  const id = ownId(`my-${stage}`, draft);
  const summary = 'An approach of my own.';
  return { id, title: 'My own approach', stage, after, up, summary, cases: [newCase(id, [])] };
}

const ownId = (id: string, draft: Draft): string =>
  freeId(id, (one) => draft.approaches.some((own) => typeof own !== 'string' && own.id === one));

/** A case in which nothing is asked for yet. */
export function newCase(approachId: string, cases: readonly Case[]): Case {
  const id = freeId(`${approachId}/case`, (one) => cases.some((other) => other.id === one));
  return {
    id,
    title: 'New case',
    seen: {},
    pieces: [],
    sequence: '',
    look: 'Look at it.',
    why: 'Say why.',
  };
}

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

/** Why the draft cannot be used as it stands; undefined when it can. */
export function draftProblem(draft: Draft): string | undefined {
  const approaches = resolveMethod(draft);
  return approaches.ok ? undefined : approaches.error.replace(/^method [^:]*: /, '');
}
