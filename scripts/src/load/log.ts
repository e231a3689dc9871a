import { fork, type ChildProcess } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import autocannon from 'autocannon';
import pg from 'pg';
import { median, rounded } from '../bench/median.js';
import { someRecord, signUp } from '../people-at-work.js';
import { freePort } from '../ports.js';
import { overThrowaway } from '../postgres/throwaway.js';
import { say } from '../said.js';
import { WebServer } from '../web-server.js';

const CLIENTS = 50;
const SECONDS = 8;
const ROUNDS = 3;
const WARM_SECONDS = 3;

interface Figures {
  perSecond: number;
  p50: number;
  /** Milliseconds within which 95 of 100 requests were answered. */
  p95: number;
  failed: number;
}

type Request = autocannon.Request;

const recording = (): Request => ({
  method: 'POST',
  path: '/api/log',
  headers: { 'content-type': 'application/json' },
  // A body of its own for each request, as each records another solve.
  setupRequest: (request) => ({ ...request, body: JSON.stringify(someRecord()) }),
});

const reading: readonly Request[] = [
  { method: 'GET', path: '/api/log?limit=50' },
  { method: 'GET', path: '/api/log/overview?today=2026-11-25&from=2026-10-26' },
];

/** Fifty clients, each with a session of its own, asking as fast as they are answered. */
async function loaded(
  url: string,
  cookies: readonly string[],
  requests: Request[],
  seconds: number,
): Promise<Figures> {
  let next = 0;
  const latencies: number[] = [];
  const run = autocannon({
    ...{ url, connections: CLIENTS, duration: seconds, requests },
    setupClient: (client) => {
      const cookie = cookies[next++ % cookies.length];
      client.setRequests(
        requests.map((request) => ({
          ...request,
          headers: { ...request.headers, ...(cookie === undefined ? {} : { cookie }) },
        })),
      );
      client.on('response', (_status, _bytes, milliseconds) => latencies.push(milliseconds));
    },
  });
  const { requests: counted, non2xx, errors, duration } = await run;
  latencies.sort((a, b) => a - b);
  const at = (share: number): number => latencies[Math.floor(share * (latencies.length - 1))]!;
  return {
    perSecond: rounded(counted.total / duration),
    p50: rounded(at(0.5)),
    p95: rounded(at(0.95)),
    failed: non2xx + errors,
  };
}

async function bareServer(
  databaseUrl: string,
  account: string,
  port: number,
): Promise<ChildProcess> {
  const child = fork(fileURLToPath(new URL('./bare-server.js', import.meta.url)), {
    env: {
      ...process.env,
      BARE_DATABASE_URL: databaseUrl,
      BARE_ACCOUNT: account,
      BARE_PORT: String(port),
    },
  });
  await new Promise((resolve) => child.once('message', resolve));
  return child;
}

/** Sleetcrest's throughput beside the bare handler's, round by round in one run. */
export const loadOfLog = (): Promise<object> =>
  overThrowaway('load', async ({ databaseUrl }) => {
    const server = await WebServer.start({
      databaseUrl,
      port: await freePort(),
      logLevel: 'fatal',
    });
    const cookies: string[] = [];
    for (let k = 0; k < CLIENTS; k++) cookies.push(await signUp(server.address, `Client ${k}`));
    const client = new pg.Client(databaseUrl);
    await client.connect();
    const [account] = (await client.query<{ id: string }>('SELECT id FROM accounts LIMIT 1')).rows;
    await client.end();
    const barePort = await freePort();
    const bare = await bareServer(databaseUrl, account!.id, barePort);
    const bareUrl = `http://127.0.0.1:${barePort}`;
    const own: Figures[] = [];
    const others: Figures[] = [];
    await loaded(bareUrl, [], [recording()], WARM_SECONDS);
    await loaded(server.address, cookies, [recording()], WARM_SECONDS);
    for (let round = 1; round <= ROUNDS; round++) {
      others.push(await loaded(bareUrl, [], [recording()], SECONDS));
      own.push(await loaded(server.address, cookies, [recording()], SECONDS));
      say(`round ${round}: ${own.at(-1)!.perSecond}/s beside ${others.at(-1)!.perSecond}/s`);
    }
    const mixed = await loaded(
      server.address,
      cookies,
      [...Array.from({ length: 4 }, recording), ...reading],
      SECONDS,
    );
    const rates = (figures: Figures[]): number => median(figures.map(({ perSecond }) => perSecond));
    const measured = {
      clients: CLIENTS,
      recording: own,
      bare: others,
      ratio: rounded(rates(own) / rates(others)),
      ratioWanted: 0.8,
      recordingAndReading: mixed,
    };
    bare.disconnect();
    await server.stop();
    return measured;
  });
