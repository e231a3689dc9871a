import { request } from 'node:https';
import type { Agent } from 'node:https';
import { setTimeout as sleep } from 'node:timers/promises';
import type { Random } from '@sleetcrest/core';
import { someRecord } from '../people-at-work.js';

/** What all clients share: the way in, the nodes behind it, and what is counted. */
export interface Way {
  /** Through the proxy; trusts its certificate. */
  agent: Agent;
  port: number;
  /** The addresses of the nodes themselves, to ask each whether it believes a session. */
  nodes: readonly string[];
  /** Codes of groups to join. */
  codes: readonly string[];
  counts: NodeCounts;
}

export interface NodeCounts {
  statuses: Record<string, number>;
  /** Requests sent again, after 502, 503, or no answer. */
  retries: number;
  recorded: string[];
  phrasesChanged: number;
  groupsJoined: number;
  logsRead: number;
  /** Answers that must not be. */
  wrong: string[];
  /** Nodes that let in by a session that had not ended, so that the next can be believed. */
  believedBeforeEnd: number;
  /** Nodes that let in by a session whose end had been answered. */
  believedAfterEnd: number;
}

interface Answer {
  /** 0 where there was none. */
  status: number;
  body: string;
  cookie: string | undefined;
}

const WAIT = 60;
const PATIENCE = 20_000;
/** What a client heals by asking again. */
const again = (status: number): boolean => status === 0 || status === 502 || status === 503;

/** Somebody who records, reads, changes their phrase and joins groups, whatever happens to the nodes. */
export class Client {
  private cookie = '';
  private phrases = 0;
  private readonly recorded: string[] = [];

  constructor(
    private readonly name: string,
    private readonly way: Way,
    private readonly random: Random,
  ) {}

  private phrase(number = this.phrases): string {
    return `three larches by the shore ${number}`;
  }

  async signUp(role = 'learner'): Promise<void> {
    const body = { name: this.name, phrase: this.phrase(), role };
    const { status } = await this.answered('POST', '/api/accounts', body);
    // The answer to the first may have been lost.
    if (status === 409) await this.signIn();
    else this.expect('sign up', status, [201]);
  }

  async makeGroup(id: string): Promise<string> {
    const { status, body } = await this.answered('POST', '/api/groups', { id, name: 'Table' });
    this.expect('make a group', status, [201]);
    return (JSON.parse(body) as { code: string }).code;
  }

  /** Does things of chance until it is told to stop. */
  async work(until: () => boolean): Promise<void> {
    while (!until()) {
      const what = this.random(20);
      if (what < 14) await this.record();
      else if (what < 17) await this.read();
      else if (what < 19) await this.join();
      else await this.changePhrase();
    }
  }

  private async record(): Promise<void> {
    const record = someRecord();
    const { status } = await this.asMyself('POST', '/api/log', record);
    this.expect('record', status, [200, 201]);
    if (status > 201) return;
    this.way.counts.recorded.push(record.id);
    this.recorded.push(record.id);
  }

  /** What was answered is there at once, whichever node is asked. */
  private async read(): Promise<void> {
    const { status, body } = await this.asMyself('GET', '/api/log?limit=5');
    this.expect('read', status, [200]);
    if (status !== 200) return;
    this.way.counts.logsRead++;
    const { total } = JSON.parse(body) as { total: number };
    if (total < this.recorded.length)
      this.way.counts.wrong.push(`${this.name} reads ${total} of ${this.recorded.length}`);
  }

  private async join(): Promise<void> {
    const code = this.way.codes[this.random(this.way.codes.length)]!;
    const { status } = await this.asMyself('POST', '/api/groups/join', { code });
    this.expect('join', status, [200]);
    if (status === 200) this.way.counts.groupsJoined++;
  }

  private async changePhrase(): Promise<void> {
    const before = this.cookie;
    // Awaited first: others count meanwhile.
    const believedBefore = await this.believing(before);
    this.way.counts.believedBeforeEnd += believedBefore;
    const phrase = { now: this.phrase(), next: this.phrase(this.phrases + 1) };
    const answer = await this.once('PATCH', '/api/account', { phrase });
    if (again(answer.status) || answer.status === 401) {
      // Whether it was changed is not known: one of the two lets in.
      await this.signIn();
      return;
    }
    this.expect('change the phrase', answer.status, [200]);
    if (answer.status !== 200) return;
    this.phrases++;
    this.way.counts.phrasesChanged++;
    // From the moment its end is answered, no node lets in by a session.
    const believedAfter = await this.believing(before);
    this.way.counts.believedAfterEnd += believedAfter;
  }

  /** How many nodes let in by a session, each asked as the proxy would ask it. */
  private async believing(cookie: string): Promise<number> {
    const headers = { cookie, 'x-forwarded-proto': 'https' };
    const asked = this.way.nodes.map(async (node) => {
      try {
        const answer = await fetch(`${node}/api/log?limit=1`, { headers });
        await answer.arrayBuffer();
        return answer.ok ? 1 : 0;
      } catch {
        return 0;
      }
    });
    return (await Promise.all(asked)).reduce<number>((sum, one) => sum + one, 0);
  }

  private async signIn(): Promise<void> {
    for (const number of [this.phrases + 1, this.phrases]) {
      const body = { name: this.name, phrase: this.phrase(number) };
      const { status } = await this.answered('POST', '/api/session', body);
      if (status !== 200) continue;
      this.phrases = number;
      return;
    }
    this.way.counts.wrong.push(`${this.name} cannot sign in by either phrase`);
  }

  /** Asks until it is answered; signs in again when the session ended with a phrase that changed. */
  private async asMyself(method: string, path: string, body?: unknown): Promise<Answer> {
    const answer = await this.answered(method, path, body);
    if (answer.status !== 401) return answer;
    await this.signIn();
    return this.answered(method, path, body);
  }

  private async answered(method: string, path: string, body?: unknown): Promise<Answer> {
    for (;;) {
      const answer = await this.once(method, path, body);
      if (!again(answer.status)) return answer;
      this.way.counts.retries++;
      await sleep(WAIT);
    }
  }

  private once(method: string, path: string, body?: unknown): Promise<Answer> {
    const { agent, port, counts } = this.way;
    const text = body === undefined ? undefined : JSON.stringify(body);
    return new Promise((resolve) => {
      const settle = (answer: Answer): void => {
        counts.statuses[answer.status] = (counts.statuses[answer.status] ?? 0) + 1;
        if (answer.cookie !== undefined && answer.status < 300) this.cookie = answer.cookie;
        resolve(answer);
      };
      const none = (): void => settle({ status: 0, body: '', cookie: undefined });
      const sent = request(
        {
          agent,
          port,
          host: 'localhost',
          method,
          path,
          timeout: PATIENCE,
          headers: {
            cookie: this.cookie,
            ...(text !== undefined && {
              'content-type': 'application/json',
              'content-length': Buffer.byteLength(text),
            }),
          },
        },
        (response) => {
          let come = '';
          response.setEncoding('utf8').on('data', (part: string) => (come += part));
          response.on('error', none);
          response.on('end', () => {
            const [cookie] = response.headers['set-cookie'] ?? [];
            settle({ status: response.statusCode!, body: come, cookie: cookie?.split(';')[0] });
          });
        },
      );
      sent.on('error', none);
      sent.on('timeout', () => sent.destroy());
      sent.end(text);
    });
  }

  private expect(what: string, status: number, right: readonly number[]): void {
    if (!right.includes(status)) this.way.counts.wrong.push(`${what}: ${status}`);
  }
}
