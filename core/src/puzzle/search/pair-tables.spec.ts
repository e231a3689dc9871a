import { goalHolds } from '../../teaching/stages/index.js';
import { applyTurns, DOWN, holdsWithUp, solvedCube, UP } from '../cube/index.js';
import { pairTables, ROOM_COUNT } from './pair-tables.js';
import { whereIs } from './piece-moves.js';

const tables = pairTables(UP);
const rooms = [0, 1, 2, 3];

describe('the moves of pairs', () => {
  it('keep the cross and all rooms but the one they go through', () => {
    for (const { turns, room } of tables.moves) {
      const cube = applyTurns(solvedCube(), turns);
      expect(goalHolds(cube, 'cross', UP)).toBeTrue();
      for (const other of rooms.filter((one) => one !== room)) {
        const { corner, edge } = tables.rooms[other]!;
        expect(whereIs(cube, corner) * 24 + whereIs(cube, edge)).toBe(tables.home(other));
      }
    }
  });

  it('take a pair where the turns take its pieces', () => {
    tables.moves.forEach(({ turns }, move) => {
      const cube = applyTurns(solvedCube(), turns);
      for (const room of rooms) {
        const { corner, edge } = tables.rooms[room]!;
        const pair = whereIs(cube, corner) * 24 + whereIs(cube, edge);
        expect(tables.after(move, tables.home(room))).toBe(pair);
      }
    });
  });
});

describe('the ways of a pair', () => {
  it('bring it home in the turns they say, through open rooms only', () => {
    for (const room of rooms) {
      for (let closed = 0; closed < 1 << ROOM_COUNT; closed++) {
        if ((closed >> room) & 1) continue;
        const { turns } = tables.tableFor(room, closed);
        for (let pair = 0; pair < 576; pair++) {
          if (turns[pair] === 255) continue;
          const way = tables.way(room, closed, pair);
          const end = way.reduce((now, move) => tables.after(move, now), pair);
          expect(end).toBe(tables.home(room));
          const through = way.map((move) => tables.moves[move]!.room).filter((one) => one >= 0);
          expect(through.every((one) => ((closed >> one) & 1) === 0)).toBeTrue();
          const count = way.reduce((sum, move) => sum + tables.moves[move]!.turns.length, 0);
          expect(count).toBe(turns[pair]!);
        }
      }
    }
  });

  it('are no longer when more rooms are open', () => {
    for (const room of rooms) {
      const open = tables.tableFor(room, 0).turns;
      for (let closed = 1; closed < 1 << ROOM_COUNT; closed++) {
        if ((closed >> room) & 1) continue;
        const some = tables.tableFor(room, closed).turns;
        expect(open.every((turns, pair) => turns <= some[pair]!)).toBeTrue();
      }
    }
  });

  it('are as long in every room: the cube only has to be turned', () => {
    const sorted = (room: number): string =>
      [...tables.tableFor(room, 0).turns].sort((a, b) => a - b).join();
    for (const room of rooms) expect(sorted(room)).toBe(sorted(0));
  });

  it('prefer the room that is held, then its neighbours', () => {
    for (const hold of holdsWithUp(DOWN)) {
      const order = tables.nearestRooms(hold);
      expect(tables.rooms[order[0]!]!.hold).toBe(hold);
      expect([...order].sort()).toEqual(rooms);
    }
  });
});
