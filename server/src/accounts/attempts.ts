import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import type { Sequelize } from 'sequelize';
import { HttpProblem } from '../http/problem.js';

/** How many phrases may be tried wrongly before there is a pause, and how long that is. */
export interface Patience {
  perAccount: number;
  perAddress: number;
  seconds: number;
}
export const PATIENCE: Patience = { perAccount: 5, perAddress: 40, seconds: 60 };
const FORGOTTEN_AFTER = 15 * 60;

/**
 * Slows down whoever tries phrases: after some failures for an account, or from an address, there
 * is a pause. A phrase that is right ends the account's count.
 */
export class Attempts {
  private readonly account: RateLimiterPostgres;
  private readonly address: RateLimiterPostgres;

  constructor(sequelize: Sequelize, { perAccount, perAddress, seconds }: Patience = PATIENCE) {
    const common = {
      storeClient: sequelize,
      tableName: 'sign_in_failures',
      tableCreated: true,
      duration: FORGOTTEN_AFTER,
      blockDuration: seconds,
    };
    this.account = new RateLimiterPostgres({
      ...{ ...common, keyPrefix: 'account', points: perAccount },
    });
    this.address = new RateLimiterPostgres({
      ...{ ...common, keyPrefix: 'address', points: perAddress },
    });
  }

  /** @throws HttpProblem 429 while there is a pause. */
  async mayTry(account: string, address: string): Promise<void> {
    for (const [limiter, key] of [
      [this.account, account],
      [this.address, address],
    ] as const) {
      const known = await limiter.get(key);
      if (known && known.consumedPoints > limiter.points) throw paused(known);
    }
  }

  /** Takes note of a wrong phrase. */
  async failed(account: string, address: string): Promise<void> {
    for (const [limiter, key] of [
      [this.account, account],
      [this.address, address],
    ] as const) {
      await limiter.consume(key).catch((error: unknown) => {
        if (!(error instanceof RateLimiterRes)) throw error;
      });
    }
  }

  async succeeded(account: string): Promise<void> {
    await this.account.delete(account);
  }
}

function paused({ msBeforeNext }: RateLimiterRes): HttpProblem {
  const seconds = Math.max(1, Math.ceil(msBeforeNext / 1000));
  return new HttpProblem(
    429,
    `That was tried too often. Wait ${seconds} seconds, then try again with the right phrase.`,
    undefined,
    { 'retry-after': String(seconds) },
  );
}
