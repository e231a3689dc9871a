import { setTimeout as sleep } from 'node:timers/promises';
import { signUp, someRecord } from '../people-at-work.js';

const WAIT = 40;
/**
 * A request that has no answer by then, not even a refusal, hangs: it is counted, and sent again. All
 * that the server waits for ends sooner (server: database.ts, serve.ts).
 */
const PATIENCE = 30_000;

/** Clients that record solves one after the other, each sent again until it is answered. */
export class RecordingClients {
  /** The ids answered with success, and how often a request had to be sent again. */
  readonly answered: string[] = [];
  retries = 0;
  refused: string[] = [];
  /** Requests that had no answer at all. */
  hung = 0;
  /** The longest a record took from first sent to answered, in milliseconds. */
  longest = 0;
  private stopping = false;
  private working: Promise<void>[] = [];

  private constructor(
    private readonly address: string,
    private readonly cookies: readonly string[],
  ) {}

  static async signUp(address: string, count: number): Promise<RecordingClients> {
    const cookies: string[] = [];
    for (let k = 0; k < count; k++) cookies.push(await signUp(address, `Client ${k}`));
    return new RecordingClients(address, cookies);
  }

  begin(): void {
    this.working = this.cookies.map((cookie) => this.record(cookie));
  }

  /** Lets each finish the record it is at. */
  async end(): Promise<void> {
    this.stopping = true;
    await Promise.all(this.working);
  }

  private async record(cookie: string): Promise<void> {
    while (!this.stopping) {
      const record = someRecord();
      const begun = Date.now();
      while (!(await this.sent(cookie, record.id, JSON.stringify(record)))) {
        this.retries++;
        await sleep(WAIT);
      }
      this.longest = Math.max(this.longest, Date.now() - begun);
    }
  }

  /** Whether a record was answered with success; false where it has to be sent again. */
  private async sent(cookie: string, id: string, body: string): Promise<boolean> {
    try {
      const answer = await fetch(`${this.address}/api/log`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', cookie },
        body,
        signal: AbortSignal.timeout(PATIENCE),
      });
      const text = await answer.text();
      if (answer.ok) this.answered.push(id);
      else if (answer.status < 500) this.refused.push(text);
      return answer.status < 500;
    } catch (error) {
      // Cut off, or nobody there: whether it was kept is not known.
      if ((error as Error).name === 'TimeoutError') this.hung++;
      return false;
    }
  }
}
