import { randomUUID } from 'node:crypto';
import {
  nameKey,
  type Account,
  type ChangeAccount,
  type Role,
  type SignUp,
} from '@sleetcrest/contract/accounts';
import { hash, verify } from '@node-rs/argon2';
import { QueryTypes, UniqueConstraintError, type Sequelize, type Transaction } from 'sequelize';
import type { Caller } from '../access/caller.js';
import { BEFORE_ACCOUNTS } from '../database/migrations/0004-accounts.js';
import { refusal } from '../http/problem.js';

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

/** The tables whose rows belong to somebody, and by which column. */
const OWNED = [
  ['saved_solves', 'owner_id'],
  ['own_methods', 'owner_id'],
] as const;

/** Makes, changes and deletes accounts. */
export class AccountService {
  constructor(private readonly sequelize: Sequelize) {}

  /**
   * Makes an account. What a guest kept, and what was kept before there were accounts (for the first
   * coach), moves into it.
   */
  async signUp(
    { name, phrase, role }: SignUp,
    caller?: Caller,
    within?: Transaction,
  ): Promise<Account> {
    const id = randomUUID();
    const phraseHash = await phraseHashed(phrase);
    const make = async (transaction: Transaction): Promise<void> => {
      await this.refuseTaken(name, () =>
        this.sequelize.query(
          `INSERT INTO accounts (id, role, name, name_key, phrase_hash) VALUES ($1, $2, $3, $4, $5)`,
          { bind: [id, role, name, nameKey(name), phraseHash], transaction },
        ),
      );
      if (caller?.role === 'guest') await this.takeOver(caller.id, id, transaction);
      if (role === 'coach') await this.takeOver(BEFORE_ACCOUNTS, id, transaction);
    };
    await (within ? make(within) : this.sequelize.transaction(make));
    return { id, name, role };
  }

  /** Who has a name. */
  named(name: string): Promise<Known | undefined> {
    return this.known('name_key = $1', nameKey(name));
  }

  /** The account, if the phrase is its own; null when it is wrong, or there is no such account. */
  async confirmed(known: Known | undefined, phrase: string): Promise<Account | null> {
    const right = await verify(known?.phraseHash ?? (await NOBODY), phrase);
    return known && right ? { id: known.id, name: known.name, role: known.role } : null;
  }

  /** Whether a phrase is the account's own; null when it is not. */
  async isPhraseOf({ id }: Account, phrase: string): Promise<true | null> {
    return (await this.confirmed(await this.known('id = $1', id), phrase)) && true;
  }

  /** What a guest kept becomes the account's; the guest is gone. */
  async adopt(guest: Caller, account: string): Promise<void> {
    await this.sequelize.transaction((transaction) =>
      this.takeOver(guest.id, account, transaction),
    );
  }

  /**
   * Changes name or phrase, and with `besides` what goes with it, both or neither. That the phrase in
   * use was given is made sure of before.
   */
  async change(
    account: Account,
    { name, phrase }: ChangeAccount,
    besides: (transaction: Transaction) => Promise<void>,
  ): Promise<Account> {
    const phraseHash = phrase && (await phraseHashed(phrase.next));
    const changed = { ...account, name: name ?? account.name };
    await this.refuseTaken(changed.name, () =>
      this.sequelize.transaction(async (transaction) => {
        await this.sequelize.query(
          `UPDATE accounts SET name = $2, name_key = $3, phrase_hash = coalesce($4, phrase_hash),
             phrase_given = phrase_given AND $4 IS NULL
           WHERE id = $1`,
          {
            bind: [changed.id, changed.name, nameKey(changed.name), phraseHash ?? null],
            transaction,
          },
        );
        await besides(transaction);
      }),
    );
    return changed;
  }

  /** Sets a phrase, and does `besides` what goes with it, both or neither. */
  async setPhrase(
    account: string,
    phrase: string,
    besides: (transaction: Transaction) => Promise<void>,
  ): Promise<void> {
    const phraseHash = await phraseHashed(phrase);
    await this.sequelize.transaction(async (transaction) => {
      await this.sequelize.query('UPDATE accounts SET phrase_hash = $2 WHERE id = $1', {
        bind: [account, phraseHash],
        transaction,
      });
      await besides(transaction);
    });
  }

  /** Deletes the account and everything kept for it. */
  async remove({ id }: Account): Promise<void> {
    await this.sequelize.query('DELETE FROM accounts WHERE id = $1', { bind: [id] });
  }

  private async known(where: string, value: string): Promise<Known | undefined> {
    const [row] = await this.sequelize.query<Known>(
      `SELECT id, role, name, phrase_hash AS "phraseHash", phrase_given AS begins FROM accounts
       WHERE ${where} AND role <> 'guest'`,
      { bind: [value], type: QueryTypes.SELECT },
    );
    return row;
  }

  private async refuseTaken(name: string, change: () => Promise<unknown>): Promise<void> {
    try {
      await change();
    } catch (error) {
      if (!(error instanceof UniqueConstraintError)) throw error;
      throw refusal('name', `${name} is taken here; add something to it`, 409);
    }
  }

  private async takeOver(from: string, to: string, transaction: Transaction): Promise<void> {
    // A method that both have under one id stays the account's own.
    await this.sequelize.query(
      `DELETE FROM own_methods WHERE owner_id = $1
       AND id IN (SELECT id FROM own_methods WHERE owner_id = $2)`,
      { bind: [from, to], transaction },
    );
    for (const [table, owner] of OWNED) {
      await this.sequelize.query(`UPDATE ${table} SET ${owner} = $2 WHERE ${owner} = $1`, {
        bind: [from, to],
        transaction,
      });
    }
    // Where they sit at a table they stay, under their own name.
    await this.sequelize.query(
      `UPDATE live_presence SET account_id = $2, nickname = NULL WHERE account_id = $1
         AND session_id NOT IN (SELECT session_id FROM live_presence WHERE account_id = $2)`,
      { bind: [from, to], transaction },
    );
    await this.sequelize.query(`DELETE FROM accounts WHERE id = $1 AND role = 'guest'`, {
      bind: [from],
      transaction,
    });
  }
}
