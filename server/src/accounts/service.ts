import { randomUUID } from 'node:crypto';
import type { Account, ChangeAccount, Role, SignIn, SignUp } from '@sleetcrest/contract/accounts';
import { hash, verify } from '@node-rs/argon2';
import { QueryTypes, UniqueConstraintError, type Sequelize, type Transaction } from 'sequelize';
import type { Caller } from '../access/caller.js';
import { BEFORE_ACCOUNTS } from '../database/migrations/0004-accounts.js';
import { HttpProblem } from '../http/problem.js';

/** argon2id as OWASP advises it: 19 MiB of memory, two passes (the package's own defaults). */
const ARGON = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** Checked when there is no such name, so that it takes as long as when there is one. */
const NOBODY = hash('nobody has this phrase', ARGON);

/** Names are compared without regard to case, accents written in two ways, and spaces. */
export const nameKey = (name: string): string =>
  name.normalize('NFKC').toLocaleLowerCase('en').replaceAll(/\s+/g, ' ').trim();

interface Row {
  id: string;
  role: Role;
  name: string;
  phrase_hash: string;
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
    const phraseHash = await hash(phrase, ARGON);
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

  /** The account of a name and phrase; null when either is wrong. */
  async find({ name, phrase }: SignIn): Promise<Account | null> {
    const row = await this.row('name_key = $1', nameKey(name));
    const right = await verify(row?.phrase_hash ?? (await NOBODY), phrase);
    return row && right ? { id: row.id, name: row.name, role: row.role } : null;
  }

  /** What a guest kept becomes the account's; the guest is gone. */
  async adopt(guest: Caller, account: string): Promise<void> {
    await this.sequelize.transaction((transaction) =>
      this.takeOver(guest.id, account, transaction),
    );
  }

  /** Changes name or phrase; a wrong phrase is refused and changes nothing. */
  async change(account: Account, { name, phrase }: ChangeAccount): Promise<Account> {
    if (phrase) await this.confirm(account, phrase.now);
    const phraseHash = phrase && (await hash(phrase.next, ARGON));
    await this.refuseTaken(name ?? account.name, () =>
      this.sequelize.query(
        `UPDATE accounts SET name = $2, name_key = $3, phrase_hash = coalesce($4, phrase_hash)
         WHERE id = $1`,
        {
          bind: [
            account.id,
            name ?? account.name,
            nameKey(name ?? account.name),
            phraseHash ?? null,
          ],
        },
      ),
    );
    return { ...account, name: name ?? account.name };
  }

  async setPhrase(account: string, phrase: string): Promise<void> {
    await this.sequelize.query('UPDATE accounts SET phrase_hash = $2 WHERE id = $1', {
      bind: [account, await hash(phrase, ARGON)],
    });
  }

  /** Deletes the account and everything kept for it. */
  async remove(account: Account, phrase: string): Promise<void> {
    await this.confirm(account, phrase);
    await this.sequelize.query('DELETE FROM accounts WHERE id = $1', { bind: [account.id] });
  }

  private async confirm({ id }: Account, phrase: string): Promise<void> {
    const row = await this.row('id = $1', id);
    if (row && (await verify(row.phrase_hash, phrase))) return;
    throw new HttpProblem(403, 'That is not your pass phrase; nothing was changed.');
  }

  private async row(where: string, value: string): Promise<Row | undefined> {
    const [row] = await this.sequelize.query<Row>(
      `SELECT id, role, name, phrase_hash FROM accounts WHERE ${where} AND role <> 'guest'`,
      { bind: [value], type: QueryTypes.SELECT },
    );
    return row;
  }

  private async refuseTaken(name: string, change: () => Promise<unknown>): Promise<void> {
    try {
      await change();
    } catch (error) {
      if (!(error instanceof UniqueConstraintError)) throw error;
      const message = `${name} is taken here; add something to it`;
      throw new HttpProblem(409, `The request was refused: name: ${message}.`, [
        { path: 'name', message },
      ]);
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
    await this.sequelize.query(`DELETE FROM accounts WHERE id = $1 AND role = 'guest'`, {
      bind: [from],
      transaction,
    });
  }
}
