import {
  type Cube,
  isHome,
  isSolved,
  pieceAt,
  placeNamed,
  PLACES,
} from '../../puzzle/cube/index.js';
import { mirrorMoves, writeMoves } from '../../puzzle/notation/index.js';
import { cubeBy, moves } from '../../core.spec-support.js';
import type { Case, PatternApproach } from './approach.js';
import { approachById, APPROACHES } from './built-in.js';
import { textOf } from '../wording/index.js';

/** The names of the places whose piece is not at home, twisted right. */
const disturbed = (cube: Cube): string[] =>
  PLACES.filter(({ index }) => !isHome(cube, index)).map(({ name }) => name);

const caseOf = (id: string): Case =>
  (approachById(id.split('/')[0]!) as PatternApproach).cases.find((one) => one.id === id)!;
const after = (id: string, times = caseOf(id).times ?? 1): Cube =>
  cubeBy(Array.from({ length: times }, () => caseOf(id).sequence).join(' '));
const whoIsAt = (cube: Cube, place: string): string =>
  PLACES[pieceAt(cube, placeNamed(place)!.index)]!.name;

describe('the four turns of corners-repeat', () => {
  it('come back to where they began after six rounds', () => {
    const rounds = [1, 2, 3, 4, 5, 6].map((times) =>
      isSolved(after('corners-repeat/right', times)),
    );
    expect(rounds).toEqual([false, false, false, false, false, true]);
  });

  it('leave the first layer alone but for the one corner', () => {
    for (const times of [1, 2, 3, 4, 5]) {
      const low = disturbed(after('corners-repeat/right', times)).filter((name) =>
        name.startsWith('D'),
      );
      expect(low).withContext(`${times}`).toEqual(['DFR']);
    }
  });

  it('are done by the other hand for a corner on the left', () => {
    const [right, left] = ['corners-repeat/right', 'corners-repeat/left'].map(
      (id) => caseOf(id).sequence,
    );
    expect(writeMoves(mirrorMoves(moves(right!)))).toBe(left!);
  });
});

describe('the sequences of middle-turn', () => {
  it('are mirrors of each other', () => {
    const [right, left] = ['middle-turn/right', 'middle-turn/left'].map(
      (id) => caseOf(id).sequence,
    );
    expect(writeMoves(mirrorMoves(moves(right!)))).toBe(left!);
  });

  it('move one middle edge and nothing else below the top', () => {
    for (const [id, place] of [
      ['middle-turn/right', 'FR'],
      ['middle-turn/left', 'FL'],
    ] as const) {
      const low = disturbed(after(id)).filter((name) => !name.startsWith('U'));
      expect(low).toEqual([place]);
      expect(whoIsAt(after(id), place)).toMatch(/^U/);
    }
  });
});

describe('the sequences of the last layer', () => {
  const LAST = ['ycross-repeat/bar', 'edges-match/neighbours', 'place-left/one'];

  it('leave the two layers below as they were', () => {
    for (const id of LAST) {
      expect(disturbed(after(id)).every((name) => name.startsWith('U')))
        .withContext(id)
        .toBeTrue();
    }
  });

  it('ycross: six turns flip the front and the back edge of a bar', () => {
    const { sequence } = caseOf('ycross-repeat/bar');
    expect(moves(sequence).length).toBe(6);
    // Undone from a finished cross, the front and the back edge no longer face up.
    const cube = after('ycross-repeat/bar');
    const flipped = ['UF', 'UR', 'UB', 'UL'].filter((name) => cube[placeNamed(name)!.index]! & 1);
    expect(flipped.length).toBe(2);
  });

  it('edges-match: exchanges the front and left edges and keeps all four facing up', () => {
    const cube = after('edges-match/neighbours');
    const now = ['UF', 'UL', 'UB', 'UR'].map((place) => whoIsAt(cube, place));
    expect(now).toEqual(['UL', 'UF', 'UB', 'UR']);
    for (const name of ['UF', 'UL', 'UB', 'UR']) expect(cube[placeNamed(name)!.index]! & 1).toBe(0);
  });

  it('place-left: sends three corners round, keeps the front left one and every edge', () => {
    const cube = after('place-left/one');
    expect(whoIsAt(cube, 'UFL')).toBe('UFL');
    const moved = ['UFR', 'UBR', 'UBL'].filter((place) => whoIsAt(cube, place) === place);
    expect(moved).toEqual([]);
    for (const name of ['UF', 'UR', 'UB', 'UL'])
      expect(isHome(cube, placeNamed(name)!.index)).toBeTrue();
    const three = Array.from({ length: 3 }, () => caseOf('place-left/one').sequence).join(' ');
    expect(
      ['UFR', 'UBR', 'UBL'].every((place) => whoIsAt(cubeBy(three), place) === place),
    ).toBeTrue();
  });

  it('turn-under: two rounds twist one corner one way, four the other, six not at all', () => {
    const twist = (times: number): number =>
      after('turn-under/twice', times)[placeNamed('DFR')!.index]! % 3;
    expect([twist(2), twist(4), twist(6)].sort()).toEqual([0, 1, 2]);
    const bottom = disturbed(after('turn-under/twice')).filter((name) => name.startsWith('D'));
    expect(bottom).toEqual(['DFR']);
  });
});

describe('the sequences of face first', () => {
  it('face: each twists three corners, and one undoes the other', () => {
    const there = caseOf('face-two/one-front').sequence;
    const back = caseOf('face-two/one-right').sequence;
    const twisted = (text: string): string[] =>
      ['UFR', 'UFL', 'UBL', 'UBR'].filter(
        (name) => cubeBy(text)[placeNamed(name)!.index]! % 3 !== 0,
      );
    expect(twisted(there).length).toBe(3);
    expect(twisted(back).length).toBe(3);
    expect(isSolved(cubeBy(`${there} ${back}`))).toBeTrue();
  });

  it('swap: each exchanges two corners beside the pair it keeps', () => {
    for (const [id, kept] of [
      ['swap-back/pair', ['UBL', 'UBR']],
      ['swap-right/pair', ['UFR', 'UBR']],
      ['swap-left/pair', ['UFL', 'UBL']],
    ] as const) {
      const cube = after(id);
      // The two kept stay neighbours in the same order; the two others change theirs.
      const round = ['UFR', 'UFL', 'UBL', 'UBR'].map((place) => whoIsAt(cube, place));
      const order = (a: string, b: string): number => (round.indexOf(b) - round.indexOf(a) + 4) % 4;
      const home = ['UFR', 'UFL', 'UBL', 'UBR'];
      const before = (a: string, b: string): number => (home.indexOf(b) - home.indexOf(a) + 4) % 4;
      expect(order(kept[0], kept[1])).withContext(id).toBe(before(kept[0], kept[1]));
      const others = home.filter((name) => !kept.includes(name as never)) as [string, string];
      expect(order(...others))
        .withContext(id)
        .not.toBe(before(...others));
    }
  });

  it('cycle-one twice is the same as the other sequence of cycle-two once', () => {
    expect(cubeBy(caseOf('cycle-two/left').sequence)).toEqual(after('cycle-one/twice'));
    expect(cubeBy(caseOf('cycle-two/right').sequence)).toEqual(after('cycle-one/once'));
  });
});

describe('the sequences of the middle', () => {
  it('five and five move three edges and nothing else', () => {
    for (const id of ['middle-five/back', 'middle-five/front']) {
      expect(disturbed(after(id)).filter((name) => name.length === 2).length)
        .withContext(id)
        .toBe(3);
      expect(disturbed(after(id)).filter((name) => name.length === 3))
        .withContext(id)
        .toEqual([]);
    }
  });

  it('of middle-eight are mirrors of each other', () => {
    const [right, left] = ['middle-eight/right', 'middle-eight/left'].map(
      (id) => caseOf(id).sequence,
    );
    expect(writeMoves(mirrorMoves(moves(right!)))).toBe(left!);
  });

  it('of middle-refit begin as those of middle-turn do', () => {
    for (const side of ['right', 'left']) {
      const half = caseOf(`middle-refit/${side}`).sequence;
      expect(caseOf(`middle-turn/${side}`).sequence.startsWith(half)).toBeTrue();
    }
  });
});

describe('every case', () => {
  const cases = APPROACHES.flatMap((approach) => approach.cases.map((one) => ({ approach, one })));

  it('has an id and a title of its own', () => {
    for (const key of ['id', 'title'] as const) {
      const values = cases.map(({ approach, one }) =>
        key === 'id' ? one.id : `${approach.id}: ${one.title}`,
      );
      expect(new Set(values).size).toBe(values.length);
    }
  });

  it('is plain data that survives being written down', () => {
    for (const approach of APPROACHES) {
      expect(JSON.parse(JSON.stringify(approach))).toEqual(approach);
    }
  });

  it('is told in sentences without letters of turns, so that every dialect can use them', () => {
    for (const { one } of cases) {
      const lineUp = 'lineUp' in one ? one.lineUp : undefined;
      const lines = [one.look, one.why, lineUp?.turning ?? '', lineUp?.already ?? ''];
      const told = lines.map((line) => textOf(line)).join(' ');
      expect(told)
        .withContext(one.id)
        .not.toMatch(/(^| )[URFDLB](['i2]|\b)(?![a-z])/);
    }
  });
});
