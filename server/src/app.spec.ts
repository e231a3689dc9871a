import { fork, type ChildProcess } from 'node:child_process';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { request, type ClientRequest } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { healthSchema, problemSchema } from '@sleetcrest/contract';
import { pino } from 'pino';
import { RULES } from './access/rules.js';
import { createApp } from './app.js';
import { readConfig } from './config.js';
import { openDatabase } from './database/connection.js';
import { migrate } from './database/migrate.js';
import { finish, listen } from './serve.js';
import { aSolve, emptyDatabase, TestApp, type TestDatabase } from './app.spec-support.js';

describe('the server', () => {
  let app: TestApp;
  let web: string;
  beforeEach(async () => {
    web = await mkdtemp(join(tmpdir(), 'sleetcrest-'));
    await writeFile(join(web, 'index.html'), '<title>Sleetcrest</title>');
    await writeFile(join(web, 'main-ABCD1234.js'), '//');
    app = await TestApp.start({ webRoot: web });
  });
  afterEach(async () => {
    await app.stop();
    await rm(web, { recursive: true });
  });

  it('says that it and its database are well', async () => {
    expect(healthSchema.parse((await app.ask('GET', '/api/health')).body).status).toBe('ok');
  });

  it('describes each route and its refusals, by the same schemas', async () => {
    const { body } = await app.ask('GET', '/api/openapi.json');
    const { paths, components } = body as {
      paths: Record<string, Record<string, { responses: object }>>;
      components: { schemas: object };
    };
    const described = Object.entries(paths).flatMap(([path, verbs]) =>
      Object.keys(verbs).map(
        (verb) => `${verb.toUpperCase()} ${path.replaceAll(/\{(\w+)\}/g, ':$1')}`,
      ),
    );
    expect(described.sort()).toEqual(Object.keys(RULES).sort());
    expect(Object.keys(paths['/api/solves']!['post']!.responses)).toContain('422');
    expect(Object.keys(components.schemas)).toEqual(
      jasmine.arrayContaining(['Cube', 'CreateSolve', 'SavedSolve', 'Problem']),
    );
  });

  it('serves the page for every view, and what is named by its content for good', async () => {
    for (const path of ['/', '/bench', '/bench/walk/7']) {
      const page = await app.ask('GET', path);
      expect(page.body as string).toContain('Sleetcrest');
      expect(page.headers.get('cache-control')).toBe('no-cache');
    }
    const script = await app.ask('GET', '/main-ABCD1234.js');
    expect(script.headers.get('cache-control')).toContain('immutable');
    expect((await app.ask('GET', '/gone.js')).status).toBe(404);
  });

  it('sends a page once: asked again by its ETag, it has not changed', async () => {
    const etag = (await app.ask('GET', '/bench')).headers.get('etag')!;
    const again = await app.ask('GET', '/bench', undefined, {
      'if-none-match': etag,
      'cache-control': 'max-age=0',
    });
    expect(again.status).toBe(304);
    // What the API answers is never stored.
    expect((await app.ask('GET', '/api/session')).headers.get('etag')).toBeNull();
  });

  it('lets its pages load from itself only and evaluate nothing', async () => {
    const { headers } = await app.ask('GET', '/');
    const policy = headers.get('content-security-policy')!;
    expect(policy).toContain("default-src 'self'");
    expect(policy).toContain("script-src 'self'");
    expect(policy).not.toContain('unsafe-eval');
    expect(headers.get('x-powered-by')).toBeNull();
    expect(headers.get('x-content-type-options')).toBe('nosniff');
  });

  it('keeps a request id it is given, and none that could forge a log', async () => {
    const given = await app.ask('GET', '/api/health', undefined, { 'x-request-id': 'walk-4180-a' });
    expect(given.headers.get('x-request-id')).toBe('walk-4180-a');
    const forged = await app.ask('GET', '/api/health', undefined, { 'x-request-id': 'a b"c' });
    expect(forged.headers.get('x-request-id')).toMatch(/^[0-9a-f-]{36}$/);
  });

  it('says that nothing was changed when the database cannot be reached', async () => {
    const sequelize = openDatabase('postgres://nobody@127.0.0.1:1/nothing');
    const cut = await listen(
      createApp({ sequelize, logger: pino({ level: 'silent' }) }),
      0,
      '127.0.0.1',
    );
    const { port } = cut.address() as AddressInfo;
    const answer = await fetch(`http://127.0.0.1:${port}/api/solves`);
    const problem = problemSchema.parse(await answer.json());
    expect(problem.status).toBe(503);
    expect(problem.detail).toContain('Nothing was changed');
    await finish(cut);
    await sequelize.close();
  });
});

/**
 * Begins a request whose body comes later. Given once the server has it in hand: it has read the headers
 * and asked for the rest, which no other request's answer could tell.
 */
async function begun(port: number, path: string, length: number): Promise<ClientRequest> {
  const open = request({
    host: '127.0.0.1',
    port,
    path,
    method: 'POST',
    headers: {
      'content-type': 'application/json',
      'content-length': length,
      expect: '100-continue',
    },
  });
  open.flushHeaders();
  await new Promise((resolve, reject) => {
    open.once('continue', resolve);
    open.once('error', reject);
  });
  return open;
}

describe('the server process', () => {
  let database: TestDatabase;
  let child: ChildProcess;
  let port: number;

  function start(env: NodeJS.ProcessEnv): Promise<void> {
    child = fork(new URL('./main.js', import.meta.url).pathname, {
      env: { ...process.env, SLEETCREST_LOG_LEVEL: 'silent', ...env },
      stdio: 'ignore',
    });
    return new Promise((resolve, reject) => {
      child.once('message', () => resolve());
      child.once('exit', (code) => reject(new Error(`ended with ${code}`)));
    });
  }

  /** Waits until nothing new is taken. */
  async function refuses(port: number): Promise<void> {
    while (await fetch(`http://127.0.0.1:${port}/api/health`).then(Boolean, () => false));
  }

  const ended = () => new Promise<number | null>((resolve) => child.once('exit', resolve));

  beforeEach(async () => {
    database = await emptyDatabase();
    const held = await listen(() => undefined, 0, '127.0.0.1');
    ({ port } = held.address() as AddressInfo);
    await finish(held);
  });
  afterEach(() => database.drop());

  it('answers what is under way when told to stop, then ends', async () => {
    await start({ SLEETCREST_DATABASE_URL: database.url, SLEETCREST_PORT: String(port) });
    const body = JSON.stringify(aSolve());
    const open = await begun(port, '/api/solves', body.length);
    const status = new Promise<number>((resolve, reject) => {
      open.once('response', (response) => resolve(response.resume().statusCode!));
      open.once('error', reject);
    });
    open.write(body.slice(0, 20));
    const exit = ended();
    child.kill('SIGTERM');
    await refuses(port);
    open.end(body.slice(20));
    expect(await status).toBe(201);
    expect(await exit).toBe(0);
    const [rows] = await database.sequelize.query(
      'SELECT count(*)::int AS count FROM saved_solves',
    );
    expect(rows as object[]).toEqual([{ count: 1 }]);
  });

  it('ends at once when told a second time', async () => {
    await start({ SLEETCREST_DATABASE_URL: database.url, SLEETCREST_PORT: String(port) });
    const open = await begun(port, '/api/session', 100);
    open.on('error', () => undefined);
    open.write('{"name":');
    const exit = ended();
    child.kill('SIGTERM');
    // It waits for the other half.
    await refuses(port);
    child.kill('SIGTERM');
    expect(await exit).toBe(1);
    open.destroy();
  });

  it('does not start on a database that a newer version changed, and says so', async () => {
    await migrate(database.url);
    await database.sequelize.query(
      `INSERT INTO migrations (name) VALUES ('0998-tables'), ('0999-legs')`,
    );
    const env = { SLEETCREST_DATABASE_URL: database.url, SLEETCREST_PORT: String(port) };
    await expectAsync(start(env)).toBeRejectedWithError('ended with 1');
  });

  it('is ready only while its database answers and is of its version', async () => {
    await start({ SLEETCREST_DATABASE_URL: database.url, SLEETCREST_PORT: String(port) });
    const ready = async () => {
      const answer = await fetch(`http://127.0.0.1:${port}/api/ready`);
      return [answer.status, ((await answer.json()) as { detail?: string }).detail];
    };
    expect(await ready()).toEqual([200, undefined]);
    await database.sequelize.query(
      `INSERT INTO migrations (name) VALUES ('0998-tables'), ('0999-legs')`,
    );
    expect(await ready()).toEqual([503, jasmine.stringContaining('of another version')]);
    const exit = ended();
    child.kill('SIGTERM');
    expect(await exit).toBe(0);
  });

  it('listens on loopback unless told otherwise', () => {
    const { host, port: chosen } = readConfig({ SLEETCREST_DATABASE_URL: 'postgres://x' });
    expect([host, chosen]).toEqual(['127.0.0.1', 4180]);
  });

  it('says which variable is wrong', () => {
    expect(() => readConfig({ SLEETCREST_PORT: 'high' })).toThrowError(
      /SLEETCREST_PORT: .*SLEETCREST_DATABASE_URL: /,
    );
  });
});
