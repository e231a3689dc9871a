import type { Role } from '@sleetcrest/contract/accounts';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { bound, ID, KEY, MOMENT, WORDS } from './bound.js';

/** Somebody: a guest, who has no name, or a person with a name and a phrase. */
export class AccountRow extends Model<
  InferAttributes<AccountRow>,
  InferCreationAttributes<AccountRow>
> {
  declare id: string;
  declare role: 'guest' | Role;
  declare name: CreationOptional<string | null>;
  /** The name as it is compared. */
  declare nameKey: CreationOptional<string | null>;
  declare phraseHash: CreationOptional<string | null>;
  /** The phrase was given by a coach: another is to be chosen before anything else. */
  declare phraseGiven: CreationOptional<boolean>;
  /** The group whose coach made it; null for who signed up themselves, and once that group is gone. */
  declare madeIn: CreationOptional<string | null>;
  /** The session a guest came for, with which they go. */
  declare guestOf: CreationOptional<string | null>;
  declare createdAt: CreationOptional<Date>;
}

/** A browser in which somebody is signed in, or a guest known. */
export class SessionRow extends Model<
  InferAttributes<SessionRow>,
  InferCreationAttributes<SessionRow>
> {
  declare tokenHash: Buffer;
  declare id: CreationOptional<string>;
  declare accountId: string;
  declare createdAt: CreationOptional<Date>;
  declare expiresAt: Date;
  declare seenOn: CreationOptional<string>;
}

/** Where an account signed in before, by a hash that tells nobody where that is. */
export class PlaceRow extends Model<InferAttributes<PlaceRow>, InferCreationAttributes<PlaceRow>> {
  declare accountId: string;
  declare addressHash: Buffer;
  declare seenOn: CreationOptional<string>;
}

/** A code by which somebody may sign up as a coach, where that is by invitation. */
export class CoachInvitationRow extends Model<
  InferAttributes<CoachInvitationRow>,
  InferCreationAttributes<CoachInvitationRow>
> {
  declare code: string;
  declare coachId: string;
  declare expiresAt: CreationOptional<Date>;
}

/** How somebody reads: by setting, its value and when it was told. */
export class SettingsRow extends Model<
  InferAttributes<SettingsRow>,
  InferCreationAttributes<SettingsRow>
> {
  declare accountId: string;
  declare told: object;
}

/** What every process must know alike, and nobody outside. */
export class SecretRow extends Model<
  InferAttributes<SecretRow>,
  InferCreationAttributes<SecretRow>
> {
  declare name: string;
  declare value: Buffer;
}

/** A set of ready-made data that was loaded. */
export class LoadedRow extends Model<
  InferAttributes<LoadedRow>,
  InferCreationAttributes<LoadedRow>
> {
  declare name: string;
}

export const accountModels = (sequelize: Sequelize) => ({
  accounts: bound(sequelize, AccountRow, 'accounts', {
    id: KEY,
    role: WORDS,
    name: DataTypes.STRING(40),
    nameKey: DataTypes.STRING(120),
    phraseHash: DataTypes.TEXT,
    phraseGiven: DataTypes.BOOLEAN,
    madeIn: DataTypes.UUID,
    guestOf: DataTypes.UUID,
    createdAt: MOMENT,
  }),
  sessions: bound(sequelize, SessionRow, 'sessions', {
    tokenHash: { type: DataTypes.BLOB, primaryKey: true },
    id: DataTypes.UUID,
    accountId: ID,
    createdAt: MOMENT,
    expiresAt: { type: DataTypes.DATE, allowNull: false },
    seenOn: DataTypes.DATEONLY,
  }),
  places: bound(sequelize, PlaceRow, 'familiar_addresses', {
    accountId: KEY,
    addressHash: { type: DataTypes.BLOB, primaryKey: true },
    seenOn: DataTypes.DATEONLY,
  }),
  coachInvitations: bound(sequelize, CoachInvitationRow, 'coach_invitations', {
    code: { type: DataTypes.CHAR(8), primaryKey: true },
    coachId: ID,
    expiresAt: MOMENT,
  }),
  settings: bound(sequelize, SettingsRow, 'settings', {
    accountId: KEY,
    told: { type: DataTypes.JSONB, allowNull: false },
  }),
  secrets: bound(sequelize, SecretRow, 'secrets', {
    name: { type: DataTypes.STRING(60), primaryKey: true },
    value: { type: DataTypes.BLOB, allowNull: false },
  }),
  loaded: bound(sequelize, LoadedRow, 'loaded_data', {
    name: { type: DataTypes.STRING(60), primaryKey: true },
  }),
});
