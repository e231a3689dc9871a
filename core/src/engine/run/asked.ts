import {
  type Colour,
  type CubeDocument,
  cubeFromPainted,
  type DocumentError,
  fail,
  findProblems,
  type PaintedCube,
  readCubeDocument,
  type Result,
  type Side,
  sideOfColour,
} from '../../puzzle/cube/index.js';
import { type Method, methodById, METHODS } from '../../teaching/methods/index.js';
import { resolveMethod } from './resolve.js';
import type { Choice } from './choice.js';
import { solve } from './solve.js';
import type { Walkthrough } from './walkthrough.js';
import { SAY } from './words.js';

/** All that a walkthrough depends on. */
export interface WalkAsked {
  start: CubeDocument;
  /** The id of a named method, or a method written out. */
  method: string | Method;
  firstColour: Colour;
}

/** The explained solve of a painted cube; one that turns cannot solve is refused in a sentence. */
export function solvePainted(
  { painted, scheme }: PaintedCube,
  method: Method,
  firstColour: Colour,
  each?: (choice: Choice, first: Side) => void,
): Result<Walkthrough, string> {
  const [problem] = findProblems(painted, scheme);
  if (problem) return fail(`${problem.says} ${problem.repair}`);
  return solve(cubeFromPainted(painted), method, sideOfColour(scheme, firstColour), scheme, each);
}

/** The walkthrough of a plan, or which part of the plan is wrong and why. */
export function solveAsked(
  { start, method, firstColour }: WalkAsked,
  each?: (choice: Choice, first: Side) => void,
): Result<Walkthrough, DocumentError> {
  const chosen = typeof method === 'string' ? methodById(method) : method;
  if (!chosen) {
    const known = METHODS.map(({ id }) => id).join(', ');
    return fail({
      path: 'method',
      message: SAY.noSuchMethod({ method: method as string, known }),
    });
  }
  const whole = resolveMethod(chosen);
  if (!whole.ok) return fail({ path: 'method', message: whole.error });
  const read = readCubeDocument(start);
  if (!read.ok) return fail({ path: `start.${read.error.path}`, message: read.error.message });
  const walk = solvePainted(read.value, chosen, firstColour, each);
  return walk.ok ? walk : fail({ path: 'start', message: walk.error });
}
