import { inspect, METHODS, progressOf } from '@sleetcrest/core';
import { stagesOf } from '@sleetcrest/core/engine/run';
import { chosenMethod, firstSide } from '../input.js';
import type { Io } from '../io.js';
import { answerEach, type SourceOptions } from '../source.js';

/**
 * `inspect`: whether a cube is a real one, what is wrong with it, and how far it is by each method
 * (and by the one in a file, where one is given).
 */
export async function inspectVerb(
  io: Io,
  options: SourceOptions & { first?: string | undefined; 'method-file'?: string | undefined },
): Promise<number> {
  const file = options['method-file'];
  const own = file === undefined ? [] : [await chosenMethod(io, undefined, file)];
  const methods = [...METHODS, ...own].map((method) => ({ ...method, stages: stagesOf(method) }));
  return answerEach(io, options, (cube) => {
    const { legal, problems, reached, firstLayer } = inspect(
      cube,
      firstSide(cube.scheme, options.first),
    );
    const told = problems.map(({ kind, pieces, repair }) => ({ kind, pieces, repair }));
    const far = Object.fromEntries(
      methods.map(({ id, stages }) => [id, progressOf(stages, reached)] as const),
    );
    return { legal, problems: told, reached, firstLayer, methods: far };
  });
}
