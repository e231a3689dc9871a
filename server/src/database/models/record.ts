import type { CardKind, Review } from '@sleetcrest/core/learner/answers';
import type { ENTRY_KINDS, OUTCOMES } from '@sleetcrest/core/learner/log';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { bound, DOCUMENT, KEY, MOMENT, NUMBER, WORDS } from './bound.js';

/** A record of the log; which day it belongs to the database reckons itself. */
export class EntryRow extends Model<InferAttributes<EntryRow>, InferCreationAttributes<EntryRow>> {
  declare accountId: string;
  declare id: string;
  declare kind: (typeof ENTRY_KINDS)[number];
  declare stage: string | null;
  declare beganAt: Date;
  declare utcOffset: number;
  declare hundredths: number | null;
  declare outcome: (typeof OUTCOMES)[number];
  declare reason: string;
  declare note: string;
  declare method: string;
  declare cube: string;
  declare scramble: string;
  declare turns: string;
  declare splitStages: string[];
  declare splitHundredths: number[];
  declare splitTurns: (number | null)[];
  declare tags: string[];
  declare createdAt: CreationOptional<Date>;
  declare changedAt: CreationOptional<Date>;
  declare deletedAt: CreationOptional<Date | null>;
}

/** What was told of a field of a record, and when. */
export class ToldRow extends Model<InferAttributes<ToldRow>, InferCreationAttributes<ToldRow>> {
  declare accountId: string;
  declare entryId: string;
  declare field: string;
  declare changeId: string;
  declare value: object;
  declare at: Date;
  declare heardAt: CreationOptional<Date>;
}

/** An answer of practice. */
export class ReviewRow extends Model<
  InferAttributes<ReviewRow>,
  InferCreationAttributes<ReviewRow>
> {
  declare accountId: string;
  declare id: string;
  declare kind: CardKind;
  declare item: string;
  declare at: Date;
  declare utcOffset: number;
  declare isRight: boolean;
  declare hundredths: number;
  declare answer: string;
  declare turns: number;
  declare givenBy: Review['by'];
  declare arrivedAt: CreationOptional<Date>;
}

/** How many answers somebody has, and what those leave, as far as that was reckoned. */
export class FactsRow extends Model<InferAttributes<FactsRow>, InferCreationAttributes<FactsRow>> {
  declare accountId: string;
  declare total: CreationOptional<number>;
  /** How many are reckoned with, in the order in which they came in; the last of them. */
  declare answers: CreationOptional<number>;
  declare uptoAt: CreationOptional<Date>;
  declare uptoId: CreationOptional<string>;
  declare facts: CreationOptional<string | null>;
  declare madeAt: CreationOptional<Date>;
}

const TEXTS = { type: DataTypes.ARRAY(DataTypes.TEXT), allowNull: false } as const;
const NUMBERS = { type: DataTypes.ARRAY(DataTypes.INTEGER), allowNull: false } as const;
const GIVEN = { type: DataTypes.DATE, allowNull: false } as const;

export const recordModels = (sequelize: Sequelize) => ({
  entries: bound(
    sequelize,
    EntryRow,
    'log_entries',
    {
      accountId: KEY,
      id: KEY,
      kind: WORDS,
      stage: DataTypes.TEXT,
      beganAt: GIVEN,
      utcOffset: NUMBER,
      hundredths: DataTypes.INTEGER,
      outcome: WORDS,
      reason: WORDS,
      note: WORDS,
      method: WORDS,
      cube: WORDS,
      scramble: WORDS,
      turns: WORDS,
      splitStages: TEXTS,
      splitHundredths: NUMBERS,
      splitTurns: NUMBERS,
      tags: TEXTS,
      createdAt: MOMENT,
      changedAt: MOMENT,
      deletedAt: DataTypes.DATE,
    },
    {},
  ),
  told: bound(sequelize, ToldRow, 'log_told', {
    accountId: KEY,
    entryId: KEY,
    field: { type: DataTypes.STRING(20), primaryKey: true },
    changeId: KEY,
    value: DOCUMENT,
    at: GIVEN,
    heardAt: MOMENT,
  }),
  reviews: bound(sequelize, ReviewRow, 'practice_reviews', {
    accountId: KEY,
    id: KEY,
    kind: WORDS,
    item: WORDS,
    at: GIVEN,
    utcOffset: NUMBER,
    isRight: { type: DataTypes.BOOLEAN, allowNull: false },
    hundredths: NUMBER,
    answer: WORDS,
    turns: NUMBER,
    givenBy: WORDS,
    arrivedAt: MOMENT,
  }),
  facts: bound(sequelize, FactsRow, 'practice_facts', {
    accountId: KEY,
    total: NUMBER,
    answers: NUMBER,
    uptoAt: MOMENT,
    uptoId: DataTypes.UUID,
    facts: DataTypes.TEXT,
    madeAt: MOMENT,
  }),
});
