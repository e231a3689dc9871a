import type { CreateSolve } from '@sleetcrest/contract';
import {
  cubeFromPainted,
  findProblems,
  methodById,
  METHODS,
  readCubeDocument,
  sideOfColour,
  solve,
  type Walkthrough,
} from '@sleetcrest/core';
import { HttpProblem } from '../http/problem.js';

const refused = (path: string, message: string): HttpProblem =>
  new HttpProblem(422, `The request was refused: ${path}: ${message}`, [{ path, message }]);

/** The walkthrough a solve will follow; a cube or method that yields none is refused with 422. */
export function planOf(given: Pick<CreateSolve, 'start' | 'method' | 'firstColour'>): Walkthrough {
  const method = methodById(given.method);
  if (!method) {
    throw refused(
      'method',
      `no method is called ${given.method}; there is ${METHODS.map(({ id }) => id).join(', ')}`,
    );
  }
  const read = readCubeDocument(given.start);
  if (!read.ok) throw refused(`start.${read.error.path}`, read.error.message);
  const { painted, scheme } = read.value;
  const [problem] = findProblems(painted, scheme);
  if (problem) throw refused('start', `${problem.says} ${problem.repair}`);
  const walk = solve(
    cubeFromPainted(painted),
    method,
    sideOfColour(scheme, given.firstColour),
    scheme,
  );
  if (!walk.ok) throw refused('method', walk.error);
  return walk.value;
}
