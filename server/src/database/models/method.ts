import type { ProofState, SavedMethod } from '@sleetcrest/contract';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { bound, DOCUMENT, KEY, WORDS } from './bound.js';

/** A row of `own_methods`; deleting marks it, so that it can be brought back. */
export class MethodRow extends Model<
  InferAttributes<MethodRow>,
  InferCreationAttributes<MethodRow>
> {
  declare ownerId: string;
  declare id: string;
  declare document: SavedMethod['method'];
  declare proof: ProofState;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
  declare deletedAt: CreationOptional<Date | null>;
}

export const methodModel = (sequelize: Sequelize) =>
  bound(
    sequelize,
    MethodRow,
    'own_methods',
    {
      ownerId: KEY,
      id: { type: DataTypes.STRING(60), primaryKey: true },
      document: DOCUMENT,
      proof: WORDS,
      createdAt: DataTypes.DATE,
      updatedAt: DataTypes.DATE,
      deletedAt: DataTypes.DATE,
    },
    { marksDeleted: true },
  );

/** The row as the API tells it. */
export const savedMethodOf = (row: MethodRow): SavedMethod => ({
  method: row.document,
  proof: row.proof,
  createdAt: row.createdAt.toISOString(),
  updatedAt: row.updatedAt.toISOString(),
});
