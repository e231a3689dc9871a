import { cubeFromPainted, findProblems, solve } from '@sleetcrest/core';
import { chosenMethod, firstSide } from '../input.js';
import type { Io } from '../io.js';
import { Mistake } from '../mistake.js';
import { answerEach, type SourceOptions } from '../source.js';

export interface SolveOptions extends SourceOptions {
  method?: string | undefined;
  'method-file'?: string | undefined;
  first?: string | undefined;
}

/** `solve`: the explained walkthrough of a cube by a method. */
export async function solveVerb(io: Io, options: SolveOptions): Promise<number> {
  const method = await chosenMethod(io, options.method, options['method-file']);
  return answerEach(io, options, ({ painted, scheme }) => {
    const [problem] = findProblems(painted, scheme);
    if (problem) throw new Mistake(`${problem.says} ${problem.repair}`);
    const first = firstSide(scheme, options.first);
    const walk = solve(cubeFromPainted(painted), method, first, scheme);
    if (!walk.ok) throw new Mistake(walk.error);
    return walk.value;
  });
}
