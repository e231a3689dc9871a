import { listed, spoken } from '../../words/index.js';
import {
  type ColourScheme,
  type Cube,
  type Hold,
  kindOfPlace,
  pieceAt,
  pieceColours,
  type Side,
  whereInHold,
} from '../../puzzle/cube/index.js';
import {
  type Approach,
  type Lines,
  type SearchApproach,
  type Sentence,
  sentencesOf,
  textOf,
} from '../../teaching/approaches/index.js';
import type { Choice, Lined, Spoken } from './choice.js';
import type { Searching } from './searching.js';
import type { Tries } from './tries.js';
import { fillTemplate, parseTemplate, type Template } from './text.js';

/** What every step says of the piece it is about, if its case says nothing else. */
const usualFind = (kind: 'corner' | 'edge'): Sentence[] => [
  { says: `Find the {piece} ${kind}.`, so: [] },
  { says: 'It is {was}.', so: [{ is: 'at', piece: 'piece', place: '{was}', when: 'found' }] },
];

/** Makes lines ready; `place` is one where a piece is that the case is about, if it is about any. */
export function linesOf(
  find: Lines | undefined,
  look: Lines,
  why: Lines,
  place: number | undefined,
): Lined {
  const usual = place === undefined ? [] : usualFind(kindOfPlace(place));
  const sentences: Spoken = {
    find: find ? sentencesOf(find) : usual,
    look: sentencesOf(look),
    why: sentencesOf(why),
  };
  return {
    spoken: sentences,
    find: parseTemplate(spoken(textOf(sentences.find))),
    look: parseTemplate(spoken(textOf(sentences.look))),
    why: parseTemplate(spoken(textOf(sentences.why))),
  };
}

/** What a step says: the sentences of one choice about particular pieces. */
export interface Told {
  find: string;
  look: string;
  why: string;
  pieces: string[][];
}

/**
 * An approach made ready for one first colour and scheme. Holds no state of a solve, so one serves
 * every cube.
 */
export interface Runner {
  readonly approach: Approach;
  /**
   * What to do next, one look's worth: the steps are done in order before looking again. Empty
   * when the cube shows none of the cases. `hold` is the hold before; `begun` says that an earlier
   * step of this stage has been done. With `matter` only those pieces (numbered by home place) are
   * looked at: a mask by piece.
   */
  next(cube: Cube, hold: Hold, begun: boolean, matter?: Uint8Array): readonly Choice[];
  /** The sentences and pieces of a step as it stands on this cube, held as it is before the step. */
  tell(choice: Choice, cube: Cube, before: Hold): Told;
  /** Every start of the stage, in groups that are gone through alike. */
  tries(): Iterable<Tries>;
  /** What a runner that searches says of itself; undefined for one of patterns. */
  readonly searching: Searching | undefined;
}

/** A runner whose turns are searched for. */
export interface SearchRunner extends Runner {
  readonly approach: SearchApproach;
  readonly searching: Searching;
}

/** Sentences begin with a capital, also where they begin with a colour. */
export const capitals = (text: string): string =>
  text.replace(
    /(^|[.!?] )([a-z])/g,
    (_, before: string, letter: string) => `${before}${letter.toUpperCase()}`,
  );

/** A word of a step's sentences that names no piece: a colour by its role, or a place. */
export function placeOrColour({ places, words }: Choice, before: Hold, name: string): string {
  const was = /^was(\d?)$/.exec(name);
  if (!was) return words.get(name) ?? '';
  return whereInHold(before, places[Number(was[1] || 1) - 1]!);
}

/** A text of a step with the colours of its pieces and the places they are at. */
export function filled(
  template: Template,
  choice: Choice,
  pieces: readonly string[][],
  before: Hold,
): string {
  const word = (name: string): string => {
    const piece = /^piece(\d?)$/.exec(name);
    if (piece) return listed(pieces[Number(piece[1] || 1) - 1] ?? []);
    return placeOrColour(choice, before, name);
  };
  return capitals(fillTemplate(template, word));
}

/** Fills sentences for particular pieces: they depend on the choice, the pieces and the hold before only. */
export class Teller {
  constructor(
    private readonly first: Side,
    private readonly scheme: ColourScheme,
  ) {}

  tell(choice: Choice, cube: Cube, before: Hold): Told {
    const { places, lines } = choice;
    const pieces = places.map((place) =>
      pieceColours(pieceAt(cube, place), this.scheme, this.first),
    );
    const line = (template: Template): string => filled(template, choice, pieces, before);
    return { find: line(lines.find), look: line(lines.look), why: line(lines.why), pieces };
  }
}
