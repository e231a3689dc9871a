import { spawn, type ChildProcess } from 'node:child_process';
import { chmodSync, existsSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DEMO_ACCOUNTS } from './demo/people.js';
import { ROOT } from './places.js';
import { freePort } from './ports.js';

interface Run {
  child: ChildProcess;
  out: () => string;
  err: () => string;
  status: Promise<number | null>;
  /** Resolves once this appears on standard output, rejects when the process ends before. */
  until: (text: RegExp) => Promise<void>;
}

describe('npm start', () => {
  let data: string;
  let port: number;
  let databasePort: number;
  const runs: Run[] = [];

  beforeAll(() => (jasmine.DEFAULT_TIMEOUT_INTERVAL = 120_000));
  beforeEach(async () => {
    data = mkdtempSync(join(tmpdir(), 'sleetcrest-start-'));
    // Open to the database's user, as a project's folder is.
    chmodSync(data, 0o755);
    [port, databasePort] = [await freePort(), await freePort()];
  });
  afterEach(async () => {
    for (const run of runs.splice(0)) {
      run.child.kill('SIGTERM');
      await run.status;
    }
    rmSync(data, { recursive: true });
  });

  function start(env: NodeJS.ProcessEnv = {}): Run {
    const child = spawn(process.execPath, [join(ROOT, 'scripts/run.mjs'), 'start'], {
      env: {
        ...process.env,
        SLEETCREST_DATA: data,
        SLEETCREST_PORT: String(port),
        SLEETCREST_METRICS_PORT: '0',
        SLEETCREST_DATABASE_PORT: String(databasePort),
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
          if (text.test(said.out)) resolve();
        };
        child.stdout.on('data', look);
        look();
        void status.then(() => reject(new Error(`ended: ${said.err}`)));
      });
    const run = { child, out: () => said.out, err: () => said.err, status, until };
    runs.push(run);
    return run;
  }

  const address = (): string => `http://127.0.0.1:${port}`;
  /** Asks as the demo's coach. */
  async function asCoach(method: string, path: string): Promise<unknown> {
    const [{ name, phrase }] = DEMO_ACCOUNTS as [(typeof DEMO_ACCOUNTS)[0]];
    const session = await fetch(`${address()}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name, phrase }),
    });
    const cookie = session.headers.getSetCookie()[0]!.split(';')[0]!;
    const answer = await fetch(address() + path, { method, headers: { cookie } });
    return answer.status === 204 ? null : answer.json();
  }
  const cubes = async (): Promise<{ id: string }[]> =>
    ((await asCoach('GET', '/api/solves')) as { items: { id: string }[] }).items;

  it('serves the application and the demo, prints the address last, and ends all of it', async () => {
    const run = start();
    await run.until(/^http.*\n/m);
    expect(run.out().trim().split('\n').at(-1)).toBe(address());
    expect(await (await fetch(`${address()}/bench`)).text()).toContain('<sc-root>');
    expect((await cubes()).length).toBe(6);
    run.child.kill('SIGINT');
    expect(await run.status).toBe(0);
    await expectAsync(fetch(`${address()}/api/health`)).toBeRejected();
    expect(existsSync(join(data, 'postgres/data/postmaster.pid'))).toBeFalse();
  });

  it('started again keeps what was there and loads the demo no second time', async () => {
    const first = start();
    await first.until(/^http/m);
    const [newest] = await cubes();
    await asCoach('DELETE', `/api/solves/${newest!.id}`);
    first.child.kill('SIGTERM');
    await first.status;
    await start().until(/^http/m);
    expect((await cubes()).length).toBe(5);
  });

  it('takes over after it was killed, database and all', async () => {
    const killed = start();
    await killed.until(/^http/m);
    killed.child.kill('SIGKILL');
    await killed.status;
    await start().until(/^http/m);
    expect((await cubes()).length).toBe(6);
  });

  it('is refused while it runs already', async () => {
    await start().until(/^http/m);
    const second = start({ SLEETCREST_PORT: String(await freePort()) });
    expect(await second.status).toBe(1);
    expect(second.err()).toContain('runs over this data already');
    expect((await cubes()).length).toBe(6);
  });

  describe('when a port is taken', () => {
    let holder: Server;
    const hold = (taken: number): Promise<void> =>
      new Promise((resolve) => (holder = createServer().listen(taken, '127.0.0.1', resolve)));
    afterEach(() => new Promise<void>((resolve) => holder.close(() => resolve())));

    it('says which and what to do, with nothing left running', async () => {
      await hold(port);
      const run = start();
      expect(await run.status).toBe(1);
      expect(run.err()).toContain(`Port ${port}, wanted for the application, is taken`);
      expect(run.err()).toContain('SLEETCREST_PORT=');
      expect(run.out()).toBe('');
      expect(existsSync(join(data, 'start.pid'))).toBeFalse();
    });

    it('says so of the database’s too', async () => {
      await hold(databasePort);
      const run = start();
      expect(await run.status).toBe(1);
      expect(run.err()).toContain(`Port ${databasePort}, wanted for the database, is taken`);
      expect(existsSync(join(data, 'postgres/data/postmaster.pid'))).toBeFalse();
    });
  });
});
