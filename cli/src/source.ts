import type { PaintedCube } from '@sleetcrest/core';
import { paintedFromFile, paintedFromTurns } from './input.js';
import type { Io } from './io.js';
import { Mistake } from './mistake.js';
import { SAY } from './words.js';

/** Where the cubes come from: exactly one of these options. */
export interface SourceOptions {
  turns?: string | undefined;
  file?: string | undefined;
  lines?: boolean | undefined;
}

/**
 * Answers for the one cube given, as indented JSON, or for each line of standard input, as compact
 * JSON. A bad line answers `{"error":…}`, the rest goes on, and the status is 2 at the end.
 */
export async function answerEach(
  io: Io,
  { turns, file, lines }: SourceOptions,
  answer: (cube: PaintedCube) => object,
): Promise<number> {
  const given = [turns !== undefined, file !== undefined, lines === true].filter(Boolean).length;
  if (given !== 1) throw new Mistake(SAY.oneSource);
  if (!lines) {
    const cube = file === undefined ? paintedFromTurns(turns!) : await paintedFromFile(io, file);
    io.out(JSON.stringify(answer(cube), null, 2));
    return 0;
  }
  let status = 0;
  for await (const line of io.lines()) {
    try {
      io.out(JSON.stringify(answer(paintedFromTurns(line))));
    } catch (error) {
      if (!(error instanceof Mistake)) throw error;
      io.out(JSON.stringify({ error: error.message }));
      status = 2;
    }
  }
  return status;
}
