import {
  type ColourScheme,
  type Hold,
  holdsWithUp,
  opposite,
  placeNamed,
  PLACES,
  type Side,
  sideInHold,
  sideOfLetter,
  STICKER_SOURCES,
  stickerInHold,
  type Turn,
  turnOf,
  whereInHold,
} from '../../puzzle/cube/index.js';
import {
  countTurns,
  type Move,
  ownTurns,
  readMoves,
  writeMoves,
} from '../../puzzle/notation/index.js';
import {
  type Case,
  type Pattern,
  type PatternApproach,
  type Role,
  type Seen,
  sentencesOf,
} from '../../teaching/approaches/index.js';
import { ANYTHING, asksOf, countBits } from './asks.js';
import type { Choice, Lined } from './choice.js';
import { linesOf } from './runner.js';
import { SAY } from './words.js';

/** One case as it may meet a cube: in one hold, after one lining-up, by one of its patterns. */
export interface Variant extends Choice {
  readonly case: Case;
  /** Pairs: a sticker number, and the colours it may have as a bit mask. */
  readonly cells: Uint8Array;
  /** The same of the places: pairs of a place, and the values it may have as a bit mask. */
  readonly asks: Int32Array;
  readonly rank: number;
  /** A list of this variant and nothing else. */
  readonly alone: readonly Variant[];
}

/** Why an approach cannot be used: the case, and what to mend in it. */
export class ApproachError extends Error {
  constructor(
    readonly caseId: string,
    message: string,
  ) {
    super(SAY.inCase({ caseId, message }));
  }
}

/**
 * Every way the cases of an approach may meet a cube, best first: by rank, then fewest turns,
 * then as listed.
 */
export function compileApproach(
  approach: PatternApproach,
  first: Side,
  scheme: ColourScheme,
): Variant[] {
  const up = approach.up === 'first' ? first : opposite(first);
  const holds = holdsWithUp(up);
  const variants = approach.cases.flatMap((one) =>
    holds.flatMap((hold) => new CaseCompiler(one, hold, first, scheme).variants()),
  );
  return variants.sort((a, b) => a.rank - b.rank || a.turnCount - b.turnCount);
}

/** The words that sentences may name in a hold: colours by role, and where a place of the cube is. */
export function wordsInHold(
  hold: Hold,
  first: Side,
  scheme: ColourScheme,
  place?: number,
): Map<string, string> {
  const colour = (side: Side): string => scheme[side]!;
  const words = new Map([
    ['first', colour(first)],
    ['opposite', colour(opposite(first))],
  ]);
  for (const role of ['front', 'right', 'back', 'left'] as const) {
    words.set(role, colour(sideCalled(hold, role)));
  }
  if (place !== undefined) words.set('at', whereInHold(hold, place));
  return words;
}

const sideCalled = (hold: Hold, role: 'front' | 'right' | 'back' | 'left'): Side =>
  sideInHold(hold, sideOfLetter(role[0]!.toUpperCase()));

/** The colours a sticker may have, as a bit mask by side number; `UNPAINTED` may be among them. */
export function seenMask(seen: Seen, hold: Hold, first: Side): number {
  const colours = (role: Role): number => {
    if (role === 'first') return 1 << first;
    if (role === 'opposite') return 1 << opposite(first);
    if (role === 'side') return 0b111111 & ~(1 << first) & ~(1 << opposite(first));
    return 1 << sideCalled(hold, role);
  };
  if (typeof seen !== 'string') return seen.reduce((mask, role) => mask | colours(role), 0);
  return seen.startsWith('!') ? ANYTHING & ~colours(seen.slice(1) as Role) : colours(seen as Role);
}

/** The number of the sticker that a pattern names, in the hold. */
export function stickerCalled(name: string): number | undefined {
  const [at = '', side = ''] = name.split('.');
  const place = placeNamed(at);
  return place?.stickers[place.sides.indexOf(sideOfLetter(side))];
}

/** A case's patterns as a list. */
export const patternsOf = ({ seen }: Pick<Case, 'seen'>): readonly Pattern[] =>
  Array.isArray(seen) ? (seen as readonly Pattern[]) : [seen as Pattern];

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
    const { lineUp } = this.one;
    const patterns = patternsOf(this.one);
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

    // The most telling first: whoever looks in the order of the patterns looks at that first.
    const stickers = Object.entries(pattern)
      .map(([name, seen]): [number, number] => [
        before(this.stickerNamed(name)),
        seenMask(seen, hold, this.first),
      ])
      .sort(([, a], [, b]) => countBits(a) - countBits(b))
      .flat();
    const cells = Uint8Array.from(stickers);
    const places = one.pieces.map((name) => this.placeBefore(name, before));
    const { turns, holdAfter } = ownTurns(this.hold, [...lining, ...this.moves]);
    const variant: Omit<Variant, 'alone'> = {
      case: one,
      hold,
      holdAfter,
      cells,
      asks: asksOf(cells),
      rank: one.rank ?? 1,
      turnCount: countTurns([...lining, ...this.moves]),
      turns: Uint8Array.from(turns),
      lineUp: writeMoves(lining),
      sequence: writeMoves(this.moves),
      places,
      lines: this.linesOf(lining.length > 0, places),
      words: wordsInHold(hold, this.first, this.scheme, places[0]),
    };
    const alone: Variant[] = [];
    const whole = { ...variant, alone };
    alone.push(whole);
    return whole;
  }

  private stickerNamed(name: string): number {
    const sticker = stickerCalled(name);
    if (sticker === undefined) throw new ApproachError(this.one.id, SAY.noSuchSticker({ name }));
    return sticker;
  }

  private placeBefore(name: string, before: (sticker: number) => number): number {
    const place = placeNamed(name);
    if (!place) throw new ApproachError(this.one.id, SAY.noSuchPlace({ name }));
    const sticker = before(place.stickers[0]!);
    return PLACES.find(({ stickers }) => stickers.includes(sticker))!.index;
  }

  private linesOf(turning: boolean, places: readonly number[]): Lined {
    const { find, look, lineUp, why } = this.one;
    const lining = lineUp ? sentencesOf(turning ? lineUp.turning : lineUp.already) : [];
    const lines = linesOf(find, [...sentencesOf(look), ...lining], why, places[0]);
    for (const word of [lines.find, lines.look, lines.why].flatMap(({ words }) => words)) {
      if (!/^(first|opposite|front|right|back|left|at|(piece|was)[1-4]?)$/.test(word)) {
        throw new ApproachError(this.one.id, SAY.noSuchWord({ word: `{${word}}` }));
      }
    }
    return lines;
  }
}
