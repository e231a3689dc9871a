import { RIGHTS, type Right } from '@sleetcrest/contract/accounts';
import { QueryTypes, type Sequelize } from 'sequelize';

/** What somebody is to a group, and what they may do in it. */
export interface InGroup {
  is: 'coach' | 'assistant' | 'learner' | 'nobody';
  rights: readonly Right[];
  archived: boolean;
}

const NOBODY: InGroup = { is: 'nobody', rights: [], archived: false };

interface Row {
  coach: boolean;
  rights: Right[] | null;
  learner: boolean;
  archived: boolean;
}

const ROW = `groups.coach_id = $1 AS coach,
  (SELECT rights FROM group_assistants WHERE group_id = groups.id AND coach_id = $1) AS rights,
  EXISTS (SELECT FROM group_members WHERE group_id = groups.id AND learner_id = $1) AS learner,
  archived_at IS NOT NULL AS archived`;

/** Asks the database what somebody may do: what was given or taken a moment ago counts. */
export class GroupRights {
  constructor(private readonly sequelize: Sequelize) {}

  /** In a group. One that is archived stands still: its coach may still look at what it was. */
  inGroup(account: string, group: string): Promise<InGroup> {
    return this.ask(`SELECT ${ROW} FROM groups WHERE id = $2`, account, group);
  }

  /** In the group whose session is being held. */
  inLive(account: string, live: string): Promise<InGroup> {
    return this.ask(
      `SELECT ${ROW} FROM groups JOIN live_sessions ON group_id = groups.id
       WHERE live_sessions.id = $2`,
      account,
      live,
    );
  }

  /** Whether somebody sits at a session. */
  async sitsAt(account: string, live: string): Promise<boolean> {
    const found = await this.sequelize.query(
      'SELECT FROM live_presence WHERE account_id = $1 AND session_id = $2',
      { bind: [account, live], type: QueryTypes.SELECT },
    );
    return found.length > 0;
  }

  /** Whether somebody teaches a learner in a group that goes on, and may do this there. */
  async mayWith(account: string, learner: string, right: Right): Promise<boolean> {
    const found = await this.sequelize.query(
      `SELECT FROM group_members JOIN groups ON groups.id = group_members.group_id
       WHERE learner_id = $2 AND archived_at IS NULL AND (groups.coach_id = $1 OR EXISTS (
         SELECT FROM group_assistants assistant WHERE assistant.group_id = groups.id
           AND assistant.coach_id = $1 AND $3 = ANY (rights)))
       LIMIT 1`,
      { bind: [account, learner, right], type: QueryTypes.SELECT },
    );
    return found.length > 0;
  }

  private async ask(sql: string, account: string, about: string): Promise<InGroup> {
    const [row] = await this.sequelize.query<Row>(sql, {
      bind: [account, about],
      type: QueryTypes.SELECT,
    });
    if (!row) return NOBODY;
    const { archived } = row;
    if (row.coach) return { is: 'coach', rights: RIGHTS, archived };
    if (archived) return NOBODY;
    if (row.rights) return { is: 'assistant', rights: row.rights, archived };
    return row.learner ? { is: 'learner', rights: [], archived } : NOBODY;
  }
}
