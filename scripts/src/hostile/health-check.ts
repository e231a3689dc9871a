import { get } from 'node:http';
import { setTimeout as sleep } from 'node:timers/promises';

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
      const answered = await this.answered();
      this.taken.push(answered ? performance.now() - begun : Infinity);
      await sleep(EVERY);
    }
  }

  /** On a connection of its own each time, so that none of ours is left open. */
  private answered(): Promise<boolean> {
    return new Promise((resolve) => {
      get(`${this.address}/api/health`, { agent: false }, (response) => {
        response.on('error', () => resolve(false));
        response.on('end', () => resolve(response.statusCode === 200));
        response.resume();
      }).on('error', () => resolve(false));
    });
  }
}
