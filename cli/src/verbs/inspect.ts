import { inspect } from '@sleetcrest/core';
import { firstSide } from '../input.js';
import type { Io } from '../io.js';
import { answerEach, type SourceOptions } from '../source.js';

/** `inspect`: whether a cube is a real one, what is wrong with it, and the stages it has reached. */
export const inspectVerb = (
  io: Io,
  options: SourceOptions & { first?: string | undefined },
): Promise<number> =>
  answerEach(io, options, (cube) => {
    const { legal, problems, reached } = inspect(cube, firstSide(cube.scheme, options.first));
    const told = problems.map(({ kind, pieces, repair }) => ({ kind, pieces, repair }));
    return { legal, problems: told, reached };
  });
