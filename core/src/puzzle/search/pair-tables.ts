import {
  FRONT,
  type Hold,
  holdsWithUp,
  inverseTurn,
  nearestHolds,
  opposite,
  placeOnSides,
  RIGHT,
  type Side,
  sideInHold,
  sideOfLetter,
  type Turn,
  turnedOver,
  turnInHold,
  turnOf,
  UP,
} from '../cube/index.js';
import { atHome, MOVED } from './piece-moves.js';

/** A room for a corner and its edge: where both belong, and the hold that has it at front right. */
export interface Room {
  readonly hold: Hold;
  readonly corner: number;
  readonly edge: number;
}

/** What one does with pairs: a turn of the top, or three turns through a room. */
export interface PairMove {
  readonly turns: readonly Turn[];
  /** The room it goes through, or −1 for a turn of the top. */
  readonly room: number;
}

export const ROOM_COUNT = 4;
const QUARTERS = [1, 3, 2];
const FAR = 255;

/** How to bring one pair home from each of its 576 placements while some rooms must not be entered. */
export interface PairTable {
  /** Turns needed from `24·corner + edge` (whereabouts); 255 where it cannot occur. */
  readonly turns: Uint8Array;
  /** The number of the move to do first. */
  readonly move: Uint8Array;
}

/**
 * Rooms, moves and tables for one first colour. Every move keeps the first cross and whatever is
 * in the rooms it does not go through; a table's ways only go through rooms that are open.
 */
export class PairTables {
  readonly rooms: readonly Room[];
  readonly moves: readonly PairMove[];
  private readonly cornerAfter: Uint8Array;
  private readonly edgeAfter: Uint8Array;
  private readonly tables = new Map<number, PairTable>();

  constructor(first: Side) {
    const holds = holdsWithUp(opposite(first));
    const placeIn = (hold: Hold, name: string): number =>
      placeOnSides([...name].map((letter) => sideInHold(hold, sideOfLetter(letter))))!.index;
    this.rooms = holds.map((hold) => ({
      hold,
      corner: placeIn(hold, 'DFR'),
      edge: placeIn(hold, 'FR'),
    }));
    const top = (quarters: number): Turn => turnOf(opposite(first), quarters);
    const through = (room: number): PairMove[] =>
      QUARTERS.flatMap((quarters) =>
        [turnOf(RIGHT, 1), turnOf(FRONT, 3)].map((out) => {
          const open = turnInHold(holds[room]!, out);
          return { room, turns: [open, top(quarters), inverseTurn(open)] };
        }),
      );
    this.moves = [
      ...QUARTERS.map((quarters) => ({ room: -1, turns: [top(quarters)] })),
      ...this.rooms.flatMap((_, room) => through(room)),
    ];
    this.cornerAfter = this.table(MOVED.corner);
    this.edgeAfter = this.table(MOVED.edge);
  }

  private table(moved: Uint8Array): Uint8Array {
    return Uint8Array.from({ length: this.moves.length * 24 }, (_, k) =>
      this.moves[Math.floor(k / 24)]!.turns.reduce(
        (where, turn) => moved[turn * 24 + where]!,
        k % 24,
      ),
    );
  }

  /** The rooms by how little re-holding brings each to the front right, nearest first. */
  nearestRooms(hold: Hold): number[] {
    const top = sideInHold(this.rooms[0]!.hold, UP);
    return nearestHolds(turnedOver(hold, top)).map((near) =>
      this.rooms.findIndex((room) => room.hold === near),
    );
  }

  /** Where a pair (`24·corner + edge`) is after a move. */
  after(move: number, pair: number): number {
    const corner = Math.floor(pair / 24);
    return this.cornerAfter[move * 24 + corner]! * 24 + this.edgeAfter[move * 24 + (pair % 24)]!;
  }

  /** The finished pair of a room. */
  home(room: number): number {
    return atHome(this.rooms[room]!.corner) * 24 + atHome(this.rooms[room]!.edge);
  }

  /** The table for the pair of `room` when the rooms in the bit mask `closed` are finished. */
  tableFor(room: number, closed: number): PairTable {
    const key = closed * ROOM_COUNT + room;
    let table = this.tables.get(key);
    if (!table) this.tables.set(key, (table = this.fill(room, closed)));
    return table;
  }

  // Each move's reverse is a move too, so the ways are found backwards from the finished pair,
  // by increasing count of turns. The pair's own room comes first: among equal ways it is chosen.
  private fill(room: number, closed: number): PairTable {
    const turns = new Uint8Array(576).fill(FAR);
    const move = new Uint8Array(576);
    const usable = this.usable(room, closed);
    const queues: number[][] = [[this.home(room)]];
    turns[this.home(room)] = 0;
    for (let count = 0; count < queues.length; count++) {
      for (const pair of queues[count] ?? []) {
        if (turns[pair] !== count) continue;
        for (const [forward, backward] of usable) {
          const before = this.after(backward, pair);
          const total = count + this.moves[forward]!.turns.length;
          if (total >= turns[before]!) continue;
          turns[before] = total;
          move[before] = forward;
          (queues[total] ??= []).push(before);
        }
      }
      for (let k = 0; k < queues.length; k++) queues[k] ??= [];
    }
    return { turns, move };
  }

  /** Moves that may be used, own room first, each with its reverse. */
  private usable(room: number, closed: number): [number, number][] {
    const distance = (move: PairMove): number =>
      move.room < 0 ? -1 : (move.room - room + ROOM_COUNT) % ROOM_COUNT;
    return this.moves
      .map((move, k) => ({ move, k }))
      .filter(({ move }) => move.room < 0 || ((closed >> move.room) & 1) === 0)
      .sort((a, b) => distance(a.move) - distance(b.move) || a.k - b.k)
      .map(({ move, k }) => [k, this.reverse(move)]);
  }

  private reverse(move: PairMove): number {
    const undone = [...move.turns].reverse().map(inverseTurn);
    return this.moves.findIndex(({ turns }) => turns.join() === undone.join());
  }

  /** The moves that bring the pair of `room` home from a placement. */
  way(room: number, closed: number, pair: number): number[] {
    const { turns, move } = this.tableFor(room, closed);
    const way: number[] = [];
    for (let now = pair; turns[now]! > 0; now = this.after(move[now]!, now)) way.push(move[now]!);
    return way;
  }
}

const tables = new Map<Side, PairTables>();

/** The tables for a first colour, made on first use and kept. */
export function pairTables(first: Side): PairTables {
  let made = tables.get(first);
  if (!made) tables.set(first, (made = new PairTables(first)));
  return made;
}
