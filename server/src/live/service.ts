import { nameKey } from '@sleetcrest/contract/accounts';
import type {
  ChangeLive,
  HereTold,
  JoinLive,
  LiveSession,
  Present,
} from '@sleetcrest/contract/table';
import type { Sequelize, Transaction } from 'sequelize';
import type { Caller } from '../access/caller.js';
import { newCode } from '../access/codes.js';
import { modelsOf, type Models } from '../database/models/index.js';
import { tell, tellRights } from '../database/notices.js';
import { transaction } from '../database/transaction.js';
import { HttpProblem, refusal } from '../http/problem.js';
import {
  followed,
  handDown,
  heldWith,
  isSomebodys,
  nicknames,
  present,
  sessionFor,
  sessionsFor,
  tellHere,
  type Followed,
  type Follower,
} from './queries.js';
import { SAY } from './words.js';

/** The most who sit at one session. */
const MOST_SEATS = 400;

/** Sessions that are being held: who sits there, what they are at, and what is shown to them. */
export class LiveService {
  private readonly models: Models;

  constructor(private readonly sequelize: Sequelize) {
    this.models = modelsOf(sequelize);
  }

  /** Those somebody teaches, sits at, or could sit down at as a learner of the group. */
  list(caller: Caller): Promise<LiveSession[]> {
    return sessionsFor(this.sequelize, caller.id);
  }

  async one(caller: Pick<Caller, 'id'>, live: string): Promise<LiveSession> {
    const session = await sessionFor(this.sequelize, caller.id, { live });
    if (!session) throw sessionOver();
    return session;
  }

  /** What whoever follows a session is told first of all; undefined where it is over. */
  followed({ account, live, tokenHash }: Follower): Promise<Followed | undefined> {
    return followed(this.sequelize, account, live, tokenHash);
  }

  /** Begins a session of a group; where one is being held, it is that. */
  async begin(coach: Caller, group: string, id: string): Promise<LiveSession> {
    await this.models.lives.bulkCreate([{ id, groupId: group, code: newCode(6) }], {
      ignoreDuplicates: true,
    });
    const session = await sessionFor(this.sequelize, coach.id, { group });
    if (!session) throw new HttpProblem(409, SAY.idOfAnother);
    return session;
  }

  /** Ends it: what it showed, and guests who came for it, are gone. */
  async end(live: string): Promise<void> {
    await transaction(this.sequelize, async (whole) => {
      tell(whole, { of: 'over', live, why: 'ended' });
      await this.models.lives.destroy({ where: { id: live }, transaction: whole });
    });
  }

  async change(caller: Caller, live: string, change: ChangeLive): Promise<LiveSession> {
    await this.changed(live, {
      ...(change.offer === undefined ? {} : { offer: change.offer }),
      ...(change.showsTimes === undefined ? {} : { showsTimes: change.showsTimes }),
    });
    return this.one(caller, live);
  }

  /** From now on another code is on the board; by the one before nobody sits down. */
  async renewCode(caller: Caller, live: string): Promise<LiveSession> {
    await this.changed(live, { code: newCode(6) });
    return this.one(caller, live);
  }

  private async changed(
    live: string,
    change: Partial<Pick<LiveSession, 'offer' | 'showsTimes'> & { code: string }>,
  ): Promise<void> {
    await transaction(this.sequelize, async (whole) => {
      const row = await this.models.lives.findByPk(live, { lock: true, transaction: whole });
      if (!row) throw sessionOver();
      await row.update(change, { transaction: whole });
      tell(whole, { of: 'session', live });
    });
  }

  /** The session whose code is on the board. */
  async byCode(code: string): Promise<string> {
    const row = await this.models.lives.findOne({ where: { code } });
    if (!row) throw new HttpProblem(404, SAY.noSuchCode);
    return row.id;
  }

  /** The session a group is holding. */
  async ofGroup(groupId: string): Promise<string> {
    const row = await this.models.lives.findOne({ where: { groupId } });
    if (!row) throw new HttpProblem(404, SAY.notMeeting);
    return row.id;
  }

  /** Somebody sits down; a guest who came for this is gone with it. */
  async sit(
    caller: Caller,
    live: string,
    nickname: JoinLive['nickname'],
    cameForIt: boolean,
  ): Promise<LiveSession> {
    const isGuest = caller.role === 'guest';
    await transaction(this.sequelize, async (whole) => {
      const held = await heldWith(this.sequelize, live, caller.id, whole);
      if (!held) throw sessionOver();
      if (held.others >= MOST_SEATS) {
        throw new HttpProblem(409, SAY.tableFull({ most: MOST_SEATS }));
      }
      if (isGuest && nickname !== null) await this.refuseTaken(live, caller.id, nickname, whole);
      await this.models.seats.upsert(
        { sessionId: live, accountId: caller.id, nickname: isGuest ? nickname : null },
        { transaction: whole },
      );
      if (isGuest && cameForIt) {
        await this.models.accounts.update(
          { guestOf: live },
          { where: { id: caller.id }, transaction: whole },
        );
      }
      await this.tellOne(live, caller.id, whole);
    });
    return this.one(caller, live);
  }

  /** A guest goes by no name that somebody has who belongs to the group, or sits there. */
  private async refuseTaken(
    live: string,
    account: string,
    nickname: string,
    whole: Transaction,
  ): Promise<void> {
    const key = nameKey(nickname);
    const others = await nicknames(this.sequelize, live, account, whole);
    const taken =
      others.some((one) => nameKey(one) === key) ||
      (await isSomebodys(this.sequelize, live, account, key, whole));
    if (!taken) return;
    throw refusal('nickname', SAY.calledSoToo({ nickname }), 409);
  }

  /**
   * Where somebody is now, who calls by a session of this hash; undefined where they may not, or do not
   * sit there. A hand is up from when it was first told until it is told to be down.
   */
  here(who: Follower, { forSeconds, ...here }: HereTold): Promise<Present | undefined> {
    return tellHere(this.sequelize, who, here, forSeconds, here.hand);
  }

  /** The coach has seen a hand: it goes down. */
  async lower(live: string, learner: string): Promise<void> {
    await transaction(this.sequelize, async (whole) => {
      if ((await handDown(this.sequelize, live, learner, whole)) === 0) throw notHere();
      await this.tellOne(live, learner, whole);
    });
  }

  /** Somebody gets up. */
  async leave(account: string, live: string): Promise<void> {
    await transaction(this.sequelize, async (whole) => {
      await this.models.seats.destroy({
        where: { sessionId: live, accountId: account },
        transaction: whole,
      });
      tell(whole, { of: 'one', live, who: account, event: { is: 'left', id: account } });
    });
  }

  /** Takes somebody off the table. A guest does not come back by the code that is on the board now. */
  async takeOff(live: string, who: string): Promise<void> {
    await transaction(this.sequelize, async (whole) => {
      const at = { transaction: whole };
      const session = await this.models.lives.findByPk(live, { lock: true, ...at });
      if (!session) throw sessionOver();
      const seat = { sessionId: live, accountId: who };
      if ((await this.models.seats.destroy({ where: seat, ...at })) === 0) throw notHere();
      const account = await this.models.accounts.findByPk(who, at);
      if (account?.role === 'guest') await session.update({ code: newCode(6) }, at);
      tell(whole, { of: 'one', live, who, event: { is: 'left', id: who } });
      tell(whole, { of: 'session', live });
      tellRights(whole, [who]);
    });
  }

  /** Everybody who sits at a session. */
  present(live: string): Promise<Present[]> {
    return present(this.sequelize, live);
  }

  private async tellOne(live: string, account: string, whole: Transaction): Promise<void> {
    const [one] = await present(this.sequelize, live, account, whole);
    if (!one) throw sessionOver();
    tell(whole, { of: 'one', live, who: account, event: { is: 'one', present: one } });
  }
}

export const sessionOver = (): HttpProblem => new HttpProblem(404, SAY.over);
const notHere = (): HttpProblem => new HttpProblem(404, SAY.nobodyCalledSo);
