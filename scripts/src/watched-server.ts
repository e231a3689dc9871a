import { setTimeout as sleep } from 'node:timers/promises';
import { say } from './said.js';
import { WebServer, type WebServerOptions } from './web-server.js';

/** Milliseconds before a server that ended is started anew: at once, then longer each time. */
const WAITS = [0, 500, 1000, 2000, 5000, 10_000, 30_000];
/** One that ran for so long was well: when it ends, that is the first time again. */
const WELL = 60_000;

/** A server that is started anew whenever it ends without being asked to; the database goes on. */
export class WatchedServer {
  private readonly stopping = new AbortController();
  private failures = 0;
  private begun = Date.now();
  /** Resolves when no other server is being started. */
  private settled: Promise<void> = Promise.resolve();

  private constructor(
    private readonly options: WebServerOptions,
    private server: WebServer,
  ) {
    this.watch();
  }

  /** Starts it and resolves once requests are answered. */
  static async start(options: WebServerOptions): Promise<WatchedServer> {
    return new WatchedServer(options, await WebServer.start(options));
  }

  get address(): string {
    return this.server.address;
  }

  get pid(): number {
    return this.server.pid;
  }

  /** Asked to stop and still at it: it is not waited for. */
  hurry(): void {
    this.server.hurry();
  }

  async stop(): Promise<void> {
    this.stopping.abort();
    await this.settled;
    await this.server.stop();
  }

  private watch(): void {
    const again = (): void => {
      this.settled = this.startAgain();
    };
    if (this.server.hasEnded) again();
    else this.server.onEnd(again);
  }

  private async startAgain(): Promise<void> {
    if (Date.now() - this.begun > WELL) this.failures = 0;
    const { signal } = this.stopping;
    const isStopping = (): boolean => signal.aborted;
    while (!isStopping()) {
      const wait = WAITS[Math.min(this.failures++, WAITS.length - 1)]!;
      say(`The server ended; it is started anew${wait === 0 ? '' : ` in ${wait / 1000} s`} …`);
      await sleep(wait, undefined, { signal }).catch(() => undefined);
      if (isStopping()) return;
      try {
        this.server = await WebServer.start(this.options);
        this.begun = Date.now();
        say('The server answers again.');
        this.watch();
        return;
      } catch (error) {
        say((error as Error).message);
      }
    }
  }
}
