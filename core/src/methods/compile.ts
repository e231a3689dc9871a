import type { Approach, Case, Pattern, Role, Seen } from '../approaches/approach.js';
import type { ColourScheme } from '../cube/colours.js';
import {
  holdsWithUp,
  sideInHold,
  stickerInHold,
  turnHold,
  turnInHold,
  type Hold,
} from '../cube/holds.js';
import { placeNamed, placeOnSides, PLACES, type Place } from '../cube/pieces.js';
import { opposite, sideOfLetter, type Side } from '../cube/sides.js';
import { STICKER_SOURCES, turnOf, type Turn } from '../cube/turns.js';
import { placeWords } from '../cube/words.js';
import { axisOf, countTurns, isWholeCube, quartersOf, type Move } from '../notation/moves.js';
import { readMoves } from '../notation/read.js';
import { writeMoves } from '../notation/write.js';
import { parseTemplate, type Template } from './text.js';

/** The bit of a sticker that does not matter to the stage; the bits 0…5 are the colours. */
export const UNPAINTED = 6;

/** One case as it may meet a cube: in one hold, after one lining-up, by one of its patterns. */
export interface Variant {
  readonly case: Case;
  readonly hold: Hold;
  /** The hold afterwards: another one when the sequence turns the whole cube. */
  readonly holdAfter: Hold;
  /** Pairs: a sticker number, and the colours it may have as a bit mask. */
  readonly cells: Uint8Array;
  readonly rank: number;
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

/** Why an approach cannot be used: the case, and what to mend in it. */
export class ApproachError extends Error {
  constructor(
    readonly caseId: string,
    message: string,
  ) {
    super(`${caseId}: ${message}`);
  }
}

/**
 * Every way the cases of an approach may meet a cube, best first: by rank, then fewest turns,
 * then as listed.
 */
export function compileApproach(approach: Approach, first: Side, scheme: ColourScheme): Variant[] {
  const up = approach.up === 'first' ? first : opposite(first);
  const holds = holdsWithUp(up);
  const variants = approach.cases.flatMap((one) =>
    holds.flatMap((hold) => new CaseCompiler(one, hold, first, scheme).variants()),
  );
  return variants.sort((a, b) => a.rank - b.rank || a.turnCount - b.turnCount);
}

const QUARTERS = [0, 1, 3, 2];

class CaseCompiler {
  private readonly moves: Move[];

  constructor(
    private readonly one: Case,
    private readonly hold: Hold,
    private readonly first: Side,
    private readonly scheme: ColourScheme,
  ) {
    const read = readMoves(one.sequence);
    if (!read.ok) throw new ApproachError(one.id, read.error.message);
    this.moves = Array.from({ length: one.times ?? 1 }, () => read.value).flat();
  }

  variants(): Variant[] {
    const { lineUp, seen } = this.one;
    const patterns: readonly Pattern[] = Array.isArray(seen) ? seen : [seen as Pattern];
    const quarters = lineUp ? QUARTERS : [0];
    return quarters.flatMap((count) => patterns.map((pattern) => this.variant(count, pattern)));
  }

  private variant(quarters: number, pattern: Pattern): Variant {
    const { one, hold } = this;
    const lining: Turn[] =
      one.lineUp && quarters > 0 ? [turnOf(sideOfLetter(one.lineUp.layer), quarters)] : [];
    // A sticker seen after lining up was somewhere else before: look for it there.
    const before = (sticker: number): number =>
      stickerInHold(hold, lining.length > 0 ? STICKER_SOURCES[lining[0]!]![sticker]! : sticker);

    const cells = Object.entries(pattern).flatMap(([name, seen]) => [
      before(this.stickerNamed(name)),
      this.mask(seen),
    ]);
    const places = one.pieces.map((name) => this.placeBefore(name, before));
    const { turns, holdAfter } = this.done([...lining, ...this.moves]);
    const told = one.lineUp && (lining.length > 0 ? one.lineUp.turning : one.lineUp.already);
    return {
      case: one,
      hold,
      holdAfter,
      cells: Uint8Array.from(cells),
      rank: one.rank ?? 1,
      turnCount: countTurns([...lining, ...this.moves]),
      turns: Uint8Array.from(turns),
      lineUp: writeMoves(lining),
      sequence: writeMoves(this.moves),
      places,
      look: this.template(told ? `${one.look} ${told}` : one.look),
      why: this.template(one.why),
      words: this.words(places[0]),
    };
  }

  private stickerNamed(name: string): number {
    const [at = '', side = ''] = name.split('.');
    const place = placeNamed(at);
    const sticker = place?.stickers[place.sides.indexOf(sideOfLetter(side))];
    if (sticker === undefined) throw new ApproachError(this.one.id, `no sticker is named ${name}`);
    return sticker;
  }

  private mask(seen: Seen): number {
    if (typeof seen !== 'string') return seen.reduce((mask, role) => mask | this.colours(role), 0);
    const all = (1 << (UNPAINTED + 1)) - 1;
    return seen.startsWith('!')
      ? all & ~this.colours(seen.slice(1) as Role)
      : this.colours(seen as Role);
  }

  private colours(role: Role): number {
    if (role === 'first') return 1 << this.first;
    if (role === 'opposite') return 1 << opposite(this.first);
    if (role === 'side') return 0b111111 & ~(1 << this.first) & ~(1 << opposite(this.first));
    return 1 << this.sideCalled(role);
  }

  private sideCalled(role: 'front' | 'right' | 'back' | 'left'): Side {
    return sideInHold(this.hold, sideOfLetter(role[0]!.toUpperCase()));
  }

  private placeBefore(name: string, before: (sticker: number) => number): number {
    const place = placeNamed(name);
    if (!place) throw new ApproachError(this.one.id, `no place is named ${name}`);
    const sticker = before(place.stickers[0]!);
    return PLACES.find(({ stickers }) => stickers.includes(sticker))!.index;
  }

  /** The moves as turns of the cube's sides, and the hold they end in. */
  private done(moves: readonly Move[]): { turns: Turn[]; holdAfter: Hold } {
    let hold = this.hold;
    const turns = moves.flatMap((move) => {
      if (!isWholeCube(move)) return [turnInHold(hold, move)];
      hold = turnHold(hold, axisOf(move), quartersOf(move));
      return [];
    });
    return { turns, holdAfter: hold };
  }

  private words(place: number | undefined): Map<string, string> {
    const colour = (side: Side): string => this.scheme[side]!;
    const words = new Map([
      ['first', colour(this.first)],
      ['opposite', colour(opposite(this.first))],
    ]);
    for (const role of ['front', 'right', 'back', 'left'] as const) {
      words.set(role, colour(this.sideCalled(role)));
    }
    if (place !== undefined) words.set('at', placeWords(this.placeInHold(PLACES[place]!).name));
    return words;
  }

  private placeInHold(place: Place): Place {
    const faces = place.sides.map((side) =>
      [0, 1, 2, 3, 4, 5].find((face) => sideInHold(this.hold, face) === side)!,
    );
    return placeOnSides(faces)!;
  }

  private template(text: string): Template {
    const template = parseTemplate(text);
    for (const word of template.words) {
      if (!/^(first|opposite|front|right|back|left|at|piece\d?)$/.test(word)) {
        throw new ApproachError(this.one.id, `sentences cannot name {${word}}`);
      }
    }
    return template;
  }
}

/** Whether the painted cube shows what the variant asks for. */
export function matches(cells: Uint8Array, stickers: Uint8Array): boolean {
  for (let k = 0; k < cells.length; k += 2) {
    if (((cells[k + 1]! >> stickers[cells[k]!]!) & 1) === 0) return false;
  }
  return true;
}
