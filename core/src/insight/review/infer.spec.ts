import {
  applyTurns,
  copyCube,
  type Cube,
  HOME_HOLD,
  type Random,
  randomCube,
  randomFrom,
  type Side,
  SIDES,
  STANDARD_SCHEME,
  type Turn,
  turnHold,
  turnInHold,
  turnOf,
  turnsIn,
  UP,
} from '../../puzzle/cube/index.js';
import { axisOf, isWholeCube, quartersOf } from '../../puzzle/notation/index.js';
import { type Approach, approachById } from '../../teaching/approaches/index.js';
import type { Method } from '../../teaching/methods/index.js';
import { allMixes } from '../../teaching/methods/mixes.js';
import { goalHolds } from '../../teaching/stages/index.js';
import { patternRunnerFor, readStep, solve } from '../../engine/run/index.js';
import type { DoneSolve } from './done-turns.js';
import { inferStages } from './infer.js';
import { firstSideOf } from './stage-orders.js';
import { wasteIn } from './waste.js';

const methodOf = (approaches: readonly Approach[]): Method => ({
  format: 'sleetcrest/method@1',
  id: 'mix',
  title: 'Mix',
  approaches: approaches.map(({ id }) => id),
});

/** A solve from its turns. */
function doneSolve(start: Cube, turns: readonly Turn[]): DoneSolve {
  const cubes = [start];
  for (const turn of turns) cubes.push(applyTurns(copyCube(cubes[cubes.length - 1]!), [turn]));
  return { turns, cubes, holds: turns.map(() => HOME_HOLD) };
}

/** The turns of a whole walkthrough, of the cube's own sides. */
function turnsBy(method: Method, cube: Cube, first: Side): Turn[] {
  const walk = solve(cube, method, first);
  if (!walk.ok) throw new Error(walk.error);
  return walk.value.steps.flatMap((step) => {
    const { hold, lineUp, sequence } = readStep(step, STANDARD_SCHEME);
    let now = hold;
    return [...lineUp, ...sequence].flatMap((move) => {
      if (!isWholeCube(move)) return [turnInHold(now, move)];
      now = turnHold(now, axisOf(move), quartersOf(move));
      return [];
    });
  });
}

const MIXES = [...allMixes()];

describe('the stages and approaches of a solve', () => {
  it('are recognised for every sixtieth mix of approaches there is', () => {
    for (let k = 0; k < MIXES.length; k += 60) {
      const mix = MIXES[k]!;
      const method = methodOf(mix);
      const cube = randomCube(randomFrom(k + 1));
      const solved = doneSolve(cube, turnsBy(method, cube, UP));
      const stages = inferStages(solved, UP, STANDARD_SCHEME, []);
      const context = mix.map(({ id }) => id).join(' ');
      const inferred = stages.map(({ stretch }) => stretch.stage);
      expect(inferred)
        .withContext(context)
        .toEqual(mix.map(({ stage }) => stage));
      const explained = stages.reduce(
        (sum, { stretch, reading }) => sum + reading.fit * (stretch.to - stretch.from),
        0,
      );
      expect(explained / solved.turns.length)
        .withContext(context)
        .toBeGreaterThan(0.8);
    }
  });

  it('are the same whichever colour is solved first', () => {
    const [mix] = MIXES;
    const cube = randomCube(randomFrom(77));
    for (const first of SIDES) {
      const solved = doneSolve(cube, turnsBy(methodOf(mix!), cube, first));
      expect(firstSideOf(solved.cubes, UP)).withContext(String(first)).toBe(first);
      const stages = inferStages(solved, first, STANDARD_SCHEME, []);
      expect(stages.map(({ stretch }) => stretch.stage)).toEqual(mix!.map(({ stage }) => stage));
    }
  });

  it('take the usual approaches where nothing tells others apart', () => {
    // A stage done already is explained by all of them alike.
    const cube = randomCube(randomFrom(5));
    const gentle = methodOf(MIXES[0]!);
    const turns = turnsBy(gentle, cube, UP);
    const solved = doneSolve(cube, turns);
    const at = solved.cubes.findIndex((one) => goalHolds(one, 'middle', UP));
    const rest = doneSolve(solved.cubes[at]!, turns.slice(at));
    for (const usual of ['corners-match', 'corners-three']) {
      const stages = inferStages(rest, UP, STANDARD_SCHEME, [usual]);
      const corners = stages.find(({ stretch }) => stretch.stage === 'corners');
      expect(corners?.reading.approach.id).toBe(usual);
    }
  });

  it('recognise cases that people take in another order than the engine', () => {
    const random = randomFrom(41);
    const approach = approachById('corners-three')!;
    for (let k = 0; k < 20; k++) {
      const { solved, met } = cornersInAnyOrder(random);
      const stages = inferStages(solved, UP, STANDARD_SCHEME, [approach.id]);
      const corners = stages.find(({ stretch }) => stretch.stage === 'corners')!;
      expect(corners.reading.fit).toBeGreaterThan(0.99);
      const answered = corners.reading.looks.map(({ case: one }) => one?.id);
      if (corners.reading.approach === approach) expect(answered).toEqual(met);
    }
  });

  /** The first layer's corners by three sequences, each time any case the cube shows. */
  function cornersInAnyOrder(random: Random): { solved: DoneSolve; met: string[] } {
    const cube = randomCube(random);
    const turns = turnsBy(methodOf(MIXES[0]!), cube, UP);
    const whole = doneSolve(cube, turns);
    const start = whole.cubes.find((one) => goalHolds(one, 'cross', UP))!;
    const approach = approachById('corners-three')!;
    if ('search' in approach) throw new Error('it is data');
    const runner = patternRunnerFor(approach, UP);
    const done: Turn[] = [];
    const met: string[] = [];
    let now = start;
    for (let looks = 0; looks < 12 && !goalHolds(now, 'corners', UP); looks++) {
      const shown = runner.fitting(now);
      const easy = shown.filter(({ rank }) => rank < 2);
      const from = easy.length > 0 ? easy : shown;
      const variant = from[random(from.length)]!;
      met.push(variant.case.id);
      done.push(...turnsIn(variant.turns));
      now = applyTurns(copyCube(now), variant.turns);
    }
    return { solved: doneSolve(start, done), met };
  }
});

describe('turns that came to nothing', () => {
  it('are found wherever a slip is put in and turned back', () => {
    const random = randomFrom(9);
    const method = methodOf(MIXES[30]!);
    for (let k = 0; k < 25; k++) {
      const cube = randomCube(random);
      const turns = turnsBy(method, cube, UP);
      const at = random(turns.length);
      const number = random(6);
      const [side, other] = [SIDES[number]!, SIDES[(number + 1) % 6]!];
      const slip = [turnOf(side, 1), turnOf(other, 1), turnOf(other, 3), turnOf(side, 3)];
      const slipped = [...turns.slice(0, at), ...slip, ...turns.slice(at)];
      const solved = doneSolve(cube, slipped);
      const stages = inferStages(solved, UP, STANDARD_SCHEME, []);
      const wastes = wasteIn(solved, stages, UP, STANDARD_SCHEME);
      const found = wastes.filter(({ from, to }) => from < at + 4 && to > at);
      const saved = found.reduce((sum, one) => sum + one.turns, 0);
      expect(saved).withContext(`${k}: at ${at}`).toBeGreaterThanOrEqual(3);
      // Nothing is counted twice.
      const wasted = wastes.reduce((sum, one) => sum + one.turns, 0);
      expect(wasted).toBeLessThan(slipped.length);
    }
  });
});
