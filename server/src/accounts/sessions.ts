import { randomUUID } from 'node:crypto';
import type { Request, Response } from 'express';
import { LRUCache } from 'lru-cache';
import {
  Op,
  type Attributes,
  type Sequelize,
  type Transaction,
  type WhereOptions,
} from 'sequelize';
import type { SignedIn } from '@sleetcrest/contract/accounts';
import type { Caller } from '../access/caller.js';
import { modelsOf, type Models } from '../database/models/index.js';
import type { SessionRow } from '../database/models/account.js';
import { inside, transaction } from '../database/transaction.js';
import { takeSeats } from '../live/seats.js';
import { HttpProblem } from '../http/problem.js';
import { beginByPhrase, seenToday, signedIn, whoCalls } from './queries.js';
import { Secrets } from './secrets.js';
import type { Known } from './service.js';
import { giveToken, hashOf, isGiven, newToken, SESSION_LASTS, tokenOf } from './tokens.js';
import { SAY } from './words.js';

const MOST_BELIEVED = 10_000;

/**
 * Who is behind a token. Sessions are in the database, and it is asked each time: what one process
 * ends, all others know from that moment on.
 */
export class Sessions {
  /** Who was behind a token when last asked: only for what asks the database itself (`believed`). */
  private readonly last = new LRUCache<string, { caller: Caller; hash: Buffer }>({
    max: MOST_BELIEVED,
  });
  private readonly secrets: Secrets;
  private readonly models: Models;

  constructor(private readonly sequelize: Sequelize) {
    this.secrets = new Secrets(sequelize);
    this.models = modelsOf(sequelize);
  }

  /** Who calls; undefined for somebody who has kept nothing and is not signed in. */
  async callerOf(request: Request): Promise<Caller | undefined> {
    const token = tokenOf(request);
    if (token === undefined) return undefined;
    const hash = hashOf(token);
    const known = await whoCalls(this.sequelize, hash);
    if (!known) {
      this.last.delete(token);
      return undefined;
    }
    const { stale, ...caller } = known;
    this.last.set(token, { caller, hash });
    if (stale) await seenToday(this.sequelize, hash);
    return caller;
  }

  /**
   * Who called by this token before, without asking whether they still may. For a statement that
   * makes sure of it itself (`LogService.add`), so that it is the only one.
   */
  believed(request: Request): Caller | undefined {
    const token = tokenOf(request);
    return token === undefined ? undefined : this.last.get(token)?.caller;
  }

  /** By what the database knows the session a request came with. */
  hashOf(request: Request): Buffer {
    const token = tokenOf(request) ?? '';
    return this.last.get(token)?.hash ?? hashOf(token);
  }

  /**
   * Asks whether somebody who was believed may still call.
   * @throws HttpProblem 401 when they may not.
   */
  async confirm(request: Request, account: string): Promise<void> {
    if ((await this.callerOf(request))?.id === account) return;
    throw new HttpProblem(401, SAY.signInAgain);
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
    const { accounts } = this.models;
    const made = await transaction(this.sequelize, async (whole) => {
      await accounts.create({ id, role: 'guest' }, { transaction: whole });
      const inserted = await this.insert(tokenHash, id, whole);
      if (!inserted) await accounts.destroy({ where: { id }, transaction: whole });
      return inserted;
    });
    if (made) return { id, role: 'guest', name: null, begins: false };
    // Another request of the same browser was first.
    const caller = await this.callerOf(request);
    if (caller) return caller;
    throw new HttpProblem(401, SAY.loadAgain);
  }

  /**
   * Begins a session for whoever gave an account's phrase, under a token that nobody had before; gives
   * whether it did. It does not when the phrase was changed since it was looked at: whoever changes it
   * ends all sessions, and this would be one more.
   */
  async beginBy(request: Request, response: Response, { id, phraseHash }: Known): Promise<boolean> {
    const token = newToken(await this.secrets.forTokens());
    const begun = await beginByPhrase(this.sequelize, {
      tokenHash: hashOf(token),
      account: id,
      phraseHash,
      expiresAt: new Date(Date.now() + SESSION_LASTS),
    });
    if (!begun) return false;
    await this.end(request);
    giveToken(request, response, token);
    return true;
  }

  /** Begins a session for an account, under a token that nobody had before. */
  async begin(
    request: Request,
    response: Response,
    account: string,
    within?: Transaction,
  ): Promise<void> {
    await this.end(request, within);
    const token = newToken(await this.secrets.forTokens());
    await this.insert(hashOf(token), account, within);
    giveToken(request, response, token);
  }

  private async insert(
    tokenHash: Buffer,
    accountId: string,
    within?: Transaction,
  ): Promise<boolean> {
    const expiresAt = new Date(Date.now() + SESSION_LASTS);
    await this.models.sessions.bulkCreate([{ tokenHash, accountId, expiresAt }], {
      ignoreDuplicates: true,
      ...inside(within),
    });
    return this.isOf(tokenHash, accountId, within);
  }

  private async isOf(tokenHash: Buffer, accountId: string, within?: Transaction): Promise<boolean> {
    return (
      (await this.models.sessions.count({ where: { tokenHash, accountId }, ...inside(within) })) > 0
    );
  }

  /** Ends the session a request came with, and the seat of who is signed in nowhere any more. */
  async end(request: Request, within?: Transaction): Promise<void> {
    const token = tokenOf(request);
    if (token === undefined) return;
    await this.endWhere({ tokenHash: hashOf(token) }, within);
  }

  /** Ends all sessions of an account, wherever they are; but that with this token, if one is given. */
  async endAll(account: string, within?: Transaction, but?: Buffer): Promise<void> {
    const others = but ? { tokenHash: { [Op.ne]: but } } : {};
    await this.endWhere({ accountId: account, ...others }, within);
  }

  /** Gives this browser a token that nobody knows, and ends all other sessions of the account. */
  async renew(
    request: Request,
    response: Response,
    account: string,
    within: Transaction,
  ): Promise<void> {
    const token = newToken(await this.secrets.forTokens());
    await this.insert(hashOf(token), account, within);
    await this.endAll(account, within, hashOf(token));
    giveToken(request, response, token);
  }

  /** Ends one of an account's sessions, in whichever browser it is. */
  async endOne(account: string, id: string): Promise<void> {
    const ended = await this.endWhere({ accountId: account, id });
    if (!ended) throw new HttpProblem(404, SAY.notSignedInThere);
  }

  /** Where somebody is signed in. */
  async of(account: string, request: Request): Promise<SignedIn> {
    const rows = await signedIn(this.sequelize, account, this.hashOf(request));
    return {
      items: rows.map((row) => ({
        id: row.id,
        since: row.created_at.toISOString(),
        seenOn: row.seen_on,
        here: row.here,
      })),
    };
  }

  private endWhere(
    where: WhereOptions<Attributes<SessionRow>>,
    within?: Transaction,
  ): Promise<boolean> {
    return transaction(
      this.sequelize,
      async (whole) => {
        const { sessions } = this.models;
        const ending = await sessions.findAll({ where, lock: true, transaction: whole });
        if (ending.length === 0) return false;
        await sessions.destroy({ where, transaction: whole });
        const accounts = [...new Set(ending.map(({ accountId }) => accountId))];
        await takeSeats(this.sequelize, whole, { accounts, onlySignedOut: true });
        return true;
      },
      within,
    );
  }
}
