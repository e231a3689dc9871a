import {
  DataTypes,
  type Model,
  type ModelAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize';

/** What else a table has: rows that are marked when they are deleted, and when they were made and changed. */
interface Ways {
  marksDeleted?: boolean;
  tellsTimes?: boolean;
}

/** A model of a table, bound to one database. Names of columns are those of the fields, in snake case. */
export function bound<Row extends Model>(
  sequelize: Sequelize,
  row: new () => Row,
  tableName: string,
  attributes: ModelAttributes,
  { marksDeleted = false, tellsTimes = false }: Ways = {},
): ModelStatic<Row> {
  const base = row as unknown as ModelStatic<Model>;
  class Bound extends base {}
  // Sequelize writes into what it is given, and the same column stands in many tables.
  const own = Object.entries(attributes).map(([name, one]) => [
    name,
    typeof one === 'object' && 'type' in one ? { ...one } : one,
  ]);
  Bound.init(Object.fromEntries(own) as ModelAttributes, {
    sequelize,
    modelName: row.name,
    tableName,
    underscored: true,
    paranoid: marksDeleted,
    timestamps: tellsTimes || marksDeleted,
  });
  return Bound as unknown as ModelStatic<Row>;
}

/** A column that is part of the key, and those that are always there. */
export const KEY = { type: DataTypes.UUID, primaryKey: true } as const;
export const ID = { type: DataTypes.UUID, allowNull: false } as const;
export const WORDS = { type: DataTypes.TEXT, allowNull: false } as const;
export const NUMBER = { type: DataTypes.INTEGER, allowNull: false } as const;
export const DOCUMENT = { type: DataTypes.JSONB, allowNull: false } as const;
/** A moment that the database writes by itself. */
export const MOMENT = { type: DataTypes.DATE } as const;
