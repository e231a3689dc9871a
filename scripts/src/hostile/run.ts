import { Agent } from 'node:http';
import { setTimeout as sleep } from 'node:timers/promises';
import { randomFrom } from '@sleetcrest/core';
import { rounded } from '../bench/median.js';
import { freePort } from '../ports.js';
import { overThrowaway, type Throwaway } from '../postgres/throwaway.js';
import { WebServer } from '../web-server.js';
import { askedOnce } from './asked-once.js';
import { HealthCheck } from './health-check.js';
import { figuresOf } from './figures.js';
import { peopleIn } from './people.js';
import { Requests, type Description, type HostileRequest } from './requests.js';
import { send, type Outcome } from './send.js';

export interface HostilePlan {
  requests: number;
  /** How many are under way at one time. */
  atOnce: number;
  seed: number;
}

export interface HostileCounts extends HostilePlan {
  seconds: number;
  /** How often each status was answered, we left, or the server cut off. */
  statuses: Record<string, number>;
  /** The slowest whole answer of each route, in milliseconds, slowest first. */
  slowest: Record<string, number>;
  healthChecks: number;
  slowestHealthCheck: number;
  /** All of these are to be 0. */
  faults: {
    serverErrors: number;
    crashes: number;
    unanswered: number;
    strayRejections: number;
    connectionsKept: number;
    slowHealthChecks: number;
    /** Whole requests answered later than somebody waits; documents, which take as long as they are, apart. */
    slowAnswers: number;
  };
  /** A few of the requests that were answered with 5xx, and of those answered late, to find out why. */
  examples: string[];
  late: string[];
}

/** Milliseconds for what was left in the middle to be given back. */
const SETTLE = 4000;
/** Milliseconds beyond which somebody would think that nothing comes of it. */
const SLOW = 2000;
/** Requests after which those who were signed out are signed in again. */
const AGAIN = 150;

/** Asks everything the API describes in every wrong way there is, and counts what came of it. */
export const hostile = (
  plan: HostilePlan,
  told: (line: string) => void = () => undefined,
): Promise<HostileCounts> => overThrowaway('hostile', (over) => ask(plan, over, told));

async function ask(
  plan: HostilePlan,
  { cluster, databaseUrl }: Throwaway,
  told: (line: string) => void,
): Promise<HostileCounts> {
  const [port, metricsPort] = [await freePort(), await freePort()];
  const startServer = (): Promise<WebServer> =>
    WebServer.start({ databaseUrl, port, metricsPort, logLevel: 'silent' });
  const people = await peopleIn(cluster.adminUrl('hostile'));
  let server = await startServer();
  const described = await askedOnce(`${server.address}/api/openapi.json`);
  const requests = new Requests(
    JSON.parse(described.text) as Description,
    people.cookies,
    people.ids,
  );
  const agent = new Agent({ keepAlive: true, maxSockets: plan.atOnce });
  const health = new HealthCheck(server.address);
  const statuses: Record<string, number> = {};
  const slowest: Record<string, number> = {};
  const examples: string[] = [];
  const late: string[] = [];
  let [crashes, serverErrors, unanswered, slowAnswers, given] = [0, 0, 0, 0, 0];
  const count = ({ status, milliseconds }: Outcome, request: HostileRequest): void => {
    const { route, path, manner } = request;
    statuses[status] = (statuses[status] ?? 0) + 1;
    if (status === 'no answer') unanswered++;
    if (typeof status !== 'number') return;
    slowest[route] = Math.max(slowest[route] ?? 0, milliseconds);
    if (manner === 'whole' && milliseconds > SLOW && !/handouts|export$/.test(route)) {
      slowAnswers++;
      late.push(`${Math.round(milliseconds)} ms ${status} ${route} ${path.slice(0, 200)}`);
    }
    if (status < 500) return;
    serverErrors++;
    if (examples.length < 8) examples.push(`${status} ${route} ${path.slice(0, 200)}`);
  };
  const begun = performance.now();
  const asking = async (): Promise<void> => {
    while (given < plan.requests) {
      const number = given++;
      if (number % AGAIN === 0) await people.again();
      if (number % 10_000 === 0 && number > 0) told(`${number} requests, ${serverErrors} of 5xx`);
      // Each has a seed of its own, so that it can be made again whatever came before it.
      const request = requests.next(randomFrom(plan.seed * 1_000_003 + number));
      if (server.hasEnded) {
        crashes++;
        server = await startServer();
      }
      count(await send(request, port, agent), request);
    }
  };
  try {
    await Promise.all(Array.from({ length: plan.atOnce }, asking));
    const seconds = (performance.now() - begun) / 1000;
    await health.end();
    agent.destroy();
    await sleep(SETTLE);
    const figures = await figuresOf(metricsPort);
    const inDatabase = await cluster.asAdmin('hostile', (client) =>
      client.query<{ count: number }>(
        `SELECT count(*)::int AS count FROM pg_stat_activity
         WHERE application_name = 'sleetcrest' AND state <> 'idle'`,
      ),
    );
    return {
      ...plan,
      seconds: rounded(seconds),
      statuses,
      slowest: Object.fromEntries(
        Object.entries(slowest)
          .sort(([, a], [, b]) => b - a)
          .map(([route, milliseconds]) => [route, Math.round(milliseconds)]),
      ),
      healthChecks: health.taken.length,
      slowestHealthCheck: Math.round(health.slowest),
      faults: {
        serverErrors,
        crashes,
        unanswered,
        strayRejections: figures('sleetcrest_stray_rejections_total'),
        connectionsKept:
          figures('sleetcrest_connections') +
          figures('sleetcrest_pool{state="lent"}') +
          figures('sleetcrest_pool{state="waiting"}') +
          inDatabase.rows[0]!.count,
        slowHealthChecks: health.slow,
        slowAnswers,
      },
      examples,
      late: late.slice(0, 8),
    };
  } finally {
    await health.end();
    agent.destroy();
    await people.end();
    await server.stop();
  }
}
