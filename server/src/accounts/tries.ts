import ipaddr from 'ipaddr.js';
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import type { Sequelize } from 'sequelize';
import { HttpProblem } from '../http/problem.js';
import { isFamiliar, placeHash, rememberPlace } from './queries.js';
import { SAY } from './words.js';

/** So many tries within so many seconds; then none for some. */
interface Bound {
  points: number;
  within: number;
  pause: number;
}

/** How often each thing may be tried, or asked for, before there is a pause. */
export interface Patience {
  /** Phrases for one account from one address. */
  pair: Bound;
  /** Phrases for one account from all addresses it never signed in at. */
  account: Bound;
  /** Phrases from one address for all accounts that never signed in there. */
  address: Bound;
  /** Group codes of one learner, and from one address. */
  code: Bound;
  codesFromAddress: Bound;
  /** Accounts, and guests, made from one address. */
  signUp: Bound;
  guest: Bound;
  /** Phrases that a coach sets for learners. */
  setting: Bound;
  /** Names that were taken, of accounts wanted at one address. */
  taken: Bound;
  /** Lists of names that a coach has looked at, and printed guides, by one account or from one address. */
  checked: Bound;
  printed: Bound;
}

const MINUTE = 60;
export const PATIENCE: Patience = {
  pair: { points: 5, within: 15 * MINUTE, pause: MINUTE },
  account: { points: 100, within: 60 * MINUTE, pause: 5 * MINUTE },
  // A class signs in for the first time from one address, and types as children do.
  address: { points: 600, within: 15 * MINUTE, pause: MINUTE },
  code: { points: 10, within: 15 * MINUTE, pause: MINUTE },
  codesFromAddress: { points: 300, within: 15 * MINUTE, pause: MINUTE },
  // A school's classes sign up from one address within one lesson.
  signUp: { points: 400, within: 10 * MINUTE, pause: MINUTE },
  guest: { points: 600, within: 10 * MINUTE, pause: MINUTE },
  setting: { points: 60, within: 10 * MINUTE, pause: MINUTE },
  taken: { points: 400, within: 10 * MINUTE, pause: MINUTE },
  checked: { points: 60, within: 10 * MINUTE, pause: MINUTE },
  printed: { points: 60, within: 10 * MINUTE, pause: MINUTE },
};

/** Who tries a phrase: `account` is an id, or something made of a name that nobody has. */
export interface Trier {
  account: string;
  address: string;
}

/** Where somebody is: an IPv4 address, or the half of an IPv6 one that a household or school has. */
export function placeOf(ip: string | undefined): string {
  if (ip === undefined || !ipaddr.isValid(ip)) return 'unknown';
  const address = ipaddr.process(ip);
  return address instanceof ipaddr.IPv6 ? address.parts.slice(0, 4).join(':') : address.toString();
}

/**
 * Slows down whoever tries phrases and codes, or makes accounts. A try is counted before it is made,
 * by the database, so that many at once are as many; one that was right is given back. Where an
 * account signed in before, nobody else's tries keep it out.
 */
export class Tries {
  private readonly limiters: Record<keyof Patience, RateLimiterPostgres>;

  constructor(
    private readonly sequelize: Sequelize,
    patience: Patience = PATIENCE,
  ) {
    const limiter = ([name, { points, within, pause }]: [string, Bound]) => [
      name,
      new RateLimiterPostgres({
        storeClient: sequelize,
        tableName: 'tries',
        tableCreated: true,
        clearExpiredByTimeout: false,
        keyPrefix: name,
        points,
        duration: within,
        blockDuration: pause,
      }),
    ];
    this.limiters = Object.fromEntries(
      Object.entries(patience as unknown as Record<string, Bound>).map(limiter),
    ) as typeof this.limiters;
  }

  /**
   * Tries a phrase: `attempt` gives null when it is wrong.
   * @throws HttpProblem 429 while there is a pause.
   */
  async phrase<T>(
    { account, address }: Trier,
    attempt: () => Promise<T | null>,
  ): Promise<T | null> {
    const place = placeOf(address);
    const familiar = await isFamiliar(this.sequelize, account, place);
    await this.count('pair', account, place);
    if (!familiar) {
      await this.count('account', account);
      await this.count('address', place);
    }
    const right = await attempt();
    if (right === null) return null;
    await this.limiters.pair.delete(keyOf(account, place));
    if (!familiar) {
      await this.giveBack('account', account);
      await this.giveBack('address', place);
    }
    await rememberPlace(this.sequelize, account, place);
    return right;
  }

  /** An account was made here: its owner is not kept out of it here either. */
  async settled(account: string, address: string): Promise<void> {
    await rememberPlace(this.sequelize, account, placeOf(address));
  }

  /** Tries a group's code; `attempt` throws when there is no such group. */
  async code<T>({ account, address }: Trier, attempt: () => Promise<T>): Promise<T> {
    const place = placeOf(address);
    await this.count('code', account);
    await this.count('codesFromAddress', place);
    const joined = await attempt();
    await this.giveBack('code', account);
    await this.giveBack('codesFromAddress', place);
    return joined;
  }

  /**
   * Makes an account from an address. Only one that was made is counted: a class whose names are taken tries
   * others, which is bounded by itself.
   * @throws HttpProblem 429 while there is a pause.
   */
  async signUp<T>(address: string, attempt: () => Promise<T>): Promise<T> {
    const place = placeOf(address);
    await this.count('signUp', place);
    try {
      return await attempt();
    } catch (error) {
      await this.giveBack('signUp', place);
      if (error instanceof HttpProblem && error.status === 409) await this.count('taken', place);
      throw error;
    }
  }

  /**
   * Counts something that is not given back: guests made from an address, phrases set, lists looked at,
   * guides printed.
   * @throws HttpProblem 429 while there is a pause.
   */
  async made(what: 'guest' | 'printed', address: string): Promise<void> {
    await this.count(what, placeOf(address));
  }

  async checked(coach: string): Promise<void> {
    await this.count('checked', coach);
  }

  async phraseSet(coach: string): Promise<void> {
    await this.count('setting', coach);
  }

  private async count(what: keyof Patience, ...of: string[]): Promise<void> {
    try {
      await this.limiters[what].consume(keyOf(...of));
    } catch (error) {
      if (error instanceof RateLimiterRes) throw paused(error);
      throw error;
    }
  }

  private async giveBack(what: keyof Patience, ...of: string[]): Promise<void> {
    await this.limiters[what].reward(keyOf(...of));
  }
}

/** The table of tries names nobody, and no address. */
const keyOf = (...of: string[]): string => placeHash(...of).toString('base64url');

function paused({ msBeforeNext }: RateLimiterRes): HttpProblem {
  const seconds = Math.max(1, Math.ceil(msBeforeNext / 1000));
  return new HttpProblem(429, SAY.tooOften({ seconds }), undefined, {
    'retry-after': String(seconds),
  });
}
