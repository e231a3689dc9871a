import { randomUUID } from 'node:crypto';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { CreateSolve } from '@sleetcrest/contract';
import { randomCube, randomFrom, writeCubeDocument } from '@sleetcrest/core';
import { pino } from 'pino';
import type { Sequelize } from 'sequelize';
import { createApp } from './app.js';
import { openDatabase } from './database/database.js';
import { migrations } from './database/migrate.js';
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
export async function emptyDatabase(): Promise<TestDatabase> {
  const name = `spec_${randomUUID().replaceAll('-', '')}`;
  const admin = openDatabase(testServerUrl('postgres'));
  await admin.query(`CREATE DATABASE ${name}`);
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

export interface Answer {
  status: number;
  headers: Headers;
  body: never;
}

/** The application on a port of its own, over a migrated database. */
export class TestApp {
  private constructor(
    readonly database: TestDatabase,
    readonly server: Server,
    readonly address: string,
  ) {}

  static async start(webRoot?: string): Promise<TestApp> {
    const database = await emptyDatabase();
    await migrations(database.sequelize).up();
    const { sequelize } = database;
    const app = createApp({ sequelize, logger: pino({ level: 'silent' }), webRoot });
    const server = await listen(app, 0, '127.0.0.1');
    const { port } = server.address() as AddressInfo;
    return new TestApp(database, server, `http://127.0.0.1:${port}`);
  }

  async stop(): Promise<void> {
    await finish(this.server);
    await this.database.drop();
  }

  async ask(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Answer> {
    const response = await fetch(this.address + path, {
      method,
      headers: body === undefined ? headers : { 'content-type': 'application/json', ...headers },
      ...(body === undefined
        ? {}
        : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    const text = await response.text();
    const json = response.headers.get('content-type')?.includes('json');
    return {
      status: response.status,
      headers: response.headers,
      body: (json ? JSON.parse(text) : text) as never,
    };
  }
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
