import { RIGHTS, type Right } from '@sleetcrest/contract/accounts';
import { Op, type Sequelize } from 'sequelize';
import type { Side } from '../access/caller.js';
import { modelsOf } from '../database/models/index.js';
import { inGroup, inLive, isSetFor, mayGivePhrase, mayWith, sideOfWork } from './queries.js';

/** What somebody is to a group, and what they may do in it. */
export interface InGroup {
  is: 'coach' | 'assistant' | 'learner' | 'nobody';
  rights: readonly Right[];
  archived: boolean;
  /** Whether they belong to it at all, also while it is archived. */
  belongs: boolean;
}

const NOBODY: InGroup = { is: 'nobody', rights: [], archived: false, belongs: false };

/** A group as one of these questions tells of it. */
export type GroupSeen = NonNullable<Awaited<ReturnType<typeof inGroup>>>;

/** Asks the database what somebody may do: what was given or taken a moment ago counts. */
export class GroupRights {
  constructor(private readonly sequelize: Sequelize) {}

  /** In a group. One that is archived stands still: its coach may still look at what it was. */
  async inGroup(account: string, group: string): Promise<InGroup> {
    return seen(await inGroup(this.sequelize, account, group));
  }

  /** In the group whose session is being held. */
  async inLive(account: string, live: string): Promise<InGroup> {
    return seen(await inLive(this.sequelize, account, live));
  }

  /** Whether somebody sits at a session. */
  async sitsAt(account: string, live: string): Promise<boolean> {
    const { seats } = modelsOf(this.sequelize);
    const where = { accountId: account, sessionId: { [Op.eq]: live } };
    return (await seats.count({ where })) > 0;
  }

  /** Whether somebody teaches a learner in a group that goes on, and may do this there. */
  mayWith(account: string, learner: string, right: Right): Promise<boolean> {
    return mayWith(this.sequelize, account, learner, right);
  }

  /** Whether somebody may set a phrase for a learner: of the group that made the account, which goes on. */
  mayGivePhrase(account: string, learner: string): Promise<boolean> {
    return mayGivePhrase(this.sequelize, account, learner);
  }

  /** What somebody is to a piece of work; undefined for who has nothing to do with it. */
  inWork(account: string, work: string): Promise<Side | undefined> {
    return sideOfWork(this.sequelize, account, work);
  }

  /** Whether something was set for a learner, in a group that goes on. */
  isSetFor(learner: string, assignment: string): Promise<boolean> {
    return isSetFor(this.sequelize, learner, assignment);
  }
}

function seen(row: GroupSeen | undefined): InGroup {
  if (!row) return NOBODY;
  const { archived } = row;
  const belongs = row.coach || row.rights !== null || row.learner;
  if (row.coach) return { is: 'coach', rights: RIGHTS, archived, belongs };
  if (archived) return { ...NOBODY, belongs };
  if (row.rights) return { is: 'assistant', rights: row.rights, archived, belongs };
  return row.learner ? { is: 'learner', rights: [], archived, belongs } : NOBODY;
}
