import { Piscina } from 'piscina';
import { HttpProblem } from '../http/problem.js';
import { NobodyWaits } from './nobody-waits.js';
import { SAY } from './words.js';

/** A job was not done by its deadline. */
export class TooLong extends Error {}

const RETRY_AFTER = 2;
const busy = (): HttpProblem =>
  new HttpProblem(429, SAY.busy, undefined, { 'retry-after': String(RETRY_AFTER) });

/**
 * Work that would keep the thread that answers everybody: done on threads of its own, each job by a
 * deadline, with so many waiting and no more. Threads begin with the first job and end when idle.
 */
export class Threads<Job, Answer> {
  private static readonly all = new Map<string, Threads<never, unknown>>();
  private readonly pool: Piscina<Job, Answer>;
  private readonly milliseconds: number;
  private running = 0;
  /** Whoever waits for a thread, first come first served. */
  private readonly waiting: (() => void)[] = [];

  constructor(
    name: string,
    private readonly bounds: { file: URL; threads: number; waiting: number; seconds: number },
  ) {
    this.milliseconds = bounds.seconds * 1000;
    this.pool = new Piscina<Job, Answer>({
      filename: bounds.file.href,
      minThreads: 0,
      maxThreads: bounds.threads,
      idleTimeout: 60_000,
    });
    Threads.all.set(name, this);
  }

  /** How many jobs each kind of thread has at hand, by name. */
  static lengths(): [name: string, length: number][] {
    return [...Threads.all].map(([name, { waiting, running }]) => [name, waiting.length + running]);
  }

  /**
   * Has a job done; where whoever wants it leaves, it is stopped.
   * @throws HttpProblem 429 when too many wait already, TooLong when it was not done in time.
   */
  async run(job: Job, left?: AbortSignal): Promise<Answer> {
    left?.throwIfAborted();
    await this.place();
    // Only now: what a job waited is not its own fault.
    const deadline = new AbortController();
    const timer = setTimeout(() => deadline.abort(), this.milliseconds);
    const signal = left ? AbortSignal.any([deadline.signal, left]) : deadline.signal;
    try {
      left?.throwIfAborted();
      return await this.pool.run(job, { signal });
    } catch (error) {
      if (left?.aborted) throw new NobodyWaits();
      if (deadline.signal.aborted) throw new TooLong();
      throw error;
    } finally {
      clearTimeout(timer);
      const next = this.waiting.shift();
      if (next) next();
      else this.running--;
    }
  }

  /** Waits for a thread to be free. */
  private async place(): Promise<void> {
    if (this.running < this.bounds.threads) {
      this.running++;
      return;
    }
    if (this.waiting.length >= this.bounds.waiting) throw busy();
    await new Promise<void>((resolve) => this.waiting.push(resolve));
  }
}
