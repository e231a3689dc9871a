import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import { placeOf } from '../accounts/tries.js';
import { HttpProblem } from '../http/problem.js';
import { SAY } from './words.js';

const SECONDS = 10;
/** A page tells where somebody is whenever that changes, at most every 600 milliseconds, and has a few tabs. */
const OF_ONE = 60;
/** A school with all its classes comes from one address. */
const OF_PLACE = 20_000;

/**
 * How often one page, or one place, may say where somebody is. Counted by each process for itself: it is there
 * to keep a page that has gone wrong from taking others along, and asks nobody.
 */
export class SignsOfLife {
  private readonly ofOne = new RateLimiterMemory({ points: OF_ONE, duration: SECONDS });
  private readonly ofPlace = new RateLimiterMemory({ points: OF_PLACE, duration: SECONDS });

  /** @throws HttpProblem 429 where it is too often. */
  async count(account: string, address: string): Promise<void> {
    try {
      await this.ofOne.consume(account);
      await this.ofPlace.consume(placeOf(address));
    } catch (error) {
      if (!(error instanceof RateLimiterRes)) throw error;
      throw new HttpProblem(429, SAY.tooManySigns, undefined, {
        'retry-after': String(Math.max(1, Math.ceil(error.msBeforeNext / 1000))),
      });
    }
  }
}
