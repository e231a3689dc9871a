import * as z from 'zod';
import { colourSchema } from '../documents/colour.js';
import { cubeSchema } from '../documents/cube.js';
import { uuidSchema } from '../documents/id.js';
import { methodChoiceSchema } from '../documents/method.js';
import { name } from '../documents/text.js';
import { saysSomething } from '../change.js';
import { SAY } from './words.js';

const nameSchema = name({
  least: SAY.cubeNameNeeded,
  most: 80,
  says: SAY.cubeNameTooLong,
});

/** How far a walk has come: whole steps done, and moves done in the step after them. */
export const positionSchema = z
  .strictObject({ step: z.int().min(0).max(1000), turn: z.int().min(0).max(1000) })
  .meta({ id: 'Position' });
export type Position = z.infer<typeof positionSchema>;

/** Keeps a cube and how it is to be solved. Sent again with the same id it adds nothing. */
export const createSolveSchema = z
  .strictObject({
    id: uuidSchema.describe('Made by the sender, so that a request can be repeated safely.'),
    name: nameSchema,
    start: cubeSchema,
    method: methodChoiceSchema,
    firstColour: colourSchema,
    position: positionSchema.optional(),
  })
  .meta({ id: 'CreateSolve' });
export type CreateSolve = z.infer<typeof createSolveSchema>;

/**
 * Renames a solve, moves its position, or plans it anew (another start, method or first colour, from
 * which the position begins again unless it is given); at least one of these.
 */
export const updateSolveSchema = createSolveSchema
  .omit({ id: true })
  .partial()
  .extend({
    from: positionSchema
      .optional()
      .describe('Where the walk was: if it is elsewhere by now, the further of both counts.'),
  })
  .refine(({ from: _, ...change }) => saysSomething(change), {
    message: SAY.cubeChangeNeeded,
  })
  .meta({ id: 'UpdateSolve' });
export type UpdateSolve = z.infer<typeof updateSolveSchema>;

export const savedSolveSchema = z
  .strictObject({
    id: uuidSchema,
    name: nameSchema,
    start: cubeSchema,
    method: methodChoiceSchema,
    firstColour: colourSchema,
    stepCount: z.int().min(0),
    turnCount: z.int().min(0),
    position: positionSchema,
    createdAt: z.iso.datetime(),
    updatedAt: z.iso.datetime(),
  })
  .meta({ id: 'SavedSolve' });
export type SavedSolve = z.infer<typeof savedSolveSchema>;

export const solvePageSchema = z
  .strictObject({
    items: z.array(savedSolveSchema),
    page: z.int().min(1),
    size: z.int().min(1),
    total: z.int().min(0),
  })
  .meta({ id: 'SolvePage' });
export type SolvePage = z.infer<typeof solvePageSchema>;

/** Which page of the list, counted from 1. */
export const solveListQuerySchema = z.strictObject({
  page: z.coerce.number().int().min(1).max(100_000).default(1),
  size: z.coerce.number().int().min(1).max(100).default(20),
});

export const solveParamsSchema = z.strictObject({ id: uuidSchema });
