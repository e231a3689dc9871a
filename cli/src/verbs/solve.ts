import { solvePainted } from '@sleetcrest/core/engine/run';
import { chosenMethod, firstColour } from '../input.js';
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
  const first = firstColour(options.first);
  return answerEach(io, options, (cube) => {
    const walk = solvePainted(cube, method, first);
    if (!walk.ok) throw new Mistake(walk.error);
    return walk.value;
  });
}
