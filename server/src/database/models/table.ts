import type { AskPrint, Offer, PrintJob, Task, Work, WorkNote } from '@sleetcrest/contract/table';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { bound, DOCUMENT, ID, KEY, MOMENT, NUMBER, WORDS } from './bound.js';

/** A planned session of a group. */
export class PlanRow extends Model<InferAttributes<PlanRow>, InferCreationAttributes<PlanRow>> {
  declare groupId: string;
  declare id: string;
  declare plan: unknown;
  declare changedAt: CreationOptional<Date>;
}

/** Something set for learners of a group. */
export class AssignmentRow extends Model<
  InferAttributes<AssignmentRow>,
  InferCreationAttributes<AssignmentRow>
> {
  declare id: string;
  declare groupId: string;
  declare task: Task;
  declare note: string;
  declare untilDay: string | null;
  declare forAll: boolean;
  declare setAt: CreationOptional<Date>;
}

/** For whom something is set that is not for all; and who said that they have done it. */
export class SetForRow extends Model<
  InferAttributes<SetForRow>,
  InferCreationAttributes<SetForRow>
> {
  declare assignmentId: string;
  declare learnerId: string;
}
export class SaidDoneRow extends Model<
  InferAttributes<SaidDoneRow>,
  InferCreationAttributes<SaidDoneRow>
> {
  declare assignmentId: string;
  declare learnerId: string;
  declare saidAt: CreationOptional<Date>;
}

/** What a learner handed in. */
export class WorkRow extends Model<InferAttributes<WorkRow>, InferCreationAttributes<WorkRow>> {
  declare id: string;
  declare groupId: string;
  declare learnerId: string;
  declare handed: Work['handed'];
  declare words: string;
  declare handedAt: CreationOptional<Date>;
  declare markedAt: CreationOptional<Date | null>;
  declare coachRead: CreationOptional<Date | null>;
  declare learnerRead: CreationOptional<Date>;
}

/** Words on it. */
export class NoteRow extends Model<InferAttributes<NoteRow>, InferCreationAttributes<NoteRow>> {
  declare id: string;
  declare workId: string;
  declare authorId: string;
  declare place: WorkNote['place'];
  declare words: string;
  declare writtenAt: CreationOptional<Date>;
}

/** Paper that was asked for. */
export class PrintRow extends Model<InferAttributes<PrintRow>, InferCreationAttributes<PrintRow>> {
  declare id: string;
  declare groupId: string;
  declare askedBy: string;
  declare asked: AskPrint;
  declare state: CreationOptional<PrintJob['state']>;
  declare done: CreationOptional<number>;
  declare of: CreationOptional<number>;
  declare pdf: CreationOptional<Buffer | null>;
  /** Counted up by whoever takes it: whoever had it before may write no more. */
  declare attempt: CreationOptional<number>;
  declare askedAt: CreationOptional<Date>;
  declare seenAt: CreationOptional<Date>;
}

/** A session that is being held. */
export class LiveRow extends Model<InferAttributes<LiveRow>, InferCreationAttributes<LiveRow>> {
  declare id: string;
  declare groupId: string;
  declare code: string;
  declare offer: CreationOptional<Offer | null>;
  declare showsTimes: CreationOptional<boolean>;
  declare begunAt: CreationOptional<Date>;
}

/** Who sits at it, and what they are at. */
export class SeatRow extends Model<InferAttributes<SeatRow>, InferCreationAttributes<SeatRow>> {
  declare sessionId: string;
  declare accountId: string;
  declare nickname: string | null;
  declare here: CreationOptional<object | null>;
  declare since: CreationOptional<Date>;
  declare handAt: CreationOptional<Date | null>;
  declare toldAt: CreationOptional<Date>;
}

export const tableModels = (sequelize: Sequelize) => ({
  plans: bound(sequelize, PlanRow, 'session_plans', {
    groupId: KEY,
    id: KEY,
    plan: DOCUMENT,
    changedAt: MOMENT,
  }),
  assignments: bound(sequelize, AssignmentRow, 'assignments', {
    id: KEY,
    groupId: ID,
    task: DOCUMENT,
    note: WORDS,
    untilDay: DataTypes.DATEONLY,
    forAll: { type: DataTypes.BOOLEAN, allowNull: false },
    setAt: MOMENT,
  }),
  setFor: bound(sequelize, SetForRow, 'assignment_learners', {
    assignmentId: KEY,
    learnerId: KEY,
  }),
  saidDone: bound(sequelize, SaidDoneRow, 'assignment_said', {
    assignmentId: KEY,
    learnerId: KEY,
    saidAt: MOMENT,
  }),
  work: bound(sequelize, WorkRow, 'work', {
    id: KEY,
    groupId: ID,
    learnerId: ID,
    handed: DOCUMENT,
    words: WORDS,
    handedAt: MOMENT,
    markedAt: DataTypes.DATE,
    coachRead: DataTypes.DATE,
    learnerRead: MOMENT,
  }),
  notes: bound(sequelize, NoteRow, 'work_notes', {
    id: KEY,
    workId: ID,
    authorId: ID,
    place: DOCUMENT,
    words: WORDS,
    writtenAt: MOMENT,
  }),
  prints: bound(sequelize, PrintRow, 'print_jobs', {
    id: KEY,
    groupId: ID,
    askedBy: ID,
    asked: DOCUMENT,
    state: WORDS,
    done: NUMBER,
    of: NUMBER,
    pdf: DataTypes.BLOB,
    attempt: NUMBER,
    askedAt: MOMENT,
    seenAt: MOMENT,
  }),
  lives: bound(sequelize, LiveRow, 'live_sessions', {
    id: KEY,
    groupId: ID,
    code: { type: DataTypes.CHAR(6), allowNull: false },
    offer: DataTypes.JSONB,
    showsTimes: DataTypes.BOOLEAN,
    begunAt: MOMENT,
  }),
  seats: bound(sequelize, SeatRow, 'live_presence', {
    sessionId: KEY,
    accountId: KEY,
    nickname: DataTypes.STRING(40),
    here: DataTypes.JSONB,
    since: MOMENT,
    handAt: DataTypes.DATE,
    toldAt: MOMENT,
  }),
});
