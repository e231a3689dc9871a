import { setTimeout as sleep } from 'node:timers/promises';
import { randomFrom } from '@sleetcrest/core';
import pg from 'pg';
import { freePort } from '../ports.js';
import { overThrowaway, type Throwaway } from '../postgres/throwaway.js';
import { WebServer } from '../web-server.js';
import { RecordingClients } from './clients.js';

export interface CrashPlan {
  clients: number;
  /** How often the server, and how often PostgreSQL, is killed by SIGKILL. */
  serverKills: number;
  databaseKills: number;
  /** How often each is stopped where it is for `frozenFor` milliseconds, and goes on. */
  freezes: number;
  frozenFor: number;
  seed: number;
}

export interface CrashCounts extends CrashPlan {
  answered: number;
  retries: number;
  /** Answered with success, but not there; there more often than once; refused although right. */
  lost: number;
  doubled: number;
  refused: number;
  /** Requests that had no answer, not even a refusal, for half a minute. */
  hung: number;
  /** The longest a record took from first sent to answered, in seconds. */
  longest: number;
}

/** Milliseconds between a start and the next kill, and between two times of standing still. */
const LIVES = { from: 60, span: 500 };
const BREATHS = { from: 300, span: 2000 };

/**
 * Kills and freezes the server and the database again and again while clients record solves, and
 * counts what became of those. The database is as safe as `npm start` has it.
 */
export const crash = (
  plan: CrashPlan,
  told: (line: string) => void = () => undefined,
): Promise<CrashCounts> => overThrowaway('crash', (over) => crashOver(over, plan, told));

async function crashOver(
  over: Throwaway,
  plan: CrashPlan,
  told: (line: string) => void,
): Promise<CrashCounts> {
  const port = await freePort();
  const { databaseUrl } = over;
  const startServer = (): Promise<WebServer> =>
    WebServer.start({ databaseUrl, port, logLevel: 'silent' });
  let server = await startServer();
  const random = randomFrom(plan.seed);
  const clients = await RecordingClients.signUp(server.address, plan.clients);
  const times = async (
    count: number,
    what: string,
    once: () => Promise<void>,
    { from, span } = LIVES,
  ): Promise<void> => {
    for (let done = 1; done <= count; done++) {
      await sleep(from + random(span));
      await once();
      if (done % 20 === 0 || done === count)
        told(`${what} ${done} times, ${clients.answered.length} answered`);
    }
  };
  try {
    clients.begin();
    await times(plan.serverKills, 'server killed', async () => {
      await server.kill();
      server = await startServer();
    });
    await times(plan.databaseKills, 'PostgreSQL killed', async () => {
      await over.cluster.kill();
      await over.startAgain();
    });
    await times(
      plan.freezes,
      'server frozen',
      async () => {
        server.freeze();
        await sleep(plan.frozenFor);
        server.thaw();
      },
      BREATHS,
    );
    await times(
      plan.freezes,
      'PostgreSQL frozen',
      async () => {
        over.cluster.freeze();
        await sleep(plan.frozenFor);
        over.cluster.thaw();
      },
      BREATHS,
    );
    await clients.end();
    return { ...plan, ...(await count(databaseUrl, clients)) };
  } finally {
    await clients.end();
    await server.stop();
  }
}

async function count(
  databaseUrl: string,
  { answered, retries, refused, hung, longest }: RecordingClients,
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
      answered: answered.length,
      retries,
      refused: refused.length,
      lost: answered.filter((id) => !kept.has(id)).length,
      // Each client goes on only once it was answered: what is there beyond that is double.
      doubled: rows.filter((row) => row.count > 1 || !sent.has(row.id)).length,
      hung,
      longest: Math.round(longest / 100) / 10,
    };
  } finally {
    await client.end();
  }
}
