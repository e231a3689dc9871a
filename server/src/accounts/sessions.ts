import { randomUUID } from 'node:crypto';
import type { Request, Response } from 'express';
import { LRUCache } from 'lru-cache';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import type { Caller } from '../access/caller.js';
import { withConnection } from '../database/connection.js';
import { inside } from '../database/inside.js';
import { HttpProblem } from '../http/problem.js';
import { Secrets } from './secrets.js';
import type { Known } from './service.js';
import { giveToken, hashOf, isGiven, newToken, SESSION_LASTS, tokenOf } from './tokens.js';

const MOST_BELIEVED = 10_000;

/** Asked for with nearly every request: prepared once on each connection. */
const WHO_CALLS = {
  name: 'who calls',
  text: `SELECT accounts.id, accounts.role, accounts.name, phrase_given AS begins,
           seen_on < current_date AS stale
         FROM sessions JOIN accounts ON accounts.id = sessions.account_id
         WHERE token_hash = $1 AND expires_at > now()`,
};

/**
 * Who is behind a token. Sessions are in the database, and it is asked each time: what one process
 * ends, all others know from that moment on.
 */
export class Sessions {
  /** Who was behind a token when last asked: only for what asks the database itself (`believed`). */
  private readonly last = new LRUCache<string, Caller>({ max: MOST_BELIEVED });
  private readonly secrets: Secrets;

  constructor(private readonly sequelize: Sequelize) {
    this.secrets = new Secrets(sequelize);
  }

  /** Who calls; undefined for somebody who has kept nothing and is not signed in. */
  async callerOf(request: Request): Promise<Caller | undefined> {
    const token = tokenOf(request);
    if (token === undefined) return undefined;
    const hash = hashOf(token);
    const { rows } = await withConnection(this.sequelize, (connection) =>
      connection.query<Caller & { stale: boolean }>({ ...WHO_CALLS, values: [hash] }),
    );
    if (!rows[0]) {
      this.last.delete(token);
      return undefined;
    }
    const { stale, ...caller } = rows[0];
    this.last.set(token, caller);
    if (stale) await this.seen(hash);
    return caller;
  }

  /**
   * Who called by this token before, without asking whether they still may. For a statement that
   * makes sure of it itself (`LogService.add`), so that it is the only one.
   */
  believed(request: Request): Caller | undefined {
    const token = tokenOf(request);
    return token === undefined ? undefined : this.last.get(token);
  }

  /** By what the database knows the session a request came with. */
  hashOf(request: Request): Buffer {
    return hashOf(tokenOf(request) ?? '');
  }

  /**
   * Asks whether somebody who was believed may still call.
   * @throws HttpProblem 401 when they may not.
   */
  async confirm(request: Request, account: string): Promise<void> {
    if ((await this.callerOf(request))?.id === account) return;
    throw new HttpProblem(401, 'Your session has ended: sign in again. Nothing was changed.');
  }

  /** Gives a browser that has none a token, under which a guest's things can be kept later. */
  async offerToken(request: Request, response: Response): Promise<void> {
    if (tokenOf(request) === undefined) await this.give(request, response);
  }

  private async give(request: Request, response: Response): Promise<string> {
    const token = newToken(await this.secrets.forTokens());
    giveToken(request, response, token);
    return token;
  }

  /**
   * Makes whoever calls a guest, so that they can keep something. The same token makes the same
   * guest: a request that is sent again, or at the same moment, keeps nothing twice. A token that was
   * not given by us makes none: whoever chose it would know it.
   */
  async admitGuest(request: Request, response: Response): Promise<Caller> {
    const sent = tokenOf(request);
    const given = sent !== undefined && isGiven(sent, await this.secrets.forTokens());
    const tokenHash = hashOf(given ? sent : await this.give(request, response));
    const id = randomUUID();
    const made = await this.sequelize.transaction(async (transaction) => {
      await this.sequelize.query(`INSERT INTO accounts (id, role) VALUES ($1, 'guest')`, {
        ...{ bind: [id], transaction },
      });
      const inserted = await this.insert(tokenHash, id, transaction);
      if (!inserted)
        await this.sequelize.query('DELETE FROM accounts WHERE id = $1', {
          ...{ bind: [id], transaction },
        });
      return inserted;
    });
    if (made) return { id, role: 'guest', name: null, begins: false };
    // Another request of the same browser was first.
    const caller = await this.callerOf(request);
    if (caller) return caller;
    throw new HttpProblem(401, 'Your session has ended: load the page again. Nothing was changed.');
  }

  /**
   * Begins a session for whoever gave an account's phrase, under a token that nobody had before; gives
   * whether it did. It does not when the phrase was changed since it was looked at: whoever changes it
   * ends all sessions, and this would be one more.
   */
  async beginBy(request: Request, response: Response, { id, phraseHash }: Known): Promise<boolean> {
    const token = newToken(await this.secrets.forTokens());
    const begun = await this.sequelize.query(
      `INSERT INTO sessions (token_hash, account_id, expires_at)
       SELECT $1, id, $2::timestamptz
       FROM (SELECT id FROM accounts WHERE id = $3 AND phrase_hash = $4 FOR SHARE) account
       RETURNING account_id`,
      {
        bind: [hashOf(token), new Date(Date.now() + SESSION_LASTS), id, phraseHash],
        type: QueryTypes.SELECT,
      },
    );
    if (begun.length === 0) return false;
    await this.end(request);
    giveToken(request, response, token);
    return true;
  }

  /** Begins a session for an account, under a token that nobody had before. */
  async begin(
    request: Request,
    response: Response,
    account: string,
    transaction?: Transaction,
  ): Promise<void> {
    await this.end(request, transaction);
    const token = newToken(await this.secrets.forTokens());
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
  }

  /** Once a day: sessions that are used no more are not kept. */
  private async seen(tokenHash: Buffer): Promise<void> {
    await this.sequelize.query(
      'UPDATE sessions SET seen_on = current_date WHERE token_hash = $1 AND seen_on < current_date',
      { bind: [tokenHash] },
    );
  }
}
