import { randomUUID } from 'node:crypto';
import { Agent } from 'node:https';
import { setTimeout as sleep } from 'node:timers/promises';
import { randomFrom } from '@sleetcrest/core';
import { freePort } from '../ports.js';
import { overThrowaway, type Throwaway } from '../postgres/throwaway.js';
import { WebServer } from '../web-server.js';
import { Client, type NodeCounts } from './client.js';
import { Nginx } from './nginx.js';

export interface NodesPlan {
  nodes: number;
  clients: number;
  /** How often a node is killed and comes back, one after the other. */
  kills: number;
  seed: number;
}

export interface NodesOutcome extends NodesPlan, Omit<NodeCounts, 'recorded' | 'wrong'> {
  recorded: number;
  /** All of these are to be 0. */
  faults: {
    /** Answered with success, but not there; there more often than once, or never answered. */
    lost: number;
    doubled: number;
    /** Answers that no retry heals. */
    otherServerErrors: number;
    wrongAnswers: number;
    believedAfterEnd: number;
  };
  examples: string[];
}

const GROUPS = 3;
/** Milliseconds a node lives between being back and the next being killed. */
const LIVES = { from: 200, span: 1200 };

/**
 * Several server processes on one database behind nginx, killed one after the other while people
 * work. Nothing that a process holds may matter.
 */
export const nodes = (
  plan: NodesPlan,
  told: (line: string) => void = () => undefined,
): Promise<NodesOutcome> => overThrowaway('nodes', (over) => overNodes(over, plan, told));

async function overNodes(
  { cluster, databaseUrl }: Throwaway,
  plan: NodesPlan,
  told: (line: string) => void,
): Promise<NodesOutcome> {
  const ports: number[] = [];
  while (ports.length < plan.nodes) ports.push(await freePort());
  const start = (port: number): Promise<WebServer> =>
    WebServer.start({ databaseUrl, port, logLevel: 'silent', proxies: '127.0.0.1' });
  const servers = await Promise.all(ports.map(start));
  const [tlsPort, plainPort] = [await freePort(), await freePort()];
  const nginx = await Nginx.start({ tlsPort, plainPort, servers: ports });
  const agent = new Agent({ keepAlive: true, ca: nginx.certificate, maxSockets: plan.clients });
  const counts: NodeCounts = {
    statuses: {},
    retries: 0,
    recorded: [],
    phrasesChanged: 0,
    groupsJoined: 0,
    logsRead: 0,
    wrong: [],
    believedBeforeEnd: 0,
    believedAfterEnd: 0,
  };
  const codes: string[] = [];
  const way = { agent, port: tlsPort, nodes: ports.map((port) => `http://127.0.0.1:${port}`) };
  const somebody = (name: string, seed: number): Client =>
    new Client(name, { ...way, codes, counts }, randomFrom(plan.seed + seed));
  try {
    const coach = somebody('Coach', 0);
    await coach.signUp('coach');
    for (let k = 0; k < GROUPS; k++) codes.push(await coach.makeGroup(randomUUID()));
    const clients = Array.from({ length: plan.clients }, (_, k) => somebody(`Client ${k}`, k + 1));
    await Promise.all(clients.map((client) => client.signUp()));
    let ending = false;
    const working = clients.map((client) => client.work(() => ending));
    const random = randomFrom(plan.seed);
    for (let kill = 0; kill < plan.kills; kill++) {
      await sleep(LIVES.from + random(LIVES.span));
      const which = kill % plan.nodes;
      await servers[which]!.kill();
      await sleep(random(LIVES.span));
      servers[which] = await start(ports[which]!);
      if ((kill + 1) % 10 === 0) told(`${kill + 1} kills, ${counts.recorded.length} recorded`);
    }
    ending = true;
    await Promise.all(working);
    const { rows } = await cluster.asAdmin('nodes', (client) =>
      client.query<{ id: string }>('SELECT id FROM log_entries'),
    );
    return outcome(
      plan,
      counts,
      rows.map(({ id }) => id),
    );
  } finally {
    agent.destroy();
    await nginx.stop();
    await Promise.all(servers.map((server) => server.stop()));
  }
}

function outcome(plan: NodesPlan, counts: NodeCounts, kept: readonly string[]): NodesOutcome {
  const { recorded, wrong, ...told } = counts;
  const [there, answered] = [new Set(kept), new Set(recorded)];
  const others = Object.entries(counts.statuses).filter(
    ([status]) => Number(status) >= 500 && !['502', '503'].includes(status),
  );
  return {
    ...plan,
    ...told,
    recorded: recorded.length,
    faults: {
      lost: recorded.filter((id) => !there.has(id)).length,
      doubled: kept.length - there.size + kept.filter((id) => !answered.has(id)).length,
      otherServerErrors: others.reduce((sum, [, count]) => sum + count, 0),
      wrongAnswers: wrong.length,
      believedAfterEnd: counts.believedAfterEnd,
    },
    examples: wrong.slice(0, 8),
  };
}
