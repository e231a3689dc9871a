import {
  randomCube,
  randomFrom,
  solvedCube,
  STANDARD_SCHEME,
  turnHold,
  turnInHold,
} from '../../puzzle/cube/index.js';
import { axisOf, isWholeCube, quartersOf, writeMoves } from '../../puzzle/notation/index.js';
import { makeWayTables, wayBetween, type WayTables } from '../../puzzle/search/index.js';
import { type Method, METHODS } from '../../teaching/methods/index.js';
import { readStep, solve, stagesOf } from '../../engine/run/index.js';
import { oftenSaid } from './advice.js';
import { type Review, reviewSolve } from './review.js';

const [gentle] = METHODS as [Method];

describe('the review of a solve', () => {
  let tables: WayTables;
  beforeAll(() => (tables = makeWayTables()));

  /** A solve as a method has it: the scramble, and its turns as one would write them down. */
  function solvedBy(method: Method, seed: number): { scramble: string; turns: string[] } {
    const cube = randomCube(randomFrom(seed));
    const walk = solve(cube, method);
    if (!walk.ok) throw new Error(walk.error);
    const turns = walk.value.steps.flatMap((step) => {
      const { hold, lineUp, sequence } = readStep(step, STANDARD_SCHEME);
      let now = hold;
      return [...lineUp, ...sequence].flatMap((move) => {
        if (!isWholeCube(move)) return [writeMoves([turnInHold(now, move)])];
        now = turnHold(now, axisOf(move), quartersOf(move));
        return [];
      });
    });
    return { scramble: writeMoves(wayBetween(tables, solvedCube(), cube)), turns };
  }

  function review(scramble: string, turns: string, method = gentle): Review {
    const done = {
      scramble,
      turns,
      method,
      firstColour: 'white',
      scheme: STANDARD_SCHEME,
    } as const;
    const reviewed = reviewSolve(done, tables);
    if (!reviewed.ok) throw new Error(reviewed.error);
    return reviewed.value;
  }

  for (const method of METHODS) {
    it(`recognises a solve by ${method.id}, whatever method is chosen`, () => {
      for (const seed of [11, 12, 13]) {
        const { scramble, turns } = solvedBy(method, seed);
        const { stages, finished } = review(scramble, turns.join(' '));
        const context = `${method.id} ${seed}`;
        expect(finished).withContext(context).toBeTrue();
        expect(stages.map(({ stage }) => stage))
          .withContext(context)
          .toEqual(stagesOf(method));
        const explained = stages.reduce((sum, { fit, turnCount }) => sum + fit * turnCount, 0);
        expect(explained / turns.length)
          .withContext(context)
          .toBeGreaterThan(0.8);
        // The last layer is turned as it comes; what is told of it hangs together all the same.
        expect(stages[0]!.from).toBe(0);
        for (const [k, { from }] of stages.entries()) {
          if (k > 0) expect(from).toBe(stages[k - 1]!.to);
        }
      }
    });
  }

  it('names cases and how they were answered, and sets both ways beside them', () => {
    const { scramble, turns } = solvedBy(gentle, 21);
    const { stages, lastLayer } = review(scramble, turns.join(' '));
    const corners = stages.find(({ stage }) => stage === 'corners')!;
    expect(corners.looks.map((look) => look.case)).toContain('corners-repeat/up');
    expect(corners.looks.every(({ answered }) => answered === 'as-taught')).toBeTrue();
    const cross = stages.find(({ stage }) => stage === 'cross')!;
    expect(cross.shortest!.exact).toBeTrue();
    expect(cross.shortest!.turnCount).toBeLessThanOrEqual(cross.turnCount);
    expect(corners.shortest!.turnCount).toBeLessThanOrEqual(corners.method!.turnCount);
    expect(lastLayer!.shortest.turnCount).toBeLessThan(lastLayer!.turnCount);
  });

  it('marks turns that cancel, a slip turned back, and a layer lined up the long way', () => {
    const { scramble, turns } = solvedBy(gentle, 22);
    const quiet = review(scramble, turns.join(' ')).wastes.length;
    const wasteAfter = (extra: string): Review['wastes'] =>
      review(scramble, [extra, ...turns].join(' ')).wastes.filter(({ from }) => from < 2);
    expect(wasteAfter("R R'")[0]).toEqual(
      jasmine.objectContaining({ kind: 'cancels', from: 0, to: 2, turns: 2 }),
    );
    expect(wasteAfter("R F2 L L' F2 R'")[0]).toEqual(
      jasmine.objectContaining({ kind: 'undone', from: 0, to: 6, turns: 6 }),
    );
    expect(wasteAfter('D D2 D')[0]).toEqual(
      jasmine.objectContaining({ kind: 'over-lined', from: 0, to: 3 }),
    );
    expect(wasteAfter("R U R' U' R U R' U' R U R' U' R U R' U' R U R' U' R U R' U'")[0]).toEqual(
      jasmine.objectContaining({ kind: 'round', turns: 24 }),
    );
    expect(review(scramble, turns.join(' ')).wastes.length).toBe(quiet);
  });

  it('tells finished pieces that were taken out', () => {
    const { scramble, turns } = solvedBy(METHODS[2]!, 23);
    const at = review(scramble, turns.join(' ')).stages.find(
      ({ stage }) => stage === 'middle',
    )!.from;
    // Two turns that no case has, and back after another pair of them.
    const slipped = [...turns.slice(0, at), 'R2', 'B2', 'D2', 'B2', 'R2', ...turns.slice(at)];
    const { wastes } = review(scramble, slipped.join(' '));
    expect(wastes.some(({ kind, from }) => kind === 'broken' && from >= at - 2)).toBeTrue();
  });

  it('says what is worth learning: what it saves, and how often', () => {
    const { scramble, turns } = solvedBy(gentle, 21);
    const { advice } = review(scramble, turns.join(' '));
    expect(advice.length).toBeGreaterThan(0);
    expect(advice.length).toBeLessThanOrEqual(3);
    const corner = advice.find((one) => one.case === 'corners-repeat/up')!;
    expect(corner.says).toMatch(
      /^White on top: the four turns three times: the \w+-turn way of “.+” saves \w+ turns, /,
    );
    const worth = advice.map(({ saves, times }) => saves * times);
    expect(worth).toEqual([...worth].sort((a, b) => b - a));
    expect([0.34, 1, 2, 2.4, 3].map(oftenSaid)).toEqual([
      'once in three solves',
      'once in a solve',
      'twice in a solve',
      '2.5 times in a solve',
      'three times in a solve',
    ]);
  });

  it('takes the colour that was solved first, and turns told in any hold', () => {
    const { scramble, turns } = solvedBy(gentle, 24);
    // The whole cube is turned before it all: the same turns are then said of other sides.
    const seen = review(scramble, turns.join(' '));
    const inHold = turns
      .map((turn) => turn.replace(/[UD]/, (side) => (side === 'U' ? 'D' : 'U')))
      .map((turn) => turn.replace(/[FB]/, (side) => (side === 'F' ? 'B' : 'F')));
    const turned = review(scramble, `x2 ${inHold.join(' ')}`);
    expect(turned.stages).toEqual(seen.stages);
    expect(turned.turns).toEqual(inHold);
  });

  it('reviews a solve that was not finished as far as it came', () => {
    const { scramble, turns } = solvedBy(gentle, 25);
    const { finished, stages, lastLayer } = review(scramble, turns.slice(0, 20).join(' '));
    expect([finished, lastLayer]).toEqual([false, null]);
    expect(stages[stages.length - 1]!.reached).toBeFalse();
  });

  it('refuses what cannot be read, in a sentence', () => {
    const said = (scramble: string, turns: string): string => {
      const done = {
        scramble,
        turns,
        method: gentle,
        firstColour: 'white',
        scheme: STANDARD_SCHEME,
      };
      const reviewed = reviewSolve({ ...done, firstColour: 'white' }, tables);
      return reviewed.ok ? '' : reviewed.error;
    };
    expect(said('R Q', 'U')).toContain('The scramble: “Q” at character 3');
    expect(said('R', 'U q')).toContain('The turns: “q”');
    expect(said('R', '')).toContain('no turns to review');
    expect(said("R R'", 'U')).toContain('leaves the cube solved');
  });
});
