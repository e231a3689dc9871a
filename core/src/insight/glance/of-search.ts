import {
  CORNER_COUNT,
  type Cube,
  faceInHold,
  FRONT,
  type Hold,
  HOME_HOLD,
  layersOf,
  opposite,
  PLACES,
  type Side,
  SIDE_LETTERS,
  STICKER_PLACE,
  stickerSeenInHold,
  turnedOver,
  UP,
} from '../../puzzle/cube/index.js';
import { pairTables, placeOf, ROOM_COUNT, whereIs } from '../../puzzle/search/index.js';
import type { SearchApproach } from '../../teaching/approaches/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import {
  type PairsRunner,
  pairStarts,
  runnerFor,
  startsOf,
  turnedRound,
  turnedStarts,
} from '../../engine/run/index.js';
import { Gathering } from './gathering.js';
import { type Look, type Lookable, packed, type Situations } from './situations.js';

const FIRST = UP;

/** What is answered of a piece, in words. */
export function answerWords(
  asks: 'layer' | 'where' | 'facing' | 'solved',
  answer: number,
): string[] {
  switch (asks) {
    case 'layer':
      return [['U', 'middle', 'D'][answer]!];
    case 'where':
      return [WHERES[answer]!];
    case 'facing':
      return [SIDE_LETTERS[answer]!];
    case 'solved':
      return [answer ? 'solved' : 'not solved'];
  }
}

/** Sides and corners of a layer, as one says where a piece is in it. */
const WHERES = ['F', 'R', 'B', 'L', 'FR', 'FL', 'BL', 'BR'];

const ANSWERS = [0, 1, 2, 3, 4, 5, 6, 7];

/** One question about one piece. */
interface Asked {
  readonly look: Look;
  readonly ask: (cube: Cube) => number;
}

/**
 * The situations of an approach that searches: what decides is where the pieces are that it is
 * about, so a look asks that of one of them. For pairs, the pair whose place is held at the front
 * right, beside every set of finished others.
 */
export function situationsOfSearch(approach: SearchApproach): {
  situations: Situations;
  inOrder: null;
} {
  const met = approach.search === 'pairs' ? pairsMet(approach) : crossMet(approach);
  return { situations: met, inOrder: null };
}

class PieceGathering {
  private readonly gathering: Gathering;
  private readonly goods: number[] = [];
  private readonly codes: Uint8Array;
  private readonly bits: ReadonlyMap<string, number>;

  constructor(
    private readonly approach: SearchApproach,
    private readonly asked: readonly Asked[],
  ) {
    this.gathering = new Gathering(asked.length);
    this.codes = new Uint8Array(asked.length);
    this.bits = new Map(approach.cases.map(({ id }, k) => [id, 1 << k]));
  }

  add(cube: Cube, caseId: string, weight: number): void {
    for (let k = 0; k < this.asked.length; k++) this.codes[k] = this.asked[k]!.ask(cube);
    const at = this.gathering.add(this.codes, weight);
    const bit = this.bits.get(caseId)!;
    this.goods[at] = (this.goods[at] ?? bit) & bit;
  }

  situations(): Situations {
    const { codes, weight, count } = this.gathering.all();
    const width = this.asked.length;
    const seen = new Uint8Array(width * count);
    for (let s = 0; s < count; s++) {
      for (let look = 0; look < width; look++) {
        const code = codes[s * width + look]!;
        seen[look * count + s] = packed(code, code, true);
      }
    }
    const lookables = this.asked.map(({ look }, round): Lookable => ({
      look,
      cost: 1,
      round,
      answers: ANSWERS.map((code) => [code]),
      rough: ANSWERS,
    }));
    return {
      lookables,
      outcomes: this.approach.cases.map((one) => ({ case: one.id })),
      count,
      seen,
      good: Int32Array.from(this.goods),
      words: 1,
      weight,
      fixed: new Uint8Array(count),
    };
  }
}

/**
 * In which layer a piece is, where in it, and which way its first colour (or front's) faces: told
 * for each of the 24 ways it can be once, since it is asked of hundreds of thousands of cubes.
 */
function askWhere(piece: number, name: string, hold: Hold, colour: Side): Asked[] {
  const kind = piece < CORNER_COUNT ? 'corner' : 'edge';
  const slot = PLACES[piece]!.sides.indexOf(colour);
  const kinds = PLACES[piece]!.sides.length;
  const answers = Array.from({ length: 24 }, (_, where) => {
    const place = placeOf(where, kind);
    const at = nameInHold(hold, place);
    const sticker = PLACES[place]!.stickers[(slot + (where % kinds)) % kinds]!;
    return {
      layer: at.startsWith('U') ? 0 : at.startsWith('D') ? 2 : 1,
      where: WHERES.indexOf(at.replace(/^[UD]/, '')),
      facing: faceInHold(hold, Math.floor(sticker / 9) as Side),
    };
  });
  return (['layer', 'where', 'facing'] as const).map((asks) => {
    const told = answers.map((one) => one[asks]);
    return { look: { piece: name, asks }, ask: (cube) => told[whereIs(cube, piece)]! };
  });
}

const nameInHold = (hold: Hold, place: number): string =>
  PLACES[STICKER_PLACE[stickerSeenInHold(hold, PLACES[place]!.stickers[0]!)]!]!.name;

function pairsMet(approach: SearchApproach): Situations {
  const runner = runnerFor(approach, FIRST) as PairsRunner;
  const { rooms } = pairTables(FIRST);
  const [{ corner, edge, hold }, ...others] = rooms as [(typeof rooms)[number], ...typeof rooms];
  const front = PLACES[edge]!.sides.find((side) => faceInHold(hold, side) === FRONT)!;
  // The finished rooms, as bits; the first is not.
  let closed = 0;
  const gathering = new PieceGathering(approach, [
    ...askWhere(corner, 'DFR', hold, FIRST),
    ...askWhere(edge, 'FR', hold, front),
    ...others.map((other, k): Asked => ({
      look: { piece: nameInHold(hold, other.edge), asks: 'solved' },
      ask: () => (closed >> (k + 1)) & 1,
    })),
  ]);
  for (; closed < 1 << ROOM_COUNT; closed += 2) {
    const starts = pairStarts(rooms, 0, closed, FIRST);
    for (let k = 0; k < starts.count; k++) {
      const cube = starts.cube(k);
      const [step] = runner.planFor(cube, 0, closed);
      if (step) gathering.add(cube, step.case.id, 1);
    }
  }
  return gathering.situations();
}

function crossMet(approach: SearchApproach): Situations {
  const runner = runnerFor(approach, FIRST);
  const starts = startsOf(approach.stage, approach.after, FIRST);
  const hold = turnedOver(HOME_HOLD, opposite(FIRST));
  const asked = layersOf(FIRST).firstEdges.flatMap((piece) =>
    askWhere(piece, nameInHold(hold, piece), hold, FIRST),
  );
  const gathering = new PieceGathering(approach, asked);
  for (const { start, alike } of turnedStarts(starts)) {
    let cube = starts.cube(start);
    if (goalHolds(cube, approach.stage, FIRST)) continue;
    // However the cube is turned round, what is shortest is as short.
    const [step] = runner.plan(cube, HOME_HOLD, false, starts.matter);
    for (let turned = 0; turned < alike; turned++) {
      gathering.add(cube, step!.case.id, 1);
      cube = turnedRound(cube);
    }
  }
  return gathering.situations();
}
