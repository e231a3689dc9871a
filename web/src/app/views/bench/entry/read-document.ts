import {
  cubeSchema,
  describeErrors,
  fieldErrors,
  walkthroughReadSchema,
} from '@sleetcrest/contract';
import {
  type Colour,
  type CubeDocument,
  type PaintedCube,
  readCubeDocument,
} from '@sleetcrest/core';
import type { z } from 'zod';
import { SAY } from './words';

/** What a file holds: a cube, and how it is walked if it is a whole walkthrough. */
export interface Opened {
  cube: PaintedCube;
  walk?: { method: string; firstColour: Colour };
}

/** @throws Error saying what to mend. */
export function readDocument(text: string): Opened {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    throw new Error(SAY.itIsNotAJson);
  }
  if (!isWalkthrough(json)) return { cube: cubeOf(parsed(cubeSchema, json)) };
  const { start, method, firstColour } = parsed(walkthroughReadSchema, json);
  return { cube: cubeOf(start), walk: { method, firstColour } };
}

const isWalkthrough = (json: unknown): boolean =>
  /^sleetcrest\/walkthrough@/.test(String((json as { format?: unknown } | null)?.format));

function parsed<T>(schema: z.ZodType<T>, json: unknown): T {
  const read = schema.safeParse(json);
  if (!read.success) throw new Error(describeErrors(fieldErrors(read.error)));
  return read.data;
}

function cubeOf(document: CubeDocument): PaintedCube {
  const read = readCubeDocument(document);
  if (!read.ok) throw new Error(`${read.error.path}: ${read.error.message}`);
  return read.value;
}
