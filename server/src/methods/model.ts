import type { ProofState, SavedMethod } from '@sleetcrest/contract';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize';

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

const needed = { allowNull: false } as const;

/** The model bound to one database. */
export function methodModel(sequelize: Sequelize): ModelStatic<MethodRow> {
  class BoundMethodRow extends MethodRow {}
  return BoundMethodRow.init(
    {
      ownerId: { type: DataTypes.UUID, primaryKey: true },
      id: { type: DataTypes.STRING(60), primaryKey: true },
      document: { type: DataTypes.JSONB, ...needed },
      proof: { type: DataTypes.TEXT, ...needed },
      createdAt: DataTypes.DATE,
      updatedAt: DataTypes.DATE,
      deletedAt: DataTypes.DATE,
    },
    {
      sequelize,
      modelName: 'OwnMethod',
      tableName: 'own_methods',
      underscored: true,
      paranoid: true,
    },
  );
}

/** The row as the API tells it. */
export const savedMethodOf = (row: MethodRow): SavedMethod => ({
  method: row.document,
  proof: row.proof,
  createdAt: row.createdAt.toISOString(),
  updatedAt: row.updatedAt.toISOString(),
});
