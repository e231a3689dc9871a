import type { Ending } from '@sleetcrest/contract/table';
import type { Request, Response } from 'express';
import type { Sequelize } from 'sequelize';
import { HttpProblem } from '../http/problem.js';
import { readsLoosely } from '../http/reads.js';
import { Hub } from './hub.js';
import { LiveNews, PULSE, type Heard } from './news.js';
import { present, sessionWhole, standings, type Followed, type Standing } from './queries.js';
import { lineOf, Stream, STREAM_HEADERS, type Following } from './stream.js';
import { SAY } from './words.js';

/** The most pages on which one person follows something at once, and on which all do through one process. */
const MOST_OF_ONE = 12;
const MOST_OF_ALL = 4000;
/** Every how many beats a seat gets one, and how many pages get theirs in one go. */
const SEATS_EVERY = 2;
const IN_ONE_GO = 20;
/** Milliseconds between looks whether all who follow something still may, and how many are asked about at once. */
const CHECKED = 60_000;
const AT_ONCE = 500;

/** Why somebody follows no more; undefined where they may go on. */
function endOf({ isBoard }: Stream, now: Standing): Ending | undefined {
  if (!now.held) return 'ended';
  if (!now.signed_in) return 'signed out';
  if (now.archived) return 'archived';
  if (isBoard ? !now.teaches : !now.sits) return isBoard ? 'no right' : 'taken off';
  return undefined;
}

/**
 * The pages that follow sessions through this process (server-sent events). Whether each still may is looked at
 * again whenever anything is told that bears on it, and each minute.
 */
export class Streams {
  private readonly hubs = new Map<string, Hub>();
  private readonly news: LiveNews;
  private readonly owners = new Map<string, number>();
  private checking: NodeJS.Timeout | undefined;
  private count = 0;
  private beats = 0;

  constructor(private readonly sequelize: Sequelize) {
    this.news = new LiveNews(sequelize, (heard) => this.hear(heard));
  }

  /** How many pages follow something, and how long ago a notice was heard. */
  get figures(): { streams: number; newsAge: number | undefined } {
    return { streams: this.count, newsAge: this.news.age };
  }

  /**
   * Opens a stream. `followed` is asked once what happens is heard, so that nothing falls between; what it
   * throws is the answer.
   * @throws HttpProblem 429 where they follow more than anybody has pages, 503 where the process has all it can.
   */
  async open(
    request: Request,
    response: Response,
    who: Following,
    followed: () => Promise<Followed>,
  ): Promise<void> {
    if (request.method === 'HEAD') {
      await followed();
      response.status(200).set(STREAM_HEADERS).end();
      return;
    }
    const leave = this.take(who.account);
    const hub = this.hubOf(who.live);
    const stream = new Stream(who, readsLoosely(request), response);
    let isGone = false;
    const gone = (): void => {
      if (isGone) return;
      isGone = true;
      hub.streams.delete(stream);
      hub.pages--;
      if (hub.pages === 0) this.hubs.delete(who.live);
      leave();
    };
    try {
      await this.news.begin();
      await hub.join(stream, followed, () => stream.begin(request, gone));
    } catch (error) {
      gone();
      if (!response.headersSent) throw error;
      response.destroy();
    }
  }

  /** Ends all: the pages come back at once, to a process that is there. */
  async close(): Promise<void> {
    for (const stream of this.all()) stream.hand();
    clearInterval(this.checking);
    await this.news.close();
  }

  private take(account: string): () => void {
    const own = this.owners.get(account) ?? 0;
    if (own >= MOST_OF_ONE) {
      throw new HttpProblem(429, SAY.tooManyPages);
    }
    if (this.count >= MOST_OF_ALL) {
      throw new HttpProblem(503, SAY.tooManyFollow);
    }
    this.owners.set(account, own + 1);
    this.count++;
    this.checking ??= setInterval(() => void this.check(this.all()), CHECKED).unref();
    let left = false;
    return () => {
      if (left) return;
      left = true;
      this.count--;
      const rest = (this.owners.get(account) ?? 1) - 1;
      if (rest > 0) this.owners.set(account, rest);
      else this.owners.delete(account);
      if (this.count > 0) return;
      clearInterval(this.checking);
      this.checking = undefined;
      this.news.end();
    };
  }

  private hubOf(live: string): Hub {
    let hub = this.hubs.get(live);
    if (!hub) {
      hub = new Hub(live, {
        session: (of) => sessionWhole(this.sequelize, of),
        present: (of) => present(this.sequelize, of),
        presentOne: async (of, who) => (await present(this.sequelize, of, who))[0],
      });
      this.hubs.set(live, hub);
    }
    hub.pages++;
    return hub;
  }

  private all(): Stream[] {
    return [...this.hubs.values()].flatMap(({ streams }) => [...streams]);
  }

  private hear(heard: Heard): void {
    if (heard.of === 'beat') void this.beat();
    else if (heard.of === 'all') {
      for (const hub of this.hubs.values()) hub.hear(heard);
      void this.check(this.all());
    } else if (heard.of === 'rights') {
      const { accounts } = heard;
      void this.check(
        this.all().filter(({ account }) => accounts === null || accounts.includes(account)),
      );
    } else this.hubs.get(heard.live)?.hear(heard);
  }

  /**
   * Gives a sign of life to pages that were told nothing just now: to boards each time, to seats every other. Not to all
   * in one go, which would keep everybody waiting who asks something.
   */
  private async beat(): Promise<void> {
    this.beats++;
    const silent = Date.now() - PULSE / 2;
    const meant = this.all().filter(
      ({ isBoard, lastTold }) => lastTold < silent && (isBoard || this.beats % SEATS_EVERY === 0),
    );
    const line = lineOf({ is: 'beat', now: new Date().toISOString() });
    for (const [k, stream] of meant.entries()) {
      stream.send(line);
      if (k % IN_ONE_GO === IN_ONE_GO - 1) await new Promise((resolve) => setImmediate(resolve));
    }
  }

  /** Looks whether some who follow still may, and ends what those follow who may not. */
  private async check(streams: readonly Stream[]): Promise<void> {
    try {
      for (let from = 0; from < streams.length; from += AT_ONCE) {
        const some = streams.slice(from, from + AT_ONCE);
        const found = await standings(this.sequelize, some);
        for (const [k, now] of found.entries()) {
          const why = endOf(some[k]!, now);
          if (why) this.hubs.get(some[k]!.live)?.close(some[k]!, why);
        }
      }
    } catch {
      // The database cannot be asked just now: pages see that they may be behind, and it is asked again.
    }
  }
}
