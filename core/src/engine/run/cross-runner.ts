import {
  BACK,
  type ColourScheme,
  type Cube,
  faceInHold,
  FRONT,
  type Hold,
  HOME_HOLD,
  layersOf,
  nearestHolds,
  opposite,
  PLACES,
  RIGHT,
  type Side,
  sideInHold,
  sideOfTurn,
  type Turn,
  turnedOver,
  whereInHold,
} from '../../puzzle/cube/index.js';
import { crossTable, MOVED, placeOf, turnsLayer, whereIs } from '../../puzzle/search/index.js';
import type { SearchApproach } from '../../teaching/approaches/index.js';
import { wordsInHold } from './compile.js';
import type { Choice } from './choice.js';
import { type SearchRunner, Teller, type Told } from './runner.js';
import { CrossSearching } from './cross-searching.js';
import { SearchStep, SearchWords } from './search-step.js';
import type { Searching } from './searching.js';
import { triesOf } from './starts.js';
import type { Tries } from './tries.js';

/**
 * The first cross planned whole. A shortest way is looked up and told edge by edge: an edge counts
 * as placed once no turn but those of its own layer moves it any more, since from then on it stands
 * right to the others placed.
 */
export class CrossRunner implements SearchRunner {
  private readonly edges: readonly number[];
  private readonly words: SearchWords;
  private readonly teller: Teller;
  readonly searching: Searching;

  constructor(
    readonly approach: SearchApproach,
    private readonly first: Side,
    private readonly scheme: ColourScheme,
  ) {
    this.edges = layersOf(first).firstEdges;
    this.words = new SearchWords(approach);
    this.teller = new Teller(first, scheme);
    this.searching = new CrossSearching(this, first);
  }

  tries(): Tries[] {
    return [triesOf(this, this.first)];
  }

  next(cube: Cube, before: Hold): readonly Choice[] {
    const way = crossTable(this.first).shortest(cube);
    const hold = this.easiestHold(way, before);
    const wheres = new Map(this.edges.map((edge) => [edge, whereIs(cube, edge)]));
    const placedBy = this.placings(way, wheres);
    const placed = this.edges.filter((edge) => !placedBy.has(edge));
    const steps: Choice[] = [];
    let turns: Turn[] = [];
    let start = new Map(wheres);
    way.forEach((turn, k) => {
      turns.push(turn);
      for (const [edge, where] of wheres) wheres.set(edge, MOVED.edge[turn * 24 + where]!);
      const edge = this.edges.find((one) => placedBy.get(one) === k);
      if (edge === undefined) return;
      steps.push(this.placing(edge, placed, turns, start, hold));
      placed.push(edge);
      turns = [];
      start = new Map(wheres);
    });
    if (turns.length > 0) steps.push(this.step('line-up', turns, [placed[0]!], start, hold));
    return steps;
  }

  tell(choice: Choice, cube: Cube, before: Hold): Told {
    return this.teller.tell(choice, cube, before);
  }

  /** The hold in which the fewest turns are of the back side, which one cannot see. */
  private easiestHold(way: readonly Turn[], before: Hold): Hold {
    const backs = (hold: Hold): number =>
      way.filter((turn) => sideOfTurn(turn) === sideInHold(hold, BACK)).length;
    const holds = nearestHolds(turnedOver(before, opposite(this.first)));
    return holds.reduce((best, hold) => (backs(hold) < backs(best) ? hold : best));
  }

  /** For each edge that a side turn moves: which turn of the way is the last such. */
  private placings(way: readonly Turn[], start: ReadonlyMap<number, number>): Map<number, number> {
    const placings = new Map<number, number>();
    for (const edge of this.edges) {
      let where = start.get(edge)!;
      way.forEach((turn, k) => {
        const after = MOVED.edge[turn * 24 + where]!;
        if (after !== where && !turnsLayer(turn, this.first)) placings.set(edge, k);
        where = after;
      });
    }
    return placings;
  }

  private placing(
    edge: number,
    placed: readonly number[],
    turns: readonly Turn[],
    start: ReadonlyMap<number, number>,
    hold: Hold,
  ): Choice {
    const side = (piece: number): Side => PLACES[piece]!.sides.find((s) => s !== this.first)!;
    const across = placed.find((other) => side(other) === opposite(side(edge)));
    const other = across ?? placed[0];
    if (other === undefined) return this.step('first', turns, [edge], start, hold);
    const kind = placed.length === 3 ? 'last' : across !== undefined ? 'across' : 'beside';
    return this.step(kind, turns, [edge, other], start, hold, this.hand(side(edge), side(other)));
  }

  /** Whether `side` is to the right or left of `other`, looking at `other` with the layer below. */
  private hand(side: Side, other: Side): string {
    const hold = nearestHolds(turnedOver(HOME_HOLD, opposite(this.first))).find(
      (one) => sideInHold(one, FRONT) === other,
    )!;
    return faceInHold(hold, side) === RIGHT ? 'right' : 'left';
  }

  private step(
    kind: string,
    turns: readonly Turn[],
    edges: readonly number[],
    start: ReadonlyMap<number, number>,
    hold: Hold,
    hand = '',
  ): Choice {
    const lining = turnsLayer(turns[0]!, this.first) ? 1 : 0;
    const places = edges.map((edge) => placeOf(start.get(edge)!, 'edge'));
    const after = (count: number): number =>
      placeOf(
        turns
          .slice(0, count)
          .reduce((at, turn) => MOVED.edge[turn * 24 + at]!, start.get(edges[0]!)!),
        'edge',
      );
    const words = (): Map<string, string> =>
      wordsInHold(hold, this.first, this.scheme, places[0])
        .set('hand', hand)
        .set('lined', whereInHold(hold, after(lining)))
        .set('to', whereInHold(hold, after(turns.length)));
    const otherwise = after(lining) === places[0] ? undefined : 'along';
    return new SearchStep(
      { kind, otherwise },
      this.words,
      hold,
      turns.slice(0, lining),
      turns.slice(lining),
      places,
      words,
    );
  }
}
