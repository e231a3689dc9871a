import {
  CORNER_COUNT,
  type Cube,
  faceInHold,
  type Hold,
  PLACES,
  type Side,
  SIDE_LETTERS,
  STICKER_PLACE,
  stickerSeenInHold,
  UP,
} from '../../puzzle/cube/index.js';
import { placeOf, whereIs } from '../../puzzle/search/index.js';
import type { SearchApproach } from '../../teaching/approaches/index.js';
import { type Deciding, runnerFor } from '../../engine/run/index.js';
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
  const { searching } = runnerFor(approach, FIRST);
  if (!searching) throw new RangeError(`${approach.id} does not search`);
  const met = situationsMet(approach, searching.deciding);
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

function situationsMet(
  approach: SearchApproach,
  { hold, pieces, pairs, met }: Deciding,
): Situations {
  let now = 0;
  const gathering = new PieceGathering(approach, [
    ...pieces.flatMap(({ piece, colour }) =>
      askWhere(piece, nameInHold(hold, piece), hold, colour),
    ),
    ...pairs.map((edge, k): Asked => ({
      look: { piece: nameInHold(hold, edge), asks: 'solved' },
      ask: () => (now >> k) & 1,
    })),
  ]);
  for (const { cube, case: id, solved } of met()) {
    now = solved;
    gathering.add(cube, id, 1);
  }
  return gathering.situations();
}
