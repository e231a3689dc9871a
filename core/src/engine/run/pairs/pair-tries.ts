import { type Cube, type Hold, isHome, type Side } from '../../../puzzle/cube/index.js';
import { pairTables, ROOM_COUNT } from '../../../puzzle/search/index.js';
import type { SearchApproach } from '../../../teaching/approaches/index.js';
import { goalHolds } from '../../../teaching/stages/index.js';
import type { Choice } from '../choice.js';
import { pairStarts } from '../starts.js';
import type { Tries } from '../tries.js';

/** What brings one pair home while others stay. */
export interface PairPlanner {
  readonly approach: SearchApproach;
  /** The steps that bring the pair of one room home while those in the mask `closed` stay. */
  nextFor(cube: Cube, room: number, closed: number): readonly Choice[];
  next(cube: Cube, hold: Hold): readonly Choice[];
}

/** Every pair's way home beside every set of finished rooms, whichever pair would be taken next. */
export function* pairTries(planner: PairPlanner, first: Side): Generator<Tries> {
  for (let closed = 0; closed < 1 << ROOM_COUNT; closed++) {
    for (let room = 0; room < ROOM_COUNT; room++) {
      if (((closed >> room) & 1) === 0) yield triesOfPair(planner, room, closed, first);
    }
  }
}

/** The ways home of the pair of one room while those in the mask `closed` are finished. */
export function triesOfPair(
  planner: PairPlanner,
  room: number,
  closed: number,
  first: Side,
): Tries {
  const { rooms } = pairTables(first);
  const { matter, count, cube } = pairStarts(rooms, room, closed, first);
  const finished = rooms.filter((_, k) => k === room || (closed >> k) & 1);
  const open = rooms.filter((_, k) => k !== room && ((closed >> k) & 1) === 0);
  return {
    matter,
    count,
    cube: (k) => {
      const start = cube(k);
      // The other pieces stand anyhow: a room that is open must not look finished.
      for (const { edge } of open) if (isHome(start, edge)) start[edge]! ^= 1;
      return start;
    },
    next: (at) => planner.nextFor(at, room, closed),
    isDone: (at) =>
      finished.every(({ corner, edge }) => isHome(at, corner) && isHome(at, edge)) &&
      goalHolds(at, 'cross', first),
  };
}
