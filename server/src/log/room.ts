import { LRUCache } from 'lru-cache';
import type { Sequelize } from 'sequelize';
import { MOST_KEPT } from '../upkeep/limits.js';
import { noRoom } from '../upkeep/room.js';
import { hasMoreThan } from './queries.js';

/** After so many records added by this process the database is asked again. */
const BETWEEN = 100;
const MOST_REMEMBERED = 10_000;

/**
 * Keeps a log from growing for ever. Counting takes longer than adding, so it is done at the first
 * record an account adds through this process, and then now and again: the limit may be passed by a
 * hundred for each process. Deleted records count as long as they are kept.
 */
export class LogRoom {
  private readonly added = new LRUCache<string, number>({ max: MOST_REMEMBERED });

  constructor(
    private readonly sequelize: Sequelize,
    private readonly most: number = MOST_KEPT.records,
  ) {}

  /** @throws HttpProblem 409 when the log is full. */
  async forOne(account: string): Promise<void> {
    const since = this.added.get(account);
    if (since === undefined || since >= BETWEEN) {
      await this.forMany(account, 1);
      this.added.set(account, 1);
    } else this.added.set(account, since + 1);
  }

  /** @throws HttpProblem 409 when so many more do not fit. */
  async forMany(account: string, count: number): Promise<void> {
    const most = Math.max(0, this.most - count);
    if (count > this.most || (await hasMoreThan(this.sequelize, account, most))) {
      throw noRoom('records', this.most);
    }
  }
}
