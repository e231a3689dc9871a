import { existsSync, readFileSync } from 'node:fs';
import { connect, createServer, type Server } from 'node:net';
import { join } from 'node:path';
import { DEMO_ACCOUNTS } from './demo/people.js';
import { Installation } from './installation.spec-support.js';
import { freePort } from './ports.js';

describe('npm start', () => {
  let place: Installation;
  beforeAll(() => (jasmine.DEFAULT_TIMEOUT_INTERVAL = 120_000));
  beforeEach(async () => (place = await Installation.withDemo()));
  afterEach(() => place.remove());

  /** Asks as the demo's coach. */
  async function asCoach(method: string, path: string): Promise<unknown> {
    const [{ name, phrase }] = DEMO_ACCOUNTS as [(typeof DEMO_ACCOUNTS)[0]];
    const session = await fetch(`${place.address}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name, phrase }),
    });
    const cookie = session.headers.getSetCookie()[0]!.split(';')[0]!;
    const answer = await fetch(place.address + path, { method, headers: { cookie } });
    return answer.status === 204 ? null : answer.json();
  }
  const cubes = async (): Promise<{ id: string }[]> =>
    ((await asCoach('GET', '/api/solves')) as { items: { id: string }[] }).items;

  it('serves the application and the demo, prints the address last, and ends all of it', async () => {
    await place.remove();
    place = await Installation.make();
    const run = await place.started();
    expect(run.err()).toContain('Making a database cluster');
    expect(run.out().trim().split('\n').at(-1)).toBe(place.address);
    expect(await (await fetch(`${place.address}/bench`)).text()).toContain('<sc-root>');
    expect((await cubes()).length).toBe(6);
    run.child.kill('SIGINT');
    expect(await run.status).toBe(0);
    await expectAsync(fetch(`${place.address}/api/health`)).toBeRejected();
    expect(existsSync(join(place.data, 'postgres/data/postmaster.pid'))).toBeFalse();
  });

  it('started again keeps what was there and loads the demo no second time', async () => {
    const first = await place.started();
    const [newest] = await cubes();
    await asCoach('DELETE', `/api/solves/${newest!.id}`);
    first.child.kill('SIGTERM');
    await first.status;
    await place.started();
    expect((await cubes()).length).toBe(5);
  });

  it('takes over after it was killed, database and all', async () => {
    const killed = await place.started();
    killed.child.kill('SIGKILL');
    await killed.status;
    await place.started();
    expect((await cubes()).length).toBe(6);
  });

  it('starts the server anew when that ends, says so, and lets the database go on', async () => {
    const run = await place.started();
    const server = serverBelow(run.child.pid!);
    const database = readFileSync(join(place.data, 'postgres/data/postmaster.pid'), 'utf8');
    process.kill(server, 'SIGKILL');
    await run.until(/The server answers again/);
    expect(run.err()).toContain('The server ended; it is started anew');
    expect((await cubes()).length).toBe(6);
    expect(readFileSync(join(place.data, 'postgres/data/postmaster.pid'), 'utf8')).toBe(database);
    run.child.kill('SIGTERM');
    expect(await run.status).toBe(0);
  });

  it('ends within seconds, however many connections somebody keeps open', async () => {
    const run = await place.started();
    const idle = connect(place.port, '127.0.0.1');
    // Whether its end is told as an end or as a reset is the system's affair.
    idle.on('error', () => undefined);
    await new Promise((resolve) => idle.once('connect', resolve));
    const closed = new Promise((resolve) => idle.once('close', resolve));
    run.child.kill('SIGTERM');
    expect(await run.status).toBe(0);
    await closed;
  });

  it('ends at once when asked twice, whatever is under way', async () => {
    const run = await place.started();
    const half = connect(place.port, '127.0.0.1');
    half.on('error', () => undefined);
    half.write(
      'POST /api/session HTTP/1.1\r\nhost: localhost\r\ncontent-type: application/json\r\ncontent-length: 99\r\n\r\n{',
    );
    await cubes();
    const closed = new Promise((resolve) => half.once('close', resolve));
    run.child.kill('SIGINT');
    await run.until(/Stopping/);
    while (await fetch(place.address).then(Boolean, () => false));
    run.child.kill('SIGINT');
    expect(await run.status).toBe(0);
    await closed;
  });

  it('is refused while it runs already', async () => {
    await place.started();
    const second = place.run('start', [], { SLEETCREST_PORT: String(await freePort()) });
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
      await hold(place.port);
      const run = place.run('start');
      expect(await run.status).toBe(1);
      expect(run.err()).toContain(`Port ${place.port}, wanted for the application, is taken`);
      expect(run.err()).toContain('SLEETCREST_PORT=');
      expect(run.out()).toBe('');
      expect(existsSync(join(place.data, 'start.pid'))).toBeFalse();
    });

    it('says so of the database’s too', async () => {
      await hold(place.databasePort);
      const run = place.run('start');
      expect(await run.status).toBe(1);
      expect(run.err()).toContain(`Port ${place.databasePort}, wanted for the database, is taken`);
      expect(existsSync(join(place.data, 'postgres/data/postmaster.pid'))).toBeFalse();
    });
  });
});

/** The process of the server that one runs. */
function serverBelow(pid: number): number {
  const children = readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').trim().split(' ');
  const isServer = (one: string): boolean =>
    readFileSync(`/proc/${one}/cmdline`, 'utf8').includes('server/dist/main.js');
  return Number(children.find(isServer));
}
