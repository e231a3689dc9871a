import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from './places.js';
import { freePort } from './ports.js';

/** A command of the README that runs. */
export interface Run {
  child: ChildProcess;
  out: () => string;
  err: () => string;
  status: Promise<number | null>;
  /** Resolves once this appears on one of its outputs, rejects when the process ends before. */
  until: (text: RegExp) => Promise<void>;
}

/** A place of its own to run the commands in, as on another machine: data and ports. */
export class Installation {
  private readonly runs: Run[] = [];

  private constructor(
    readonly data: string,
    readonly port: number,
    readonly databasePort: number,
  ) {}

  /** What a first start leaves: made once for all specs, since most are not about that. */
  private static begun: Promise<Installation> | undefined;

  /** A place as a first start with the demo left it. */
  static async withDemo(): Promise<Installation> {
    const { data } = await (Installation.begun ??= Installation.begin());
    const place = await Installation.make();
    // The database's files keep their owner, whoever runs this.
    const copied = spawnSync('cp', ['-a', `${data}/.`, place.data]);
    if (copied.status !== 0) throw new Error(String(copied.stderr));
    return place;
  }

  private static async begin(): Promise<Installation> {
    const place = await Installation.make();
    process.once('exit', () => rmSync(place.data, { recursive: true, force: true }));
    await place.started();
    await place.end();
    return place;
  }

  static async make(): Promise<Installation> {
    const data = mkdtempSync(join(tmpdir(), 'sleetcrest-place-'));
    // Open to the database's user, as a project's folder is.
    chmodSync(data, 0o755);
    return new Installation(data, await freePort(), await freePort());
  }

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** Runs one of the commands, such as `start`. */
  run(command: string, args: readonly string[] = [], env: NodeJS.ProcessEnv = {}): Run {
    const child = spawn(process.execPath, [join(ROOT, 'scripts/run.mjs'), command, ...args], {
      env: {
        ...process.env,
        SLEETCREST_DATA: this.data,
        SLEETCREST_PORT: String(this.port),
        SLEETCREST_METRICS_PORT: '0',
        SLEETCREST_DATABASE_PORT: String(this.databasePort),
        ...env,
      },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    const said = { out: '', err: '' };
    child.stdout.setEncoding('utf8').on('data', (text: string) => (said.out += text));
    child.stderr.setEncoding('utf8').on('data', (text: string) => (said.err += text));
    const status = new Promise<number | null>((resolve) => child.once('close', resolve));
    const until = (text: RegExp): Promise<void> =>
      new Promise((resolve, reject) => {
        const look = (): void => {
          if (text.test(said.out) || text.test(said.err)) resolve();
        };
        child.stdout.on('data', look);
        child.stderr.on('data', look);
        look();
        void status.then(() => reject(new Error(`ended: ${said.err}`)));
      });
    const run = { child, out: () => said.out, err: () => said.err, status, until };
    this.runs.push(run);
    return run;
  }

  /** Starts the application and resolves once it answers. */
  async started(env: NodeJS.ProcessEnv = {}): Promise<Run> {
    const run = this.run('start', [], env);
    await run.until(/^http/m);
    return run;
  }

  /** Ends what runs. */
  private async end(): Promise<void> {
    for (const run of this.runs.splice(0)) {
      run.child.kill('SIGTERM');
      await run.status;
    }
  }

  /** Ends what runs and removes all of it. */
  async remove(): Promise<void> {
    await this.end();
    rmSync(this.data, { recursive: true });
  }
}
