import { APPROACHES } from '../approaches/index.js';
import { COLOURS, type ColourScheme } from '../cube/colours.js';
import { copyCube, isSolved, solvedCube } from '../cube/cube.js';
import { randomCube, randomFrom } from '../cube/random.js';
import { SIDES, UP } from '../cube/sides.js';
import { applyMoves } from '../notation/moves.js';
import { goalHolds } from '../stages/goals.js';
import { METHODS, methodById } from './named.js';
import { readStep, replay } from './replay.js';
import { solve } from './solve.js';
import type { Walkthrough } from './walkthrough.js';
import type { Cube } from '../cube/cube.js';

const gentle = methodById('gentle')!;

function solved(cube: Cube, first = UP, scheme: ColourScheme = COLOURS): Walkthrough {
  const result = solve(cube, gentle, first, scheme);
  if (!result.ok) throw new Error(result.error);
  return result.value;
}

const random = randomFrom(42);
const sample = Array.from({ length: 600 }, (_, k) => ({ cube: randomCube(random), first: k % 6 }));

describe('a walkthrough', () => {
  it('ends solved with its turns counted, from any cube and for any first colour', () => {
    for (const { cube, first } of sample) {
      const walk = solved(cube, first);
      const end = replay(cube, walk.steps, COLOURS);
      expect(isSolved(end.cube)).toBeTrue();
      expect(end.turnCount).toBe(walk.turnCount);
    }
  });

  it('names the stage a step completes when, and only when, its goal then holds', () => {
    for (const { cube, first } of sample) {
      const now = copyCube(cube);
      for (const step of solved(cube, first).steps) {
        expect(goalHolds(now, step.stage, first)).toBeFalse();
        const { hold, lineUp, sequence } = readStep(step, COLOURS);
        applyMoves(now, applyMoves(now, hold, lineUp), sequence);
        expect(step.completes).toBe(goalHolds(now, step.stage, first) ? step.stage : null);
      }
    }
  });

  it('keeps one front through turn-under', () => {
    for (const { cube, first } of sample) {
      const holds = solved(cube, first).steps.filter(({ approach }) => approach === 'turn-under');
      expect(new Set(holds.map(({ hold }) => hold.front)).size).toBeLessThanOrEqual(1);
      for (const { hold } of holds) expect(hold.up).toBe(COLOURS[first]!);
    }
  });

  it('is empty for a solved cube, and the same every time', () => {
    expect(solved(solvedCube()).steps).toEqual([]);
    const { cube } = sample[0]!;
    expect(solved(cube)).toEqual(solved(cube));
  });

  it('meets every case of the method', () => {
    const met = new Set(
      sample.flatMap(({ cube, first }) => solved(cube, first).steps.map((step) => step.case)),
    );
    const all = APPROACHES.flatMap(({ cases }) => cases.map(({ id }) => id));
    expect([...met].sort()).toEqual([...all].sort());
  });

  it('says in whole sentences what to look at and why, with the colours of this cube', () => {
    const otherwise: ColourScheme = ['white', 'red', 'green', 'blue', 'orange', 'yellow'];
    for (const { cube, first } of sample.slice(0, 100)) {
      for (const step of solved(cube, first, otherwise).steps) {
        for (const text of [step.look, step.why]) {
          expect(text).toMatch(/^[A-Z].*[.!?]$/);
          expect(text).not.toMatch(/[{}]|undefined| {2}/);
        }
        const colours = step.pieces[0]!;
        expect(colours.every((colour) => otherwise.includes(colour as never))).toBeTrue();
        expect(`${step.look} ${step.why}`).toMatch(/white|red|green|blue|orange|yellow/);
      }
    }
  });

  it('is refused with a sentence when the method names an unknown approach', () => {
    const result = solve(sample[0]!.cube, { ...gentle, approaches: ['sideways'] });
    expect(result).toEqual({ ok: false, error: 'method gentle: no approach is called sideways' });
  });

  it('is refused, not endless, when the method leaves a stage out', () => {
    const approaches = gentle.approaches.filter((id) => id !== 'corners-repeat');
    const result = solve(sample[0]!.cube, { ...gentle, approaches });
    expect(result.ok).toBeFalse();
  });
});

describe('the named methods', () => {
  it('name built-in approaches only', () => {
    const known = new Set(APPROACHES.map(({ id }) => id));
    for (const method of METHODS) for (const id of method.approaches) expect(known).toContain(id);
  });

  it('have approaches whose case ids begin with their own', () => {
    for (const { id, cases } of APPROACHES) {
      for (const one of cases) expect(one.id.startsWith(`${id}/`)).toBeTrue();
    }
    for (const first of SIDES) expect(COLOURS[first]).toBeDefined();
  });
});
