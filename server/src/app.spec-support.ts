import { aFullEntry } from '@sleetcrest/contract/testing';
import { randomUUID } from 'node:crypto';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { CreateSolve } from '@sleetcrest/contract';
import { sessionSchema, type Account, type Role } from '@sleetcrest/contract/accounts';
import { boardEventSchema, type BoardEvent } from '@sleetcrest/contract/table';
import { randomCube, randomFrom, writeCubeDocument } from '@sleetcrest/core';
import type { LogEntry } from '@sleetcrest/core/learner/log';
import { pino } from 'pino';
import type { Sequelize } from 'sequelize';
import { closeApp, createApp, streamsOf, type AppParts } from './app.js';
import { openDatabase } from './database/connection.js';
import { migrate } from './database/migrate.js';
import { Jobs } from './jobs/jobs.js';
import { finish, listen } from './serve.js';

/** The address of a PostgreSQL server in which a spec may make databases; `npm test` gives it. */
function testServerUrl(database: string): string {
  const url = process.env['SLEETCREST_TEST_DATABASE_URL'];
  if (!url) throw new Error('SLEETCREST_TEST_DATABASE_URL is not set: run the specs by npm test');
  return Object.assign(new URL(url), { pathname: database }).href;
}

export interface TestDatabase {
  url: string;
  sequelize: Sequelize;
  drop(): Promise<void>;
}

/** An empty database of its own. */
export async function emptyDatabase(template = 'template1'): Promise<TestDatabase> {
  const name = `spec_${randomUUID().replaceAll('-', '')}`;
  const admin = openDatabase(testServerUrl('postgres'));
  await admin.query(`CREATE DATABASE ${name} TEMPLATE ${template}`);
  const url = testServerUrl(name);
  const sequelize = openDatabase(url);
  return {
    url,
    sequelize,
    drop: async () => {
      await sequelize.close();
      await admin.query(`DROP DATABASE ${name} WITH (FORCE)`);
      await admin.close();
    },
  };
}

let migrated: Promise<string> | undefined;

/** A database of its own that is up to date: a copy of one that was brought so once for all specs. */
export async function migratedDatabase(): Promise<TestDatabase> {
  migrated ??= (async () => {
    const { url, sequelize } = await emptyDatabase();
    await migrate(url);
    // What jobs are kept in takes longer to make than to copy.
    const jobs = new Jobs(sequelize, pino({ level: 'silent' }));
    await jobs.start();
    await jobs.close();
    // Nothing may be connected to a database that is copied.
    await sequelize.close();
    return new URL(url).pathname.slice(1);
  })();
  return emptyDatabase(await migrated);
}

export interface Answer {
  status: number;
  headers: Headers;
  body: never;
}

/** Somebody with a browser of their own: what the server gives as a cookie comes back to it. */
export class Visitor {
  private cookie: string | undefined;

  constructor(private readonly address: string) {}

  /** Asks with another's session from now on. */
  as(other: Visitor): this {
    this.cookie = other.cookie;
    return this;
  }

  /** The same browser, asking another process. */
  at(other: TestApp): Visitor {
    return new Visitor(other.address).as(this);
  }

  async ask(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Answer> {
    const response = await fetch(this.address + path, {
      method,
      headers: {
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        ...(this.cookie === undefined ? {} : { cookie: this.cookie }),
        ...headers,
      },
      ...(body === undefined
        ? {}
        : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    const [given] = response.headers.getSetCookie();
    if (given !== undefined) this.cookie = given.split(';')[0]!;
    const text = await response.text();
    const json = response.headers.get('content-type')?.includes('json');
    return {
      status: response.status,
      headers: response.headers,
      body: (json && text !== '' ? JSON.parse(text) : text) as never,
    };
  }

  /** Asks for a stream, reads its beginning as far as it is there at once, and goes. */
  async lookAt(path: string): Promise<Answer> {
    const away = new AbortController();
    const response = await fetch(this.address + path, {
      headers: this.cookie === undefined ? {} : { cookie: this.cookie },
      signal: away.signal,
    });
    const streams = response.headers.get('content-type')?.startsWith('text/event-stream');
    const text = streams ? '' : await response.text();
    if (streams) away.abort();
    return { status: response.status, headers: response.headers, body: text as never };
  }

  /** Follows a stream; `heard` is called with each event until it is told to stop. */
  async follow(path: string, heard: (event: BoardEvent) => void): Promise<() => void> {
    const away = new AbortController();
    const response = await fetch(this.address + path, {
      headers: this.cookie === undefined ? {} : { cookie: this.cookie },
      signal: away.signal,
    });
    if (response.status !== 200) throw new Error(`${path}: ${response.status}`);
    void (async () => {
      let text = '';
      const decoder = new TextDecoder();
      for await (const part of response.body as unknown as AsyncIterable<Uint8Array>) {
        text += decoder.decode(part, { stream: true });
        const events = text.split('\n\n');
        text = events.pop()!;
        for (const event of events) {
          if (event.startsWith('data: ')) heard(boardEventSchema.parse(JSON.parse(event.slice(6))));
        }
      }
    })().catch(() => undefined);
    return () => away.abort();
  }

  /** Asks for a file. */
  async askForBytes(path: string): Promise<ArrayBuffer> {
    const cookie = this.cookie ?? '';
    const response = await fetch(this.address + path, { headers: { cookie } });
    return response.arrayBuffer();
  }

  /** Makes an account and is signed in to it. */
  async signUp(name: string, role: Role = 'learner'): Promise<Account> {
    const answer = await this.ask('POST', '/api/accounts', { name, role, phrase: PHRASE });
    return sessionSchema.parse(answer.body).account!;
  }
}

/** The phrase of everyone in specs. */
export const PHRASE = 'three larches by the shore';

/** The application on a port of its own, over a migrated database. */
export class TestApp {
  private readonly visitor: Visitor;

  private constructor(
    readonly database: TestDatabase,
    readonly server: Server,
    readonly address: string,
    private readonly app: ReturnType<typeof createApp>,
  ) {
    this.visitor = new Visitor(address);
  }

  static async start(parts: Partial<AppParts> = {}): Promise<TestApp> {
    const database = await migratedDatabase();
    return TestApp.over(database, parts);
  }

  private static async over(database: TestDatabase, parts: Partial<AppParts>): Promise<TestApp> {
    const { sequelize } = database;
    const app = createApp({ sequelize, logger: pino({ level: 'silent' }), works: false, ...parts });
    const server = await listen(app, 0, '127.0.0.1');
    const { port } = server.address() as AddressInfo;
    return new TestApp(database, server, `http://127.0.0.1:${port}`, app);
  }

  /** Another process on the same database, as far as anything held in memory goes. */
  async beside(): Promise<TestApp> {
    const { url } = this.database;
    const sequelize = openDatabase(url);
    return TestApp.over({ url, sequelize, drop: () => sequelize.close() }, {});
  }

  /** How many pages follow something through this process. */
  get streams(): number {
    return streamsOf(this.app);
  }

  async stop(): Promise<void> {
    await closeApp(this.app);
    await finish(this.server);
    await this.database.drop();
  }

  /** Asks as one and the same visitor. */
  ask(...asked: Parameters<Visitor['ask']>): Promise<Answer> {
    return this.visitor.ask(...asked);
  }

  /** Somebody new. */
  somebody(): Visitor {
    return new Visitor(this.address);
  }
}

/** An account to own what a spec keeps without asking through the API. */
export async function anOwner(sequelize: Sequelize): Promise<string> {
  const id = randomUUID();
  await sequelize.query(`INSERT INTO accounts (id, role) VALUES ($1, 'guest')`, { bind: [id] });
  return id;
}

/** A good request to keep a cube. */
export function aSolve(seed = 1, change: Partial<CreateSolve> = {}): CreateSolve {
  return {
    id: randomUUID(),
    name: `Cube ${seed}`,
    start: writeCubeDocument(randomCube(randomFrom(seed))),
    method: 'gentle',
    firstColour: 'white',
    ...change,
  };
}

/** A good request to keep a record of a log. */
export const aRecord = (change: Partial<LogEntry> = {}): LogEntry =>
  aFullEntry({ id: randomUUID(), ...change });
