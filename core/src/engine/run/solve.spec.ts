import {
  COLOURS,
  type ColourScheme,
  copyCube,
  type Cube,
  type Hold,
  HOME_HOLD,
  isSolved,
  pieceAt,
  placeOnSides,
  PLACES,
  placeWords,
  randomCube,
  randomFrom,
  sideInHold,
  SIDES,
  solvedCube,
  UP,
} from '../../puzzle/cube/index.js';
import { applyMoves } from '../../puzzle/notation/index.js';
import {
  type Approach,
  approachById,
  APPROACHES,
  type PatternApproach,
} from '../../teaching/approaches/index.js';
import { type Method, methodById, METHODS, mixOf } from '../../teaching/methods/index.js';
import { allMixes } from '../../teaching/methods/mixes.js';
import { goalHolds } from '../../teaching/stages/index.js';
import { readStep, replay } from './replay.js';
import { resolveMethod } from './resolve.js';
import { solve } from './solve.js';
import type { Walkthrough } from './walkthrough.js';

const gentle = methodById('gentle')!;

function solved(
  cube: Cube,
  first = UP,
  scheme: ColourScheme = COLOURS,
  method = gentle,
): Walkthrough {
  const result = solve(cube, method, first, scheme);
  if (!result.ok) throw new Error(result.error);
  return result.value;
}

const random = randomFrom(42);
const sample = Array.from({ length: 900 }, (_, k) => ({
  cube: randomCube(random),
  first: SIDES[k % 6]!,
  method: METHODS[Math.floor(k / 6) % METHODS.length]!,
}));
const mixes = [...allMixes()];

describe('a walkthrough', () => {
  it('ends solved with its turns counted, from any cube and for any first colour', () => {
    for (const { cube, first, method } of sample) {
      const walk = solved(cube, first, COLOURS, method);
      const end = replay(cube, walk.steps, COLOURS);
      expect(isSolved(end.cube)).toBeTrue();
      expect(end.turnCount).toBe(walk.turnCount);
    }
  });

  it('names the stage a step completes when, and only when, its goal then holds', () => {
    for (const { cube, first, method } of sample) {
      const now = copyCube(cube);
      for (const step of solved(cube, first, COLOURS, method).steps) {
        expect(goalHolds(now, step.stage, first)).toBeFalse();
        const { hold, lineUp, sequence } = readStep(step, COLOURS);
        applyMoves(now, applyMoves(now, hold, lineUp), sequence);
        expect(step.completes).toBe(goalHolds(now, step.stage, first) ? step.stage : null);
      }
    }
  });

  it('is made by any mix of approaches that follow each other', () => {
    expect(mixes.length).toBe(2448);
    for (let k = 0; k < mixes.length; k += 4) {
      const method = mixOf(mixes[k]!, 'mix', 'A mix');
      const { cube, first } = sample[k % sample.length]!;
      const walk = solved(cube, first, COLOURS, method);
      expect(isSolved(replay(cube, walk.steps, COLOURS).cube)).toBeTrue();
    }
  });

  it('keeps one front through the twists', () => {
    for (const { cube, first, method } of sample) {
      const { steps } = solved(cube, first, COLOURS, method);
      const holds = steps.filter(({ approach }) => /^turn-/.test(approach));
      expect(new Set(holds.map(({ hold }) => hold.front)).size).toBeLessThanOrEqual(1);
    }
  });

  it('is empty for a solved cube, and the same every time', () => {
    expect(solved(solvedCube()).steps).toEqual([]);
    const { cube } = sample[0]!;
    expect(solved(cube)).toEqual(solved(cube));
  });

  it('meets every case of the method', () => {
    for (const method of METHODS) {
      const met = new Set(
        sample.flatMap(({ cube, first }) =>
          solved(cube, first, COLOURS, method).steps.map((step) => step.case),
        ),
      );
      const approaches = resolveMethod(method);
      if (!approaches.ok) throw new Error(approaches.error);
      const all = approaches.value.flatMap(({ cases }) => cases.map(({ id }) => id));
      expect([...met].sort()).toEqual([...all].sort());
    }
  });

  it('tells where a piece is in the hold the reader has before the step', () => {
    const places = new Map(PLACES.map((place) => [placeWords(place.name), place]));
    let told = 0;
    for (const { cube, first, method } of sample) {
      const now = copyCube(cube);
      let held: Hold = HOME_HOLD;
      for (const step of solved(cube, first, COLOURS, method).steps) {
        const where = /(?:It|The corner) is ([^.]*)\./.exec(step.find)?.[1];
        if (where !== undefined) {
          const sides = places.get(where)!.sides.map((side) => sideInHold(held, side));
          const piece = PLACES[pieceAt(now, placeOnSides(sides)!.index)]!;
          const colours = piece.sides.map((side) => COLOURS[side] as string);
          expect(colours.sort()).toEqual([...step.pieces[0]!].sort());
          told++;
        }
        const { hold, lineUp, sequence } = readStep(step, COLOURS);
        held = applyMoves(now, applyMoves(now, hold, lineUp), sequence);
      }
    }
    expect(told).toBeGreaterThan(sample.length * 8);
  });

  it('says in whole sentences what to look at and why, with the colours of this cube', () => {
    const otherwise: ColourScheme = ['white', 'red', 'green', 'blue', 'orange', 'yellow'];
    for (const { cube, first, method } of sample) {
      for (const step of solved(cube, first, otherwise, method).steps) {
        for (const text of [step.find, step.look, step.why]) {
          expect(text).toMatch(/^[A-Z].*[.!?]$/);
          expect(text).not.toMatch(/[{}]|undefined| {2}/);
        }
        const colours = step.pieces[0]!;
        expect(colours.every((colour) => otherwise.includes(colour as never))).toBeTrue();
        expect(`${step.find} ${step.look} ${step.why}`).toMatch(
          /white|red|green|blue|orange|yellow/,
        );
      }
    }
  });

  it('is refused with a sentence when the method names an unknown approach', () => {
    const result = solve(sample[0]!.cube, { ...gentle, approaches: ['sideways'] });
    expect(result).toEqual({ ok: false, error: 'method gentle: no approach is called sideways' });
  });

  it('is refused when the method leaves a stage out, comes too early or stops too soon', () => {
    const refused = (approaches: Method['approaches']): string => {
      const result = solve(sample[0]!.cube, { ...gentle, approaches });
      return result.ok ? 'solved' : result.error;
    };
    const { approaches } = gentle;
    expect(refused(approaches.filter((id) => id !== 'corners-repeat'))).toMatch(
      /middle-turn cannot follow daisy-cross; here corners-repeat, .* or pairs can stand/,
    );
    expect(refused(['pairs'])).toMatch(
      /pairs cannot come first; here daisy, cross-lift or cross-under/,
    );
    expect(refused(approaches.slice(0, 3))).toMatch(
      /stops after corners-repeat; next .*middle-turn/,
    );
    expect(refused([])).toMatch(/is empty/);
    expect(refused([...approaches, 'cycle-one'])).toMatch(/nothing is left to do there/);
  });

  it('is made by an approach of one’s own, and refused by one that cannot be used', () => {
    const builtIn = approachById('ycross-two') as PatternApproach;
    const cases = builtIn.cases.map((one) => ({
      ...one,
      id: one.id.replace('ycross-two', 'mine'),
    }));
    const mine: PatternApproach = { ...builtIn, id: 'mine', cases };
    const by = (own: Approach) =>
      solve(sample[0]!.cube, {
        ...gentle,
        approaches: gentle.approaches.map((id) => (id === 'ycross-repeat' ? own : id)),
      });
    const walk = by(mine);
    expect(walk.ok && walk.value.steps.some((step) => step.case.startsWith('mine/'))).toBeTrue();
    const error = (own: Approach): string => {
      const result = by(own);
      return result.ok ? 'solved' : result.error;
    };
    expect(error(builtIn)).toMatch(/ycross-two is the id of a built-in approach/);
    expect(error({ ...mine, cases: builtIn.cases })).toMatch(/must begin with mine\//);
    expect(error({ ...mine, cases: [cases[0]!, cases[0]!] })).toMatch(/two cases have this id/);
    expect(error({ ...mine, cases: [{ ...cases[0]!, sequence: 'R Q' }] })).toMatch(
      /mine\/dot: “Q”/,
    );
  });
});

describe('the named methods', () => {
  it('name built-in approaches only', () => {
    const known = new Set(APPROACHES.map(({ id }) => id));
    for (const method of METHODS) {
      for (const id of method.approaches) expect(known).toContain(id);
      expect(resolveMethod(method).ok).toBeTrue();
    }
  });

  it('have approaches whose case ids begin with their own', () => {
    for (const { id, cases } of APPROACHES) {
      for (const one of cases) expect(one.id.startsWith(`${id}/`)).toBeTrue();
    }
    for (const first of SIDES) expect(COLOURS[first]).toBeDefined();
  });
});
