import type { SavedSolve } from '@sleetcrest/contract';
import type { CubeDocument, Method } from '@sleetcrest/core';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize';

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

const needed = { allowNull: false } as const;

/** The model bound to one database. */
export function solveModel(sequelize: Sequelize): ModelStatic<SolveRow> {
  class BoundSolveRow extends SolveRow {}
  return BoundSolveRow.init(
    {
      id: { type: DataTypes.UUID, primaryKey: true },
      ownerId: { type: DataTypes.UUID, ...needed },
      name: { type: DataTypes.STRING(80), ...needed },
      start: { type: DataTypes.JSONB, ...needed },
      method: { type: DataTypes.STRING(60), ...needed },
      ownMethod: DataTypes.JSONB,
      firstColour: { type: DataTypes.TEXT, ...needed },
      stepCount: { type: DataTypes.INTEGER, ...needed },
      turnCount: { type: DataTypes.INTEGER, ...needed },
      positionStep: { type: DataTypes.INTEGER, ...needed },
      positionTurn: { type: DataTypes.INTEGER, ...needed },
      createdAt: DataTypes.DATE,
      updatedAt: DataTypes.DATE,
      deletedAt: DataTypes.DATE,
    },
    {
      sequelize,
      modelName: 'SavedSolve',
      tableName: 'saved_solves',
      underscored: true,
      paranoid: true,
    },
  );
}

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
