import type { SearchApproach } from '../approaches/approach.js';
import type { ColourScheme } from '../cube/colours.js';
import { isHome, type Cube } from '../cube/cube.js';
import { faceInHold, type Hold } from '../cube/holds.js';
import { PLACES, placeOnSides } from '../cube/pieces.js';
import { opposite, type Side } from '../cube/sides.js';
import { placeWords } from '../cube/words.js';
import { pairTables, type PairTables, type Room } from '../search/pair-tables.js';
import { placeOf, whereIs } from '../search/piece-moves.js';
import { wordsInHold } from './compile.js';
import { Teller, type Choice, type Runner, type Told } from './runner.js';
import { SearchStep, SearchWords } from './search-step.js';

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
export class PairsRunner implements Runner {
  private readonly tables: PairTables;
  private readonly words: SearchWords;
  private readonly teller: Teller;

  constructor(
    readonly approach: SearchApproach,
    private readonly first: Side,
    private readonly scheme: ColourScheme,
  ) {
    this.tables = pairTables(first);
    this.words = new SearchWords(approach);
    this.teller = new Teller(first, scheme);
  }

  plan(cube: Cube, hold: Hold): readonly Choice[] {
    const closed = this.closed(cube);
    let best: ChosenPair | undefined;
    for (const room of this.tables.nearestRooms(hold)) {
      const one = this.pairOf(cube, room, closed);
      if (one.turns > 0 && (!best || one.turns < best.turns)) best = one;
    }
    return best ? this.steps(best) : [];
  }

  tell(choice: Choice, cube: Cube): Told {
    return this.teller.tell(choice, cube);
  }

  /** The steps that bring the pair of one room home while those in the mask `closed` stay. */
  planFor(cube: Cube, room: number, closed: number): readonly Choice[] {
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
    const places = [placeOf(Math.floor(pair / 24), 'corner'), placeOf(pair % 24, 'edge')];
    const through = this.tables.rooms[this.tables.moves[move]!.room]!;
    const words = (): Map<string, string> =>
      wordsInHold(hold, this.first, this.scheme, places[0])
        .set('at2', this.where(room, PLACES[places[1]!]!.sides))
        .set('room', this.roomWords(room, through));
    return new SearchStep(
      this.words.of(this.kind(places, last)),
      hold,
      lining.flatMap((one) => this.tables.moves[one]!.turns),
      this.tables.moves[move]!.turns,
      places,
      words,
    );
  }

  private kind(places: readonly number[], last: boolean): string {
    const top = opposite(this.first);
    const [corner, edge] = places.map((place) => PLACES[place]!.sides);
    const touching = edge!.every((side) => corner!.includes(side));
    if (last) return touching ? 'insert-joined' : 'insert-apart';
    if (!corner!.includes(top) || !edge!.includes(top)) return 'free';
    return touching ? 'part' : 'join';
  }

  private where(room: number, sides: readonly Side[]): string {
    const faces = sides.map((side) => faceInHold(this.tables.rooms[room]!.hold, side));
    return placeWords(placeOnSides(faces)!.name);
  }

  private roomWords(room: number, { edge }: Room): string {
    return this.where(room, PLACES[edge]!.sides).replace('middle ', '');
  }
}
