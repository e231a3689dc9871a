import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { randomFrom } from '@sleetcrest/core';
import { migrate } from '@sleetcrest/server';
import pg from 'pg';
import { STATE } from '../places.js';
import { freePort } from '../ports.js';
import { Cluster } from '../postgres/cluster.js';
import { WebServer } from '../web-server.js';
import { RecordingClients } from './clients.js';

export interface CrashPlan {
  clients: number;
  /** How often the server, and how often PostgreSQL, is killed by SIGKILL. */
  serverKills: number;
  databaseKills: number;
  seed: number;
}

export interface CrashCounts extends CrashPlan {
  answered: number;
  retries: number;
  /** Answered with success, but not there; there more often than once; refused although right. */
  lost: number;
  doubled: number;
  refused: number;
}

const DATABASE = 'crash';

/** Milliseconds between a start and the next kill. */
const LIVES = { from: 60, span: 500 };

/**
 * Kills the server and the database again and again while clients record solves, and counts what
 * became of those. The database is as safe as `npm start` has it.
 */
export async function crash(
  plan: CrashPlan,
  told: (line: string) => void = () => undefined,
): Promise<CrashCounts> {
  const folder = join(STATE, `crash-postgres-${process.pid}`);
  const passwordFile = `${folder}.password`;
  const databasePort = await freePort();
  const port = await freePort();
  const startDatabase = (): Promise<Cluster> =>
    Cluster.start({ folder, passwordFile, port: databasePort });
  let cluster = await startDatabase();
  await cluster.ensureDatabase(DATABASE);
  const databaseUrl = cluster.url(DATABASE);
  await migrate(databaseUrl);
  const startServer = (): Promise<WebServer> =>
    WebServer.start({ databaseUrl, port, logLevel: 'silent' });
  let server = await startServer();
  const random = randomFrom(plan.seed);
  try {
    const clients = await RecordingClients.signUp(server.address, plan.clients);
    clients.begin();
    for (let kill = 1; kill <= plan.serverKills; kill++) {
      await sleep(LIVES.from + random(LIVES.span));
      await server.kill();
      server = await startServer();
      if (kill % 20 === 0) told(`server killed ${kill} times, ${clients.answered.length} answered`);
    }
    for (let kill = 1; kill <= plan.databaseKills; kill++) {
      await sleep(LIVES.from + random(LIVES.span));
      await cluster.kill();
      cluster = await startDatabase();
      told(`PostgreSQL killed ${kill} times, ${clients.answered.length} answered`);
    }
    await clients.end();
    return { ...plan, ...(await count(databaseUrl, clients)) };
  } finally {
    await server.stop();
    await cluster.stop();
    cluster.remove();
    rmSync(passwordFile, { force: true });
  }
}

async function count(
  databaseUrl: string,
  { answered, retries, refused }: RecordingClients,
): Promise<Omit<CrashCounts, keyof CrashPlan>> {
  const client = new pg.Client(databaseUrl);
  await client.connect();
  try {
    const { rows } = await client.query<{ id: string; count: number }>(
      'SELECT id, count(*)::int AS count FROM log_entries GROUP BY id',
    );
    const kept = new Map(rows.map((row) => [row.id, row.count]));
    const sent = new Set(answered);
    return {
      ...{ answered: answered.length, retries, refused: refused.length },
      lost: answered.filter((id) => !kept.has(id)).length,
      // Each client goes on only once it was answered: what is there beyond that is double.
      doubled: rows.filter((row) => row.count > 1 || !sent.has(row.id)).length,
    };
  } finally {
    await client.end();
  }
}
