import {
  type ColourScheme,
  type Cube,
  type Hold,
  isHome,
  kindOfPlace,
  opposite,
  PLACES,
  type Side,
  type Turn,
  whereInHold,
} from '../../../puzzle/cube/index.js';
import {
  atHome,
  MOVED,
  pairTables,
  type PairTables,
  placeOf,
  whereIs,
} from '../../../puzzle/search/index.js';
import type { SearchApproach } from '../../../teaching/approaches/index.js';
import { wordsInHold } from '../compile.js';
import type { Choice } from '../choice.js';
import { type SearchRunner, Teller, type Told } from '../runner.js';
import { SearchStep, type SearchWording, SearchWords } from '../search-step.js';
import type { Searching } from '../searching.js';
import type { Tries } from '../tries.js';
import { PairsSearching } from './pairs-searching.js';
import { pairTries } from './pair-tries.js';

/** A pair to be brought home: the room it belongs to, and what it costs. */
export interface ChosenPair {
  room: number;
  closed: number;
  pair: number;
  turns: number;
}

/**
 * Corner and edge together. The pair that needs fewest turns is taken next and brought home before
 * another is looked at; among equal ones the room that needs the least re-holding.
 */
export class PairsRunner implements SearchRunner {
  private readonly tables: PairTables;
  private readonly words: SearchWords;
  private readonly teller: Teller;
  readonly searching: Searching;

  constructor(
    readonly approach: SearchApproach,
    private readonly first: Side,
    private readonly scheme: ColourScheme,
  ) {
    this.tables = pairTables(first);
    this.words = new SearchWords(approach);
    this.teller = new Teller(first, scheme);
    this.searching = new PairsSearching(this, first);
  }

  tries(): Iterable<Tries> {
    return pairTries(this, this.first);
  }

  next(cube: Cube, hold: Hold): readonly Choice[] {
    const closed = this.closed(cube);
    let best: ChosenPair | undefined;
    for (const room of this.tables.nearestRooms(hold)) {
      const one = this.pairOf(cube, room, closed);
      if (one.turns > 0 && (!best || one.turns < best.turns)) best = one;
    }
    return best ? this.steps(best) : [];
  }

  tell(choice: Choice, cube: Cube, before: Hold): Told {
    return this.teller.tell(choice, cube, before);
  }

  /** The steps that bring the pair of one room home while those in the mask `closed` stay. */
  nextFor(cube: Cube, room: number, closed: number): readonly Choice[] {
    const chosen = this.pairOf(cube, room, closed);
    return chosen.turns > 0 ? this.steps(chosen) : [];
  }

  private pairOf(cube: Cube, room: number, closed: number): ChosenPair {
    const { corner, edge } = this.tables.rooms[room]!;
    const pair = whereIs(cube, corner) * 24 + whereIs(cube, edge);
    return { room, closed, pair, turns: this.tables.tableFor(room, closed).turns[pair]! };
  }

  /** The finished rooms as a bit mask. */
  private closed(cube: Cube): number {
    return this.tables.rooms.reduce(
      (mask, { corner, edge }, room) =>
        isHome(cube, corner) && isHome(cube, edge) ? mask | (1 << room) : mask,
      0,
    );
  }

  // One step is one way through a room, with the turn of the top before it as its lining-up.
  private steps({ room, closed, pair }: ChosenPair): Choice[] {
    const steps: Choice[] = [];
    let now = pair;
    let lining: number[] = [];
    const way = this.tables.way(room, closed, pair);
    way.forEach((move, k) => {
      if (this.tables.moves[move]!.room < 0) {
        lining = [move];
        return;
      }
      const last = k === way.length - 1;
      steps.push(this.step(room, now, lining, move, last));
      now = [...lining, move].reduce((at, one) => this.tables.after(one, at), now);
      lining = [];
    });
    return steps;
  }

  private step(room: number, pair: number, lining: number[], move: number, last: boolean): Choice {
    const { hold } = this.tables.rooms[room]!;
    const liningTurns = lining.flatMap((one) => this.tables.moves[one]!.turns);
    const { turns } = this.tables.moves[move]!;
    const places = placesOf(pair);
    const lined = placesOf(after(pair, liningTurns));
    const words = (): Map<string, string> => {
      const to = placesOf(after(pair, [...liningTurns, ...turns]));
      return wordsInHold(hold, this.first, this.scheme, places[0])
        .set('at2', whereInHold(hold, places[1]!))
        .set('lined', whereInHold(hold, lined[0]!))
        .set('lined2', whereInHold(hold, lined[1]!))
        .set('to', whereInHold(hold, to[0]!))
        .set('to2', whereInHold(hold, to[1]!));
    };
    return new SearchStep(
      this.wording(places, lined, turns, last),
      this.words,
      hold,
      liningTurns,
      turns,
      places,
      words,
    );
  }

  /** What a step does for its pair, told by where the two are before, once lined up and after. */
  private wording(
    places: readonly number[],
    lined: readonly number[],
    turns: readonly Turn[],
    last: boolean,
  ): SearchWording {
    const touching = PLACES[places[1]!]!.sides.every((side) =>
      PLACES[places[0]!]!.sides.includes(side),
    );
    if (last) return { kind: touching ? 'insert-joined' : 'insert-apart' };
    const [cornerUp, edgeUp] = places.map((place) => this.onTop(place));
    if (cornerUp && edgeUp) {
      const opened = lined.map((place) => this.onTop(placeAfter(place, turns.slice(0, 1))));
      const rides = opened[0] ? (opened[1] ? undefined : 'edge') : 'corner';
      return { kind: touching ? 'part' : 'join', otherwise: rides };
    }
    const [cornerThen, edgeThen] = lined.map((place) => this.onTop(placeAfter(place, turns)));
    if (cornerUp) return { kind: 'free', otherwise: edgeThen ? 'edge' : 'shift' };
    if (edgeUp) return { kind: 'free', otherwise: cornerThen ? 'corner' : 'shift' };
    if (cornerThen && edgeThen) return { kind: 'free' };
    return { kind: 'free', otherwise: cornerThen ? 'both-corner' : 'both-edge' };
  }

  private onTop(place: number): boolean {
    return PLACES[place]!.sides.includes(opposite(this.first));
  }
}

/** A pair (`24·corner + edge`) after turns of the cube's sides. */
const after = (pair: number, turns: readonly Turn[]): number =>
  turns.reduce(
    (now, turn) =>
      MOVED.corner[turn * 24 + Math.floor(now / 24)]! * 24 + MOVED.edge[turn * 24 + (now % 24)]!,
    pair,
  );

const placesOf = (pair: number): number[] => [
  placeOf(Math.floor(pair / 24), 'corner'),
  placeOf(pair % 24, 'edge'),
];

/** Where turns take what stands at a place. */
function placeAfter(place: number, turns: readonly Turn[]): number {
  const kind = kindOfPlace(place);
  const where = turns.reduce((now, turn) => MOVED[kind][turn * 24 + now]!, atHome(place));
  return placeOf(where, kind);
}
