import { randomUUID } from 'node:crypto';
import type { Request, Response } from 'express';
import { LRUCache } from 'lru-cache';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import type { Caller } from '../access/caller.js';
import { inside } from '../database/inside.js';
import { giveToken, hashOf, newToken, SESSION_LASTS, tokenOf } from './tokens.js';

/** How long a session is believed before the database is asked again. */
const BELIEVED = 10_000;
const MOST_BELIEVED = 10_000;

/**
 * Who is behind a token. Sessions are in the database; what was asked lately is remembered here, and
 * forgotten as soon as this server changes it.
 */
export class Sessions {
  private readonly known = new LRUCache<string, Caller>({ max: MOST_BELIEVED, ttl: BELIEVED });

  constructor(private readonly sequelize: Sequelize) {}

  /** Who calls; undefined for somebody who has kept nothing and is not signed in. */
  async callerOf(request: Request): Promise<Caller | undefined> {
    const token = tokenOf(request);
    if (token === undefined) return undefined;
    const known = this.known.get(token);
    if (known) return known;
    const [caller] = await this.sequelize.query<Caller>(
      `SELECT accounts.id, accounts.role, accounts.name
       FROM sessions JOIN accounts ON accounts.id = sessions.account_id
       WHERE token_hash = $1 AND expires_at > now()`,
      { bind: [hashOf(token)], type: QueryTypes.SELECT },
    );
    if (caller) this.known.set(token, caller);
    return caller;
  }

  /** Gives a browser that has none a token, under which a guest's things can be kept later. */
  offerToken(request: Request, response: Response): void {
    if (tokenOf(request) === undefined) giveToken(request, response, newToken());
  }

  /**
   * Makes whoever calls a guest, so that they can keep something. The same token makes the same
   * guest: a request that is sent again, or at the same moment, keeps nothing twice.
   */
  async admitGuest(request: Request, response: Response): Promise<Caller> {
    let token = tokenOf(request);
    if (token === undefined) giveToken(request, response, (token = newToken()));
    const tokenHash = hashOf(token);
    const id = randomUUID();
    await this.sequelize.transaction(async (transaction) => {
      await this.sequelize.query(`INSERT INTO accounts (id, role) VALUES ($1, 'guest')`, {
        bind: [id],
        transaction,
      });
      const made = await this.insert(tokenHash, id, transaction);
      if (!made)
        await this.sequelize.query('DELETE FROM accounts WHERE id = $1', {
          bind: [id],
          transaction,
        });
    });
    const caller = await this.callerOf(request);
    return caller ?? { id, role: 'guest', name: null };
  }

  /** Begins a session for an account, under a token that nobody had before. */
  async begin(
    request: Request,
    response: Response,
    account: string,
    transaction?: Transaction,
  ): Promise<void> {
    const before = tokenOf(request);
    if (before !== undefined) await this.end(request, transaction);
    const token = newToken();
    await this.insert(hashOf(token), account, transaction);
    giveToken(request, response, token);
  }

  private async insert(
    tokenHash: Buffer,
    account: string,
    transaction?: Transaction,
  ): Promise<boolean> {
    const rows = await this.sequelize.query(
      `INSERT INTO sessions (token_hash, account_id, expires_at)
       VALUES ($1, $2, $3) ON CONFLICT DO NOTHING RETURNING account_id`,
      {
        bind: [tokenHash, account, new Date(Date.now() + SESSION_LASTS)],
        type: QueryTypes.SELECT,
        ...inside(transaction),
      },
    );
    return rows.length > 0;
  }

  /** Ends the session a request came with. */
  async end(request: Request, transaction?: Transaction): Promise<void> {
    const token = tokenOf(request);
    if (token === undefined) return;
    this.known.delete(token);
    await this.sequelize.query('DELETE FROM sessions WHERE token_hash = $1', {
      bind: [hashOf(token)],
      ...inside(transaction),
    });
  }

  /** Ends all sessions of an account, wherever they are. */
  async endAll(account: string, transaction?: Transaction): Promise<void> {
    await this.sequelize.query('DELETE FROM sessions WHERE account_id = $1', {
      bind: [account],
      ...inside(transaction),
    });
    this.forget(account);
  }

  /** What is remembered of an account is asked anew. */
  forget(account: string): void {
    for (const [token, caller] of this.known.entries()) {
      if (caller.id === account) this.known.delete(token);
    }
  }
}
