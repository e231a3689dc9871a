import type { SavedSolve } from '@sleetcrest/contract';
import type { CubeDocument, Method } from '@sleetcrest/core';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { bound, DOCUMENT, ID, KEY, NUMBER, WORDS } from './bound.js';

/** A row of `saved_solves`; deleting marks it, so that it can be brought back. */
export class SolveRow extends Model<InferAttributes<SolveRow>, InferCreationAttributes<SolveRow>> {
  declare id: string;
  declare ownerId: string;
  declare name: string;
  declare start: CubeDocument;
  /** The method's id; when it is somebody's own, `ownMethod` is the method as it was then. */
  declare method: string;
  declare ownMethod: CreationOptional<Method | null>;
  declare firstColour: SavedSolve['firstColour'];
  declare stepCount: number;
  declare turnCount: number;
  declare positionStep: number;
  declare positionTurn: number;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
  declare deletedAt: CreationOptional<Date | null>;
}

export const solveModel = (sequelize: Sequelize) =>
  bound(
    sequelize,
    SolveRow,
    'saved_solves',
    {
      id: KEY,
      ownerId: ID,
      name: WORDS,
      start: DOCUMENT,
      method: WORDS,
      ownMethod: DataTypes.JSONB,
      firstColour: WORDS,
      stepCount: NUMBER,
      turnCount: NUMBER,
      positionStep: NUMBER,
      positionTurn: NUMBER,
      createdAt: DataTypes.DATE,
      updatedAt: DataTypes.DATE,
      deletedAt: DataTypes.DATE,
    },
    { marksDeleted: true },
  );

/** The row as the API tells it. */
export const savedSolveOf = (row: SolveRow): SavedSolve => ({
  id: row.id,
  name: row.name,
  start: row.start,
  method: methodIn(row) as SavedSolve['method'],
  firstColour: row.firstColour,
  stepCount: row.stepCount,
  turnCount: row.turnCount,
  position: { step: row.positionStep, turn: row.positionTurn },
  createdAt: row.createdAt.toISOString(),
  updatedAt: row.updatedAt.toISOString(),
});

/** The method a row is walked by. */
export const methodIn = ({ method, ownMethod }: SolveRow): string | Method => ownMethod ?? method;

/** The columns for a method. */
export const methodColumns = (
  method: string | Method,
): { method: string; ownMethod: Method | null } =>
  typeof method === 'string'
    ? { method, ownMethod: null }
    : { method: method.id, ownMethod: method };
