import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { setTimeout as sleep } from 'node:timers/promises';
import pg from 'pg';
import { randomFrom } from '@sleetcrest/core';
import { rounded } from '../bench/median.js';
import { Nginx } from '../nodes/nginx.js';
import { freePort } from '../ports.js';
import { overThrowaway } from '../postgres/throwaway.js';
import { say } from '../said.js';
import { WebServer } from '../web-server.js';
import { Line, type Answered } from './through.js';

const GROUPS = 30;
const LEARNERS = 30;
const SECONDS = 75;
/** Seconds between two things a learner tells: steps take so long. */
const PAUSE = { least: 2, span: 8 };
/** When each node is restarted, one after the other, and for how long it is away; seconds. */
const RESTARTS = { after: 12, away: 15, between: 10 };
const AT_ONCE = 8;
const SEED = 7;
/** Answers by which a page gives a session up; it comes back after all others. */
const GIVES_UP = [401, 403, 404];

/** A board that is followed: when each learner's newest was seen, whose hand is up, and who sits there. */
interface Board {
  live: string;
  cookie: string;
  /** By which this table reaches the proxy. */
  line: Line;
  seen: Map<string, number>;
  hands: Map<string, boolean>;
  /** What was told at this table and not seen yet, by learner, the oldest first. */
  told: Map<string, { at: number; told: number }[]>;
}

interface Learner {
  cookie: string;
  board: Board;
  id: string;
}

/**
 * Thirty groups of thirty live at once over two nodes behind nginx, both restarted one after the other: how soon what
 * a learner tells is on the board, from the rush of all pages on, and whether a session, seat or hand is lost.
 */
export const loadOfTable = (): Promise<object> =>
  overThrowaway('load-table', async ({ databaseUrl }) => {
    const ports = [await freePort(), await freePort()];
    const start = (port: number): Promise<WebServer> =>
      WebServer.start({ databaseUrl, port, logLevel: 'silent', proxies: '127.0.0.1' });
    const servers = await Promise.all(ports.map(start));
    const [tlsPort, plainPort] = [await freePort(), await freePort()];
    const nginx = await Nginx.start({ tlsPort, plainPort, servers: ports });
    const database = new pg.Client(databaseUrl);
    await database.connect();
    const run = new TableLoad(() => new Line(tlsPort, nginx.certificate), database);
    try {
      await run.people();
      const watching = new AbortController();
      const peaks = watched(servers, watching.signal);
      say(`${GROUPS} groups of ${LEARNERS} come all at once, and work for ${SECONDS} s`);
      const following = run.follow();
      const working = run.work(SECONDS);
      await sleep(RESTARTS.after * 1000);
      for (const [k, port] of ports.entries()) {
        await servers[k]!.stop();
        say(`node ${k + 1} is away`);
        await sleep(RESTARTS.away * 1000);
        servers[k] = await start(port);
        say('it is back');
        if (k === 0) await sleep(RESTARTS.between * 1000);
      }
      await following;
      await working;
      watching.abort();
      const peakMegabytes = await peaks;
      return { ...run.figures(), peakMegabytes, megabytesAllowed: 250 };
    } finally {
      run.close();
      await database.end();
      await nginx.stop();
      await Promise.all(servers.map((server) => server.stop()));
    }
  });

/** The most memory each node ever held, in megabytes. */
async function watched(servers: readonly WebServer[], ended: AbortSignal): Promise<number[]> {
  const peaks = servers.map(() => 0);
  while (!ended.aborted) {
    for (const [node, server] of servers.entries()) {
      try {
        const status = readFileSync(`/proc/${server.pid}/status`, 'utf8');
        const kilobytes = Number(/VmRSS:\s+(\d+)/.exec(status)?.[1] ?? 0);
        peaks[node] = Math.max(peaks[node]!, Math.round(kilobytes / 1024));
      } catch {
        // It is not there just now.
      }
    }
    await sleep(500);
  }
  return peaks;
}

class TableLoad {
  private readonly boards: Board[] = [];
  private readonly learners: Learner[] = [];
  /** Whose hand was heard of, and how it was; and who was told that they do not sit there. */
  private readonly heardOf = new Map<string, boolean>();
  private readonly unseated = new Set<string>();
  private readonly delays: number[] = [];
  private retried = 0;
  /** What was answered instead of success, and passed when it was asked again. */
  private readonly passing: Record<number, number> = {};
  private reconnected = 0;
  private givenUp = 0;
  private toldToSeats = 0;
  private allThere = 0;
  private readonly random = randomFrom(SEED);
  private isOver = false;

  constructor(
    private readonly newLine: () => Line,
    private readonly database: pg.Client,
  ) {}

  /** Coaches with a session each, and learners who sit there: by the code on the board, as guests do. */
  async people(): Promise<void> {
    for (let group = 0; group < GROUPS; group++) {
      // All come from one address here, which may not let in so many strangers.
      await this.database.query('TRUNCATE tries');
      const account = {
        name: `Coach ${group}`,
        phrase: 'three larches by the shore',
        role: 'coach',
      };
      const line = this.newLine();
      const { cookie = '' } = await right(line, '', 'POST', '/api/accounts', account);
      const made = { id: randomUUID(), name: `G ${group}` };
      await right(line, cookie, 'POST', '/api/groups', made);
      const begun = await right(line, cookie, 'POST', `/api/groups/${made.id}/live`, {
        id: randomUUID(),
      });
      const { id: live, code } = JSON.parse(begun.body) as { id: string; code: string };
      const board = { live, cookie, line, seen: new Map(), hands: new Map(), told: new Map() };
      this.boards.push(board);
      for (let k = 0; k < LEARNERS; k += AT_ONCE) {
        const some = Array.from({ length: Math.min(AT_ONCE, LEARNERS - k) }, (_, j) =>
          this.sit(board, code, `L ${group} ${k + j}`),
        );
        await Promise.all(some);
      }
    }
  }

  private async sit(board: Board, code: string, nickname: string): Promise<void> {
    const { cookie = '' } = await right(board.line, '', 'POST', '/api/live/join', {
      code,
      nickname,
    });
    const learner = { cookie, board, id: '' };
    // Who one is, is told with the first thing one tells.
    learner.id = (await this.tell(learner, 0, false)) ?? '';
    this.learners.push(learner);
  }

  /** Every board and every page follows, all at once, for as long as it takes; resolves once all were there. */
  async follow(): Promise<void> {
    const began = performance.now();
    const opening = [
      ...this.boards.map((board) => this.page(board.cookie, board, true)),
      ...this.learners.map(({ cookie, board }) => this.page(cookie, board, false)),
    ];
    await Promise.all(opening);
    this.allThere = performance.now() - began;
  }

  /** A page that comes back as the server asks of it, unless it is told that there is nothing any more. */
  private page(cookie: string, board: Board, isBoard: boolean): Promise<void> {
    const path = `/api/live/${board.live}/${isBoard ? 'board' : 'seat'}`;
    return new Promise((opened) => {
      let first = true;
      const hear = (event: unknown): void => {
        const { is } = event as { is: string };
        if (is === 'over') this.givenUp++;
        if (isBoard) this.heard(board, event as Heard);
        else this.toldToSeats++;
      };
      const there = (): void => {
        if (!first) this.reconnected++;
        first = false;
        opened();
      };
      void (async () => {
        for (;;) {
          if (this.isOver) return;
          const { status, retry } = await board.line.follow(cookie, path, hear, there);
          if (GIVES_UP.includes(status)) {
            this.givenUp++;
            opened();
            return;
          }
          // Refused for the moment, it is asked again a little later.
          await sleep(status === 200 ? retry : 1000 + this.random(1000));
        }
      })();
    });
  }

  private heard(board: Board, event: Heard): void {
    const all = event.is === 'all' ? event.present : event.is === 'one' ? [event.present] : [];
    for (const one of all as Shown[]) {
      const at = one.here?.at ?? 0;
      board.hands.set(one.id, one.handAt !== null);
      if ((board.seen.get(one.id) ?? -1) >= at) continue;
      board.seen.set(one.id, at);
      const told = board.told.get(one.id) ?? [];
      const found = told.find((each) => each.at === at);
      if (found) this.delays.push(performance.now() - found.told);
      // What was told before it is shown no more.
      board.told.set(
        one.id,
        told.filter((each) => each.at > at),
      );
    }
  }

  async work(seconds: number): Promise<void> {
    const end = performance.now() + seconds * 1000;
    await Promise.all(
      this.learners.map(async (learner, k) => {
        const random = randomFrom(100 + k);
        await sleep(random(PAUSE.span * 1000));
        for (let at = 1; performance.now() < end; at++) {
          const hand = random(8) === 0;
          const { told } = learner.board;
          const all = told.get(learner.id) ?? [];
          all.push({ at, told: performance.now() });
          told.set(learner.id, all);
          if ((await this.tell(learner, at, hand)) !== undefined)
            this.heardOf.set(learner.id, hand);
          await sleep(1000 * PAUSE.least + random(PAUSE.span * 1000));
        }
      }),
    );
    // What is on its way arrives.
    await sleep(3000);
  }

  /** Tells where somebody is until it is heard; gives who it was. */
  private async tell(learner: Learner, at: number, hand: boolean): Promise<string | undefined> {
    const here = {
      doing: 'walk',
      title: 'First corners',
      at,
      of: 200,
      forSeconds: 0,
      usualSeconds: 180,
      hand,
      cube: null,
    };
    for (let tries = 0; tries < 60; tries++) {
      const path = `/api/live/${learner.board.live}/here`;
      const { status, body } = await learner.board.line.ask(learner.cookie, 'PUT', path, here);
      if (status === 200) return (JSON.parse(body) as { id: string }).id;
      if (GIVES_UP.includes(status)) {
        this.unseated.add(learner.id);
        return undefined;
      }
      this.retried++;
      this.passing[status] = (this.passing[status] ?? 0) + 1;
      await sleep(200);
    }
    return undefined;
  }

  figures(): object {
    const delays = [...this.delays].sort((a, b) => a - b);
    const at = (share: number): number => rounded(delays[Math.floor(share * (delays.length - 1))]!);
    const wrong = this.learners.filter(({ id, board }) => {
      const up = this.heardOf.get(id);
      return up !== undefined && board.hands.get(id) !== up;
    });
    const missing = this.learners.filter(({ id, board }) => !board.hands.has(id));
    const unseen = this.boards.reduce(
      (sum, { told }) => sum + [...told.values()].reduce((of, some) => of + some.length, 0),
      0,
    );
    return {
      groups: GROUPS,
      learners: this.learners.length,
      seconds: SECONDS,
      nodes: 2,
      restarted: 2,
      awaySeconds: RESTARTS.away,
      seed: SEED,
      events: delays.length,
      p50: at(0.5),
      p95: at(0.95),
      p99: at(0.99),
      p95Allowed: 300,
      neverSeen: unseen,
      handsWrong: wrong.length,
      seatsLost: this.unseated.size + missing.length,
      sessionsGivenUp: this.givenUp,
      retried: this.retried,
      passing: this.passing,
      pagesReconnected: this.reconnected,
      toldToSeats: this.toldToSeats,
      allThereMilliseconds: rounded(this.allThere),
    };
  }

  close(): void {
    this.isOver = true;
    for (const { line } of this.boards) line.close();
  }
}

async function right(
  line: Line,
  cookie: string,
  method: string,
  path: string,
  body: object,
): Promise<Answered> {
  const answer = await line.ask(cookie, method, path, body);
  if (answer.status >= 300 || answer.status === 0) {
    throw new Error(`${method} ${path}: ${answer.status} ${answer.body}`);
  }
  return answer;
}

/** What a board is told, as far as it is looked at here. */
interface Heard {
  is: string;
  present?: unknown;
}

interface Shown {
  id: string;
  handAt: string | null;
  here: { at: number } | null;
}
