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
const SECONDS = 5;
/** Many short ones, each beside the other's: how fast the machine is changes from minute to minute. */
const ROUNDS = 9;
/** Both are compiled as they run: what is measured is how they go on, not how they begin. */
const WARM_SECONDS = 10;

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
    url,
    connections: CLIENTS,
    duration: seconds,
    requests,
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

/** Any account, for which the bare handler keeps everything. */
async function someAccount(databaseUrl: string): Promise<string> {
  const client = new pg.Client(databaseUrl);
  await client.connect();
  const { rows } = await client.query<{ id: string }>('SELECT id FROM accounts LIMIT 1');
  await client.end();
  return rows[0]!.id;
}

/** The two side by side, round by round; then ours as it is used, recording and reading. */
async function measured(
  address: string,
  bareAddress: string,
  cookies: readonly string[],
): Promise<object> {
  const own: Figures[] = [];
  const others: Figures[] = [];
  await loaded(bareAddress, [], [recording()], WARM_SECONDS);
  await loaded(address, cookies, [recording()], WARM_SECONDS);
  for (let round = 1; round <= ROUNDS; round++) {
    others.push(await loaded(bareAddress, [], [recording()], SECONDS));
    own.push(await loaded(address, cookies, [recording()], SECONDS));
    say(`round ${round}: ${own.at(-1)!.perSecond}/s beside ${others.at(-1)!.perSecond}/s`);
  }
  const both = [...Array.from({ length: 4 }, recording), ...reading];
  const recordingAndReading = await loaded(address, cookies, both, SECONDS);
  const ratios = own.map(({ perSecond }, round) => perSecond / others[round]!.perSecond);
  return {
    clients: CLIENTS,
    recording: own,
    bare: others,
    ratios: ratios.map((ratio) => rounded(ratio)),
    ratio: rounded(median(ratios)),
    ratioWanted: 0.8,
    recordingAndReading,
  };
}

/** Sleetcrest's throughput beside the bare handler's, in one run. */
export const loadOfLog = (): Promise<object> =>
  overThrowaway('load', async ({ databaseUrl }) => {
    const server = await WebServer.start({
      databaseUrl,
      port: await freePort(),
      logLevel: 'fatal',
    });
    let bare: ChildProcess | undefined;
    try {
      const cookies: string[] = [];
      for (let k = 0; k < CLIENTS; k++) cookies.push(await signUp(server.address, `Client ${k}`));
      const port = await freePort();
      bare = await bareServer(databaseUrl, await someAccount(databaseUrl), port);
      return await measured(server.address, `http://127.0.0.1:${port}`, cookies);
    } finally {
      bare?.disconnect();
      await server.stop();
    }
  });
