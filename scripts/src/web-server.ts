import { fork, type ChildProcess } from 'node:child_process';
import { join } from 'node:path';
import { DEMO_ACCOUNTS } from './demo/people.js';
import { ROOT, WEB_ROOT } from './places.js';
import { ToldError } from './said.js';

/** Milliseconds it may take to finish what is under way; a little more than it allows itself. */
const PATIENCE = 15_000;

export interface WebServerOptions {
  databaseUrl: string;
  port: number;
  host?: string;
  logLevel?: string;
  /** Whether the demo's people are told on the sign-in page. */
  demo?: boolean;
  /** The port of its figures; none is opened without. */
  metricsPort?: number;
  /** Whose word is believed on where requests come from. */
  proxies?: string;
  /** The program, where it is not the one of this version. */
  program?: string;
}

/** The Express process, serving the API and the built application. */
export class WebServer {
  private constructor(
    private readonly child: ChildProcess,
    readonly address: string,
  ) {}

  /** Starts it and resolves once requests are answered. */
  static async start(options: WebServerOptions): Promise<WebServer> {
    const host = options.host ?? '127.0.0.1';
    const child = fork(options.program ?? join(ROOT, 'server/dist/main.js'), {
      // Megabytes. What a server holds is a third of what it would let pile up before it first looks through it.
      execArgv: [
        '--max-semi-space-size=16',
        '--initial-old-space-size=80',
        '--heap-growing-percent=60',
      ],
      // Apart from the terminal's group, so that Ctrl-C lets it finish before the database ends.
      detached: true,
      stdio: ['ignore', 'inherit', 'pipe', 'ipc'],
      env: {
        ...process.env,
        SLEETCREST_HOST: host,
        SLEETCREST_PORT: String(options.port),
        SLEETCREST_METRICS_PORT: String(options.metricsPort ?? 0),
        SLEETCREST_DATABASE_URL: options.databaseUrl,
        SLEETCREST_WEB_ROOT: WEB_ROOT,
        SLEETCREST_LOG_LEVEL: options.logLevel ?? 'warn',
        SLEETCREST_DEMO_ACCOUNTS: JSON.stringify(options.demo ? DEMO_ACCOUNTS : []),
        ...(options.proxies !== undefined && { SLEETCREST_PROXIES: options.proxies }),
      },
    });
    let said = '';
    child.stderr?.setEncoding('utf8').on('data', (text: string) => {
      said = (said + text).slice(-4000);
      process.stderr.write(text);
    });
    await new Promise<void>((resolve, reject) => {
      child.once('message', () => resolve());
      child.once('exit', (status) => {
        const why = said.includes('EADDRINUSE')
          ? `port ${options.port} is taken`
          : `status ${status}`;
        reject(new ToldError(`The server did not start (${why}); what it said is above.`));
      });
    });
    return new WebServer(child, `http://${host}:${options.port}`);
  }

  onEnd(told: () => void): void {
    this.child.once('exit', told);
  }

  get pid(): number {
    return this.child.pid!;
  }

  /** Whether it ended without being asked to. */
  get hasEnded(): boolean {
    return this.child.exitCode !== null || this.child.signalCode !== null;
  }

  /** Whether it ended as it should, and was not killed. */
  get endedWell(): boolean {
    return this.child.exitCode === 0;
  }

  /** Ends it at once, whatever is under way; for trying what is lost. */
  async kill(): Promise<void> {
    this.child.removeAllListeners('exit');
    await this.ended('SIGKILL');
  }

  /** Stops it where it is, and lets it go on; for trying what hangs. */
  freeze(): void {
    this.child.kill('SIGSTOP');
  }
  thaw(): void {
    this.child.kill('SIGCONT');
  }

  /** Tells it a second time to end, which it does at once. */
  hurry(): void {
    this.child.kill('SIGTERM');
  }

  /** Lets it finish what is under way. */
  async stop(): Promise<void> {
    this.child.removeAllListeners('exit');
    const end = setTimeout(() => this.child.kill('SIGKILL'), PATIENCE);
    await this.ended('SIGTERM');
    clearTimeout(end);
  }

  private async ended(signal: NodeJS.Signals): Promise<void> {
    if (this.hasEnded) return;
    const ended = new Promise((resolve) => this.child.once('exit', resolve));
    this.child.kill(signal);
    await ended;
  }
}
