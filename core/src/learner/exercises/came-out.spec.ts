import {
  applyTurns,
  colourAt,
  copyCube,
  type Cube,
  type Painted,
  paintedFromCube,
  sameCube,
  STANDARD_SCHEME,
  stickerInHold,
  UNSEEN,
  unseenCube,
  UP,
} from '../../puzzle/cube/index.js';
import { invertMove } from '../../puzzle/notation/index.js';
import { isSearch } from '../../teaching/approaches/index.js';
import { type Method, methodById, METHODS } from '../../teaching/methods/index.js';
import { compileApproach, resolveMethod } from '../../engine/run/index.js';
import { setUpFor } from '../../engine/set-up/index.js';
import { cubesOf, slippedCubes } from '../../insight/slips/index.js';
import { cameOut, type Done, meantStep, tellingStickers } from './came-out.js';
import { caseStep } from './show-case.js';

function doneOn(caseId: string, method: Method): Done {
  const made = setUpFor(caseId, method, 3, UP);
  if (!made.ok) throw new Error(made.error);
  return { ...made.value, ...caseStep(made.value, caseId, method, UP)!, case: caseId };
}

/** What is seen of a cube at these stickers of the hold. */
function seenAt(cube: Cube, { hold }: Done, stickers: readonly number[]): Painted {
  const seen = unseenCube();
  for (const one of stickers) {
    const own = stickerInHold(hold, one);
    seen[own] = colourAt(cube, own);
  }
  return seen;
}

describe('how a case came out on a cube in hand', () => {
  it('is told by at most eight stickers in sight, for every case, every one slip and every other case', () => {
    const met = new Set<string>();
    for (const method of METHODS) {
      const approaches = resolveMethod(method);
      if (!approaches.ok) throw new Error(approaches.error);
      for (const { id } of approaches.value.flatMap(
        ({ cases }) => cases as readonly { id: string }[],
      )) {
        if (met.has(id)) continue;
        met.add(id);
        const done = doneOn(id, method);
        const stickers = tellingStickers(done, method, UP);
        expect(stickers.length).withContext(id).toBeLessThanOrEqual(8);
        expect(stickers.every((one) => [UP, 1, 2].includes(Math.floor(one / 9))))
          .withContext(id)
          .toBeTrue();
        const shows = (cube: Cube): string =>
          stickers.map((one) => colourAt(cube, stickerInHold(done.hold, one))).join();
        const right = new Set(done.ends.map(shows));
        const others = approaches.value.flatMap((one) =>
          !isSearch(one) && one.cases.some((other) => other.id === id)
            ? compileApproach(one, UP, STANDARD_SCHEME).filter((other) => other.case.id !== id)
            : [],
        );
        const wrong = [
          ...slippedCubes(done.cube, meantStep(done)),
          ...others.map(({ turns }) => applyTurns(copyCube(done.cube), turns)),
        ];
        const untold = wrong.filter(
          (cube) => right.has(shows(cube)) && !done.ends.some((end) => sameCube(end, cube)),
        );
        expect(untold.length).withContext(id).toBe(0);
      }
    }
    expect(met.size).toBeGreaterThan(90);
  });

  const method = methodById('front-right')!;
  const told = (done: Done, cube: Cube) => {
    const seen = seenAt(cube, done, tellingStickers(done, method, UP));
    return cameOut(done, method, UP, seen, STANDARD_SCHEME);
  };

  it('is right after every way of doing it', () => {
    const done = doneOn('cycle-one/once', method);
    for (const end of done.ends) {
      expect(told(done, end)).toEqual({ right: true, says: [], instead: '' });
    }
  });

  it('tells a turn that went the other way', () => {
    const done = doneOn('cycle-one/once', method);
    const step = meantStep(done);
    const at = step.moves.findIndex((move) => move % 3 !== 1);
    const moves = step.moves.map((move, k) => (k === at ? invertMove(move) : move));
    const cube = cubesOf(done.cube, [{ ...step, moves }]).at(-1)!;
    const { right, says } = told(done, cube);
    expect(right).toBeFalse();
    expect(says.join()).toContain(`At turn ${at + 1}`);
    // All of it seen, nothing else can have happened.
    const whole = cameOut(done, method, UP, paintedFromCube(cube), STANDARD_SCHEME);
    expect(whole.says[0]).toContain('went the other way');
  });

  it('names the case that was done instead', () => {
    const stepUp = methodById('step-up')!;
    const done = doneOn('cycle-two/right', stepUp);
    const step = { ...meantStep(doneOn('cycle-two/left', stepUp)), hold: done.doneIn };
    const cube = cubesOf(done.cube, [step]).at(-1)!;
    const seen = seenAt(cube, done, tellingStickers(done, stepUp, UP));
    expect(cameOut(done, stepUp, UP, seen, STANDARD_SCHEME)).toEqual({
      right: false,
      says: [],
      instead: 'cycle-two/left',
    });
  });

  it('says nothing of a cube that nothing explains', () => {
    const done = doneOn('cycle-one/once', method);
    const cube = copyCube(done.cube);
    const seen = paintedFromCube(cube).map((colour, k) => (k === 4 ? colour : 5 - colour));
    const out = cameOut(done, method, UP, seen, STANDARD_SCHEME);
    expect(out).toEqual({ right: false, says: [], instead: '' });
    expect(seen).not.toContain(UNSEEN);
  });
});
