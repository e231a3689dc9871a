import type { Approach, CaseWords } from '../approaches/approach.js';
import type { ColourScheme } from '../cube/colours.js';
import { pieceAt, type Cube } from '../cube/cube.js';
import type { Hold } from '../cube/holds.js';
import type { Side } from '../cube/sides.js';
import { pieceColours } from '../cube/words.js';
import { fillTemplate, type Template } from './text.js';

/** A step chosen for a cube: the case, the hold, the turns, and the sentences still to be filled. */
export interface Choice {
  readonly case: CaseWords;
  readonly hold: Hold;
  /** The hold afterwards: another one when the sequence turns the whole cube. */
  readonly holdAfter: Hold;
  readonly turnCount: number;
  /** Lining up and sequence as turns of the cube's sides. */
  readonly turns: Uint8Array;
  readonly lineUp: string;
  readonly sequence: string;
  /** The places of the cube where the pieces concerned are before lining up. */
  readonly places: readonly number[];
  readonly look: Template;
  readonly why: Template;
  /** Colours and places that the sentences may name, but for the pieces'. */
  readonly words: ReadonlyMap<string, string>;
}

/** What a step says: the sentences of one choice about particular pieces. */
export interface Told {
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
  plan(cube: Cube, hold: Hold, begun: boolean, matter?: Uint8Array): readonly Choice[];
  /** The sentences and pieces of a step as it stands on this cube. */
  tell(choice: Choice, cube: Cube): Told;
}

/** Fills sentences for particular pieces, each once: they depend on the choice and the pieces only. */
export class Teller {
  private readonly told = new WeakMap<Choice, Map<number, Told>>();

  constructor(
    private readonly first: Side,
    private readonly scheme: ColourScheme,
  ) {}

  tell(choice: Choice, cube: Cube): Told {
    let key = 0;
    for (const place of choice.places) key = key * 20 + pieceAt(cube, place);
    let byPieces = this.told.get(choice);
    if (!byPieces) this.told.set(choice, (byPieces = new Map<number, Told>()));
    let told = byPieces.get(key);
    if (!told) byPieces.set(key, (told = this.write(choice, cube)));
    return told;
  }

  private write(choice: Choice, cube: Cube): Told {
    const pieces = choice.places.map((place) =>
      pieceColours(pieceAt(cube, place), this.scheme, this.first),
    );
    const word = (name: string): string => {
      const piece = /^piece(\d?)$/.exec(name);
      if (piece) return pieces[Number(piece[1] || 1) - 1]?.join('-') ?? '';
      return choice.words.get(name) ?? '';
    };
    const sentence = (template: Template): string =>
      fillTemplate(template, word).replace(/^./, (letter) => letter.toUpperCase());
    return { look: sentence(choice.look), why: sentence(choice.why), pieces };
  }
}
