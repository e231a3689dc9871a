import { randomUUID } from 'node:crypto';
import {
  nameKey,
  type Account,
  type ChangeAccount,
  type CoachInvitations,
  type Leaving,
  type Role,
  type SignUp,
} from '@sleetcrest/contract/accounts';
import { hash, verify } from '@node-rs/argon2';
import { Op, type Sequelize, type Transaction } from 'sequelize';
import type { Caller } from '../access/caller.js';
import { newCode } from '../access/codes.js';
import { BEFORE_ACCOUNTS } from '../database/migrations/0004-accounts.js';
import { breaks } from '../database/errors.js';
import { modelsOf, type Models } from '../database/models/index.js';
import { tellRights } from '../database/notices.js';
import { transaction } from '../database/transaction.js';
import { HttpProblem, refusal } from '../http/problem.js';
import { endSessions, takeSeats } from '../live/seats.js';
import {
  forgottenByGroups,
  leaving,
  moveKept,
  nameless,
  removeSome,
  useCoachInvitation,
} from './queries.js';
import { SAY } from './words.js';

/** argon2id as OWASP advises it: 19 MiB of memory, two passes (the package's own defaults). */
const ARGON = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** What is kept of a phrase: it can be checked, and not be told. */
export const phraseHashed = (phrase: string): Promise<string> => hash(phrase, ARGON);

/** Checked when there is no such name, so that it takes as long as when there is one. */
const NOBODY = phraseHashed('nobody has this phrase');

/** An account, and what its phrase is checked against. */
export interface Known {
  id: string;
  role: Role;
  name: string;
  phraseHash: string;
  /** The phrase was given by a coach. */
  begins: boolean;
}

/** Makes, changes and deletes accounts. */
export class AccountService {
  private readonly models: Models;

  /** `coaches` says whether anybody may sign up as a coach, or who was invited. */
  constructor(
    private readonly sequelize: Sequelize,
    readonly coaches: 'open' | 'invited' = 'open',
  ) {
    this.models = modelsOf(sequelize);
  }

  /**
   * Makes an account. What a guest kept, and what was kept before there were accounts (for the first
   * coach), moves into it.
   */
  async signUp(
    { name, phrase, role, invitation }: SignUp,
    caller?: Caller,
    within?: Transaction,
  ): Promise<Account> {
    const id = randomUUID();
    const phraseHash = await phraseHashed(phrase);
    const make = async (whole: Transaction): Promise<void> => {
      if (role === 'coach' && this.coaches === 'invited')
        await this.refuseUninvited(invitation, whole);
      await this.models.accounts.create(
        { id, role, name, nameKey: nameKey(name), phraseHash },
        { transaction: whole },
      );
      if (caller?.role === 'guest') await this.takeOver(caller.id, id, whole);
      if (role === 'coach') await this.takeOver(BEFORE_ACCOUNTS, id, whole);
    };
    await refuseTaken(name, () => transaction(this.sequelize, make, within));
    return { id, name, role };
  }

  /** Who has a name. */
  named(name: string): Promise<Known | undefined> {
    return this.known({ nameKey: nameKey(name) });
  }

  /** The account, if the phrase is its own; null when it is wrong, or there is no such account. */
  async confirmed(known: Known | undefined, phrase: string): Promise<Account | null> {
    const right = await verify(known?.phraseHash ?? (await NOBODY), phrase);
    return known && right ? { id: known.id, name: known.name, role: known.role } : null;
  }

  /** Whether a phrase is the account's own; null when it is not. */
  async isPhraseOf({ id }: Account, phrase: string): Promise<true | null> {
    return (await this.confirmed(await this.known({ id }), phrase)) && true;
  }

  /** What a guest kept becomes the account's; the guest is gone. */
  async adopt(guest: Caller, account: string): Promise<void> {
    await transaction(this.sequelize, (whole) => this.takeOver(guest.id, account, whole));
  }

  /**
   * Changes name or phrase, and with `besides` what goes with it, both or neither. That the phrase in
   * use was given is made sure of before; one that was given by a coach is changed to another.
   */
  async change(
    account: Account,
    { name, phrase }: ChangeAccount,
    besides: (transaction: Transaction) => Promise<void>,
  ): Promise<Account> {
    if (phrase && phrase.next === phrase.now && (await this.known({ id: account.id }))?.begins) {
      throw refusal('phrase.next', SAY.chooseAnother);
    }
    const phraseHash = phrase && (await phraseHashed(phrase.next));
    const changed = { ...account, name: name ?? account.name };
    await refuseTaken(changed.name, () =>
      transaction(this.sequelize, async (whole) => {
        await this.models.accounts.update(
          {
            name: changed.name,
            nameKey: nameKey(changed.name),
            ...(phraseHash ? { phraseHash, phraseGiven: false } : {}),
          },
          { where: { id: changed.id }, transaction: whole },
        );
        await besides(whole);
      }),
    );
    return changed;
  }

  /**
   * Sets a phrase to begin with anew, for who has yet to choose one of their own, and does `besides` what goes
   * with it, both or neither.
   */
  async setPhrase(
    account: string,
    phrase: string,
    besides: (transaction: Transaction) => Promise<void>,
  ): Promise<void> {
    const phraseHash = await phraseHashed(phrase);
    await transaction(this.sequelize, async (whole) => {
      const [set] = await this.models.accounts.update(
        { phraseHash },
        { where: { id: account, phraseGiven: true }, transaction: whole },
      );
      if (set === 0) throw choseTheirOwn();
      await besides(whole);
    });
  }

  /**
   * Deletes the account. It is nobody's from this moment on, and all it is known by is gone, with the groups
   * it coaches; what may be hundreds of thousands of rows goes in parts after (`removeRest`).
   */
  async remove({ id }: Account): Promise<void> {
    await transaction(this.sequelize, async (whole) => {
      const { groups, members, notes, sessions, work } = this.models;
      const at = { transaction: whole };
      const own = await groups.findAll({ where: { coachId: id }, lock: true, ...at });
      const ids = own.map((group) => group.id);
      const learners = await members.findAll({ where: { groupId: { [Op.in]: ids } }, ...at });
      await endSessions(this.sequelize, whole, ids, 'dissolved');
      await forgottenByGroups(this.sequelize, id, whole);
      await groups.destroy({ where: { coachId: id }, ...at });
      await sessions.destroy({ where: { accountId: id }, ...at });
      await takeSeats(this.sequelize, whole, { accounts: [id] });
      await members.destroy({ where: { learnerId: id }, ...at });
      await work.destroy({ where: { learnerId: id }, ...at });
      await notes.destroy({ where: { authorId: id }, ...at });
      await this.models.assistants.destroy({ where: { coachId: id }, ...at });
      await this.models.calendars.destroy({ where: { coachId: id }, ...at });
      await nameless(this.sequelize, id, whole);
      tellRights(
        whole,
        learners.map(({ learnerId }) => learnerId),
      );
    });
  }

  /**
   * Removes what is left of an account that is nobody's, so many parts at most; gives whether all is gone. Where it is
   * cut short it goes on another time.
   */
  async removeRest(account: string, parts = Infinity): Promise<boolean> {
    for (let part = 0; await removeSome(this.sequelize, account); part++) {
      if (part === parts) return false;
    }
    await this.models.accounts.destroy({ where: { id: account, role: 'guest' } });
    return true;
  }

  /** What of others' goes with an account, or with one of its groups alone. */
  async leaving(account: string, group: string | null = null): Promise<Leaving> {
    return (await leaving(this.sequelize, account, group))!;
  }

  /** Codes by which somebody may sign up as a coach: asked for, told, and withdrawn by who asked for them. */
  async inviteCoach(coachId: string): Promise<CoachInvitations> {
    const { coachInvitations } = this.models;
    if ((await coachInvitations.count({ where: { coachId } })) >= MOST_INVITED) {
      throw new HttpProblem(409, SAY.enoughCodes);
    }
    await coachInvitations.create({ code: newCode(8), coachId });
    return this.invitedCoaches(coachId);
  }

  async invitedCoaches(coachId: string): Promise<CoachInvitations> {
    const rows = await this.models.coachInvitations.findAll({
      where: { coachId, expiresAt: { [Op.gt]: new Date() } },
      order: ['expiresAt', 'code'],
    });
    return { items: rows.map(({ code, expiresAt }) => ({ code, until: expiresAt.toISOString() })) };
  }

  async withdrawCoach(coachId: string, code: string): Promise<void> {
    const gone = await this.models.coachInvitations.destroy({ where: { coachId, code } });
    if (gone === 0) throw new HttpProblem(404, SAY.noSuchCode);
  }

  private async known(where: { id: string } | { nameKey: string }): Promise<Known | undefined> {
    const row = await this.models.accounts.findOne({
      where: { ...where, role: { [Op.ne]: 'guest' } },
    });
    if (!row || row.role === 'guest') return undefined;
    return {
      id: row.id,
      role: row.role,
      name: row.name!,
      phraseHash: row.phraseHash!,
      begins: row.phraseGiven,
    };
  }

  private async refuseUninvited(code: string | undefined, whole: Transaction): Promise<void> {
    if (await useCoachInvitation(this.sequelize, code, whole)) return;
    throw refusal('invitation', SAY.coachesByCode, 403);
  }

  private async takeOver(from: string, to: string, whole: Transaction): Promise<void> {
    await moveKept(this.sequelize, from, to, whole);
    const gone = await this.models.accounts.destroy({
      where: { id: from, role: 'guest' },
      transaction: whole,
    });
    if (gone > 0) tellRights(whole, [from]);
  }
}

/** The most codes for coaches that one coach has given out at a time. */
const MOST_INVITED = 20;

async function refuseTaken<T>(name: string, change: () => Promise<T>): Promise<T> {
  try {
    return await change();
  } catch (error) {
    if (!breaks(error, 'accounts_name_key_key')) throw error;
    throw refusal('name', SAY.nameTaken({ name }), 409);
  }
}

export const choseTheirOwn = (): HttpProblem => new HttpProblem(409, SAY.choseTheirOwn);
