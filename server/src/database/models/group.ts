import type { Group, Right } from '@sleetcrest/contract/accounts';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { bound, DOCUMENT, ID, KEY, MOMENT, NUMBER, WORDS } from './bound.js';

/** A coach's group. */
export class GroupRow extends Model<InferAttributes<GroupRow>, InferCreationAttributes<GroupRow>> {
  declare id: string;
  declare coachId: string;
  declare name: string;
  declare code: string;
  declare method: CreationOptional<Group['method']>;
  declare firstColour: CreationOptional<Group['firstColour']>;
  declare zone: CreationOptional<string>;
  declare archivedAt: CreationOptional<Date | null>;
  /** Counted up when the address that all had before each had their own is to find nothing any more. */
  declare calendar: CreationOptional<number>;
  declare createdAt: CreationOptional<Date>;
}

/** A learner who belongs to a group. */
export class MemberRow extends Model<
  InferAttributes<MemberRow>,
  InferCreationAttributes<MemberRow>
> {
  declare groupId: string;
  declare learnerId: string;
  declare joinedAt: CreationOptional<Date>;
}

/** A coach who helps with a group, and what they may do there. */
export class AssistantRow extends Model<
  InferAttributes<AssistantRow>,
  InferCreationAttributes<AssistantRow>
> {
  declare groupId: string;
  declare coachId: string;
  declare rights: Right[];
}

/** A code by which a coach becomes an assistant; good once. */
export class InvitationRow extends Model<
  InferAttributes<InvitationRow>,
  InferCreationAttributes<InvitationRow>
> {
  declare code: string;
  declare groupId: string;
  declare rights: Right[];
  declare expiresAt: Date;
}

/** Who was taken out of a group, and by which code they do not come back. */
export class TakenOutRow extends Model<
  InferAttributes<TakenOutRow>,
  InferCreationAttributes<TakenOutRow>
> {
  declare groupId: string;
  declare learnerId: string;
  declare code: string;
}

/** A move to a group of another coach, which the learner has yet to agree to. */
export class MoveRow extends Model<InferAttributes<MoveRow>, InferCreationAttributes<MoveRow>> {
  declare toGroup: string;
  declare learnerId: string;
  declare fromGroup: string;
  declare askedAt: CreationOptional<Date>;
}

/** An address at which somebody's calendar reads a group's sessions. */
export class CalendarAddressRow extends Model<
  InferAttributes<CalendarAddressRow>,
  InferCreationAttributes<CalendarAddressRow>
> {
  declare secret: string;
  declare groupId: string;
  declare coachId: string;
  declare madeAt: CreationOptional<Date>;
}

const RIGHTS = { type: DataTypes.ARRAY(DataTypes.TEXT), allowNull: false } as const;

export const groupModels = (sequelize: Sequelize) => ({
  groups: bound(sequelize, GroupRow, 'groups', {
    id: KEY,
    coachId: ID,
    name: WORDS,
    code: { type: DataTypes.CHAR(8), allowNull: false },
    method: DOCUMENT,
    firstColour: WORDS,
    zone: WORDS,
    archivedAt: DataTypes.DATE,
    calendar: NUMBER,
    createdAt: MOMENT,
  }),
  members: bound(sequelize, MemberRow, 'group_members', {
    groupId: KEY,
    learnerId: KEY,
    joinedAt: MOMENT,
  }),
  assistants: bound(sequelize, AssistantRow, 'group_assistants', {
    groupId: KEY,
    coachId: KEY,
    rights: RIGHTS,
  }),
  invitations: bound(sequelize, InvitationRow, 'group_invitations', {
    code: { type: DataTypes.CHAR(8), primaryKey: true },
    groupId: ID,
    rights: RIGHTS,
    expiresAt: { type: DataTypes.DATE, allowNull: false },
  }),
  takenOut: bound(sequelize, TakenOutRow, 'group_taken_out', {
    groupId: KEY,
    learnerId: KEY,
    code: { type: DataTypes.CHAR(8), allowNull: false },
  }),
  moves: bound(sequelize, MoveRow, 'group_moves', {
    toGroup: KEY,
    learnerId: KEY,
    fromGroup: ID,
    askedAt: MOMENT,
  }),
  calendars: bound(sequelize, CalendarAddressRow, 'calendar_addresses', {
    secret: { type: DataTypes.TEXT, primaryKey: true },
    groupId: ID,
    coachId: ID,
    madeAt: MOMENT,
  }),
});
