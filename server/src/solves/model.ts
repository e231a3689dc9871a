import type { SavedSolve } from '@sleetcrest/contract';
import type { CubeDocument } from '@sleetcrest/core';
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
  declare name: string;
  declare start: CubeDocument;
  declare method: string;
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
      name: { type: DataTypes.STRING(80), ...needed },
      start: { type: DataTypes.JSONB, ...needed },
      method: { type: DataTypes.STRING(60), ...needed },
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
  method: row.method,
  firstColour: row.firstColour,
  stepCount: row.stepCount,
  turnCount: row.turnCount,
  position: { step: row.positionStep, turn: row.positionTurn },
  createdAt: row.createdAt.toISOString(),
  updatedAt: row.updatedAt.toISOString(),
});
