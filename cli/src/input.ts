import { cubeSchema, describeErrors, fieldErrors, methodSchema } from '@sleetcrest/contract';
import {
  applyMoves,
  COLOURS,
  type Cube,
  DEFAULT_METHOD,
  HOME_HOLD,
  type Method,
  methodById,
  METHODS,
  type PaintedCube,
  paintedFromCube,
  readCubeDocument,
  readMoves,
  type Side,
  sideOfColour,
  solvedCube,
  STANDARD_SCHEME,
} from '@sleetcrest/core';
import { type Approach, approachById, APPROACHES } from '@sleetcrest/core/teaching/approaches';
import type * as z from 'zod';
import type { Io } from './io.js';
import { Mistake } from './mistake.js';
import { SAY } from './words.js';

/** The cube that these turns lead to from solved, white up and green in front. */
export function cubeFromTurns(text: string): Cube {
  const moves = readMoves(text);
  if (!moves.ok) throw new Mistake(moves.error.message);
  const cube = solvedCube();
  applyMoves(cube, HOME_HOLD, moves.value);
  return cube;
}

export const paintedFromTurns = (text: string): PaintedCube => ({
  painted: paintedFromCube(cubeFromTurns(text)),
  scheme: STANDARD_SCHEME,
});

/** The built-in approach of that id. */
export function approachCalled(id: string): Approach {
  const approach = approachById(id);
  if (approach) return approach;
  const known = APPROACHES.map((one) => one.id).join(', ');
  throw new Mistake(SAY.noSuchApproach({ id, known }));
}

async function readJson<T>(io: Io, path: string, schema: z.ZodType<T>): Promise<T> {
  const text = await io.readFile(path).catch(() => {
    throw new Mistake(SAY.unreadable({ path }));
  });
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    throw new Mistake(SAY.notJson({ path }));
  }
  const parsed = schema.safeParse(json);
  if (!parsed.success)
    throw new Mistake(SAY.wrongIn({ path, errors: describeErrors(fieldErrors(parsed.error)) }));
  return parsed.data;
}

export async function paintedFromFile(io: Io, path: string): Promise<PaintedCube> {
  const read = readCubeDocument(await readJson(io, path, cubeSchema));
  if (!read.ok)
    throw new Mistake(SAY.wrongIn({ path, errors: `${read.error.path}: ${read.error.message}` }));
  return read.value;
}

/** The method asked for; the default when none is. */
export async function chosenMethod(
  io: Io,
  id: string | undefined,
  file: string | undefined,
): Promise<Method> {
  if (id !== undefined && file !== undefined) {
    throw new Mistake(SAY.methodOrFile);
  }
  if (file !== undefined) return readJson(io, file, methodSchema);
  const method = id === undefined ? DEFAULT_METHOD : methodById(id);
  if (method) return method;
  throw new Mistake(
    SAY.noSuchMethod({ id: String(id), known: METHODS.map((m) => m.id).join(', ') }),
  );
}

/** The first colour asked for, white when none is, as the name's place in the standard scheme. */
export function firstColour(name = 'white'): (typeof COLOURS)[number] {
  const colour = COLOURS.find((known) => known === name);
  if (!colour) throw new Mistake(SAY.noSuchColour({ name, known: COLOURS.join(', ') }));
  return colour;
}

export const firstSide = (scheme: PaintedCube['scheme'], name: string | undefined): Side =>
  sideOfColour(scheme, firstColour(name));
