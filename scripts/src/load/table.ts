import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { setTimeout as sleep } from 'node:timers/promises';
import pg from 'pg';
import { randomFrom } from '@sleetcrest/core';
import { rounded } from '../bench/median.js';
import { cookieOf, signUp } from '../people-at-work.js';
import { freePort } from '../ports.js';
import { overThrowaway } from '../postgres/throwaway.js';
import { say } from '../said.js';
import { WebServer } from '../web-server.js';

const GROUPS = 30;
const LEARNERS = 30;
const SECONDS = 40;
/** Seconds between two things a learner tells: steps take so long. */
const PAUSE = { least: 2, span: 8 };
/** When, within the run, one of the nodes is killed. */
const KILLED_AFTER = 12;
const AT_ONCE = 8;

/** A board that is followed: when each learner's newest was seen, and whose hand is up. */
interface Board {
  live: string;
  cookie: string;
  /** Which node it follows now; another once its own is gone. */
  node: number;
  seen: Map<string, number>;
  hands: Map<string, boolean>;
  close: AbortController;
}

interface Told {
  live: string;
  learner: string;
  at: number;
  told: number;
}

/**
 * Thirty groups of thirty live at once over two nodes, one of them killed in the middle: how soon what a
 * learner tells is on the board, and whether a hand that was heard of is ever lost.
 */
export const loadOfTable = (): Promise<object> =>
  overThrowaway('load-table', async ({ databaseUrl }) => {
    const ports = [await freePort(), await freePort()];
    const start = (port: number): Promise<WebServer> =>
      WebServer.start({ databaseUrl, port, logLevel: 'silent' });
    const servers = await Promise.all(ports.map(start));
    const nodes = ports.map((port) => `http://127.0.0.1:${port}`);
    const database = new pg.Client(databaseUrl);
    await database.connect();
    const run = new TableLoad(nodes, database);
    try {
      await run.people();
      await run.follow();
      say(`${GROUPS} groups of ${LEARNERS} are there; they work for ${SECONDS} s`);
      const working = run.work(SECONDS);
      const peaks = watched(servers, SECONDS);
      await sleep(KILLED_AFTER * 1000);
      await servers[1]!.kill();
      say('one node was killed');
      await sleep(2000);
      servers[1] = await start(ports[1]!);
      say('it is back');
      await working;
      return { ...(await run.figures()), peakMegabytes: await peaks, megabytesAllowed: 300 };
    } finally {
      run.close();
      await database.end();
      await Promise.all(servers.map((server) => server.stop()));
    }
  });

/** The most memory each node ever held, in megabytes. */
async function watched(servers: readonly WebServer[], seconds: number): Promise<number[]> {
  const peaks = servers.map(() => 0);
  for (let k = 0; k < seconds * 2; k++) {
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
  private readonly learners: { cookie: string; live: string; id: string; node: number }[] = [];
  private told: Told[] = [];
  private readonly heardOf = new Map<string, boolean>();
  private readonly delays: number[] = [];
  private retried = 0;
  private reconnected = 0;
  private closing = false;
  private seats = 0;
  private followed = 0;
  private readonly random = randomFrom(7);
  private readonly leaving = new AbortController();

  constructor(
    private readonly nodes: readonly string[],
    private readonly database: pg.Client,
  ) {}

  /** Coaches with a session each, and learners who sit there: by the code on the board, as guests do. */
  async people(): Promise<void> {
    const random = randomFrom(3);
    for (let group = 0; group < GROUPS; group++) {
      // All come from one address here, which may not let in so many strangers.
      await this.database.query('TRUNCATE tries');
      const cookie = await signUp(this.nodes[0]!, `Coach ${group}`, 'coach');
      const ask = asker(this.nodes[0]!, cookie);
      const made = (await ask('POST', '/api/groups', { id: randomUUID(), name: `G ${group}` })) as {
        id: string;
      };
      const session = (await ask('POST', `/api/groups/${made.id}/live`, { id: randomUUID() })) as {
        id: string;
        code: string;
      };
      this.boards.push({
        ...{ live: session.id, cookie, node: group % 2, seen: new Map(), hands: new Map() },
        close: new AbortController(),
      });
      for (let k = 0; k < LEARNERS; k += AT_ONCE) {
        const some = Array.from({ length: Math.min(AT_ONCE, LEARNERS - k) }, (_, j) =>
          this.sit(session, `L ${group} ${k + j}`, random(2)),
        );
        await Promise.all(some);
      }
    }
  }

  private async sit(
    session: { id: string; code: string },
    nickname: string,
    node: number,
  ): Promise<void> {
    const response = await fetch(`${this.nodes[0]}/api/live/join`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ code: session.code, nickname }),
    });
    if (!response.ok) throw new Error(`${nickname} could not sit down: ${response.status}`);
    const cookie = cookieOf(response);
    const learner = { cookie, live: session.id, id: '', node };
    // Who one is, is told with the first thing one tells.
    learner.id = (await this.tell(learner, 0, false)) ?? '';
    this.learners.push(learner);
  }

  /** Resolves once every board and every page is there: all at once. */
  async follow(): Promise<void> {
    const began = performance.now();
    await Promise.all(this.boards.map((board) => this.open(board)));
    await Promise.all(
      this.learners.map((learner) => new Promise<void>((open) => void this.seat(learner, open))),
    );
    this.followed = performance.now() - began;
  }

  /** A learner's page follows what is shown to them, and comes back elsewhere when it is cut. */
  private async seat(learner: TableLoad['learners'][number], open: () => void): Promise<void> {
    const { signal } = this.leaving;
    for (let node = learner.node; !signal.aborted; node = 1 - node) {
      try {
        const headers = { cookie: learner.cookie };
        const path = `/api/live/${learner.live}/seat`;
        const response = await fetch(this.nodes[node]! + path, { headers, signal });
        if (response.ok) open();
        for await (const part of response.body as unknown as AsyncIterable<Uint8Array>) {
          this.seats += part.length > 0 ? 1 : 0;
        }
      } catch {
        // Cut: it comes back after a while, as the server asks of pages.
      }
      if (!signal.aborted) await sleep(500 + this.random(2500));
    }
  }

  /** Follows a board for good: when its node is gone, at the other one. */
  private async open(board: Board): Promise<void> {
    const response = await fetch(`${this.nodes[board.node]}/api/live/${board.live}/board`, {
      headers: { cookie: board.cookie },
      signal: board.close.signal,
    }).catch(() => undefined);
    if (response?.ok) void this.listen(board, response);
    else if (!this.closing) {
      await sleep(200);
      board.node = 1 - board.node;
      await this.open(board);
    }
  }

  private async listen(board: Board, response: Response): Promise<void> {
    const decoder = new TextDecoder();
    let text = '';
    try {
      for await (const part of response.body as unknown as AsyncIterable<Uint8Array>) {
        text += decoder.decode(part, { stream: true });
        const events = text.split('\n\n');
        text = events.pop()!;
        for (const event of events) {
          if (event.startsWith('data: ')) this.heard(board, JSON.parse(event.slice(6)));
        }
      }
    } catch {
      // It was cut.
    }
    if (this.closing) return;
    this.reconnected++;
    await this.open(board);
  }

  private heard(board: Board, event: { is: string; present?: unknown }): void {
    const all = event.is === 'all' ? event.present : event.is === 'one' ? [event.present] : [];
    for (const one of all as { id: string; handAt: string | null; here: { at: number } | null }[]) {
      const at = one.here?.at ?? 0;
      board.hands.set(one.id, one.handAt !== null);
      if ((board.seen.get(one.id) ?? -1) >= at) continue;
      board.seen.set(one.id, at);
      const of = (each: Told): boolean => each.learner === one.id && each.live === board.live;
      const found = this.told.find((each) => of(each) && each.at === at);
      if (found) this.delays.push(performance.now() - found.told);
      // What was told before it is shown no more.
      this.told = this.told.filter((each) => !of(each) || each.at > at);
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
          this.told.push({ live: learner.live, learner: learner.id, at, told: performance.now() });
          if ((await this.tell(learner, at, hand)) !== undefined)
            this.heardOf.set(learner.id, hand);
          await sleep(1000 * PAUSE.least + random(PAUSE.span * 1000));
        }
      }),
    );
    // What is on its way arrives.
    await sleep(2000);
  }

  /** Tells where somebody is until it is heard; gives who it was. */
  private async tell(
    learner: { cookie: string; live: string; node: number },
    at: number,
    hand: boolean,
  ): Promise<string | undefined> {
    for (let tries = 0; tries < 60; tries++) {
      try {
        const response = await fetch(`${this.nodes[learner.node]}/api/live/${learner.live}/here`, {
          method: 'PUT',
          headers: { 'content-type': 'application/json', cookie: learner.cookie },
          body: JSON.stringify({
            ...{ doing: 'walk', title: 'First corners', at, of: 200, forSeconds: 0 },
            ...{ usualSeconds: 180, hand, cube: null },
          }),
        });
        if (response.ok) return ((await response.json()) as { id: string }).id;
        await response.body?.cancel();
      } catch {
        // The node is gone: the other one is asked.
      }
      this.retried++;
      learner.node = 1 - learner.node;
      await sleep(100);
    }
    return undefined;
  }

  async figures(): Promise<object> {
    const delays = [...this.delays].sort((a, b) => a - b);
    const at = (share: number): number => rounded(delays[Math.floor(share * (delays.length - 1))]!);
    const boards = new Map(this.boards.map((board) => [board.live, board]));
    const lost = this.learners.filter(({ id, live }) => {
      const up = this.heardOf.get(id);
      return up !== undefined && boards.get(live)!.hands.get(id) !== up;
    });
    return {
      ...{ groups: GROUPS, learners: this.learners.length, seconds: SECONDS, nodes: 2, killed: 1 },
      ...{ events: delays.length, p50: at(0.5), p95: at(0.95), p99: at(0.99), p95Allowed: 500 },
      ...{ neverSeen: this.told.length, handsWrong: lost.length },
      ...{ retried: this.retried, boardsReconnected: this.reconnected },
      ...{ toldToSeats: this.seats, allThereMilliseconds: rounded(this.followed) },
    };
  }

  close(): void {
    this.closing = true;
    this.leaving.abort();
    for (const { close } of this.boards) close.abort();
  }
}

const asker =
  (address: string, cookie: string) =>
  async (method: string, path: string, body: object): Promise<unknown> => {
    const response = await fetch(address + path, {
      method,
      headers: { 'content-type': 'application/json', cookie },
      body: JSON.stringify(body),
    });
    if (!response.ok) throw new Error(`${method} ${path}: ${response.status}`);
    return response.json();
  };
