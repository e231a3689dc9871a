import {
  cubeFromPainted,
  fail,
  findProblems,
  methodById,
  readCubeDocument,
  sideOfColour,
  solve,
  type Colour,
  type CubeDocument,
  type Result,
  type Walkthrough,
} from '@sleetcrest/core';

/** What the worker does: the explained solve of a Cube document, or why there is none. */
export function solveDocument(
  start: CubeDocument,
  methodId: string,
  firstColour: Colour,
): Result<Walkthrough, string> {
  const method = methodById(methodId);
  if (!method) return fail(`No method is called ${methodId}.`);
  const read = readCubeDocument(start);
  if (!read.ok) return fail(`${read.error.path}: ${read.error.message}.`);
  const { painted, scheme } = read.value;
  const [problem] = findProblems(painted, scheme);
  if (problem) return fail(`${problem.says} ${problem.repair}`);
  return solve(cubeFromPainted(painted), method, sideOfColour(scheme, firstColour), scheme);
}
