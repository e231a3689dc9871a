import { setTimeout as sleep } from 'node:timers/promises';
import { askedOnce } from './asked-once.js';

const EVERY = 50;
/** Milliseconds beyond which somebody would think that nobody is there. */
const SLOW = 2000;

/** Asks all the while whether a server is alive, and how long it takes to say so. */
export class HealthCheck {
  readonly taken: number[] = [];
  private ended = false;
  private readonly asking: Promise<void>;

  constructor(private readonly address: string) {
    this.asking = this.ask();
  }

  get slowest(): number {
    return this.taken.reduce((so, one) => Math.max(so, one), 0);
  }

  /** How many took too long, or were not answered. */
  get slow(): number {
    return this.taken.filter((one) => one > SLOW).length;
  }

  async end(): Promise<void> {
    this.ended = true;
    await this.asking;
  }

  private async ask(): Promise<void> {
    while (!this.ended) {
      const begun = performance.now();
      const { status } = await askedOnce(`${this.address}/api/health`);
      this.taken.push(status === 200 ? performance.now() - begun : Infinity);
      await sleep(EVERY);
    }
  }
}
