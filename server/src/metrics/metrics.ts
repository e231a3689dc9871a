import type { Server } from 'node:http';
import type { RequestHandler } from 'express';
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';
import type { Sequelize } from 'sequelize';
import { poolUse } from '../database/connection.js';
import { causeOf } from '../http/problem.js';
import type { Jobs } from '../jobs/jobs.js';
import { sinceDone } from '../jobs/queries.js';
import { dropped } from '../live/stream.js';
import type { Streams } from '../live/streams.js';
import { routeOf } from '../http/logging.js';
import { connectionsOf, listen } from '../serve.js';
import { Threads } from '../threads/threads.js';

/** A figure, or one for each label; undefined where there is none just now. */
type Figures = number | Record<string, number> | undefined;

/**
 * Figures about the server itself, for whoever runs it: requests, connections, the pool, queues, and
 * how late the thread that answers everybody is (`nodejs_eventloop_lag_…`). They name routes only.
 */
export class Metrics {
  private readonly registry = new Registry();
  private readonly seconds: Histogram<'route' | 'status'>;
  /** Promises that failed with nobody awaiting them: a fault of ours, which ends nothing. */
  readonly strays: Counter;
  private readonly refused: Counter<'cause'>;
  private server: Server | undefined;
  private streams: Streams | undefined;
  private jobs: Jobs | undefined;

  constructor(sequelize: Sequelize) {
    const registers = [this.registry];
    collectDefaultMetrics({ register: this.registry, eventLoopMonitoringPrecision: 10 });
    this.seconds = new Histogram({
      name: 'sleetcrest_request_seconds',
      help: 'Seconds from the first byte of a request to the end of its answer',
      labelNames: ['route', 'status'],
      buckets: [0.005, 0.02, 0.05, 0.1, 0.25, 0.5, 1, 2, 5, 10],
      registers,
    });
    this.strays = new Counter({
      name: 'sleetcrest_stray_rejections_total',
      help: 'Promises that failed with nobody awaiting them',
      registers,
    });
    this.refused = new Counter({
      name: 'sleetcrest_refused_total',
      help: 'Answers of 503, by what was the matter',
      labelNames: ['cause'],
      registers,
    });
    type Read = () => Figures | Promise<Figures>;
    const gauge = (name: string, help: string, read: Read, label?: string): Gauge =>
      new Gauge({
        name: `sleetcrest_${name}`,
        help,
        labelNames: label === undefined ? [] : [label],
        registers,
        async collect() {
          const now = await read();
          if (now === undefined) this.reset();
          else if (typeof now === 'number') this.set(now);
          else for (const [of, value] of Object.entries(now)) this.set({ [label!]: of }, value);
        },
      });
    gauge('connections', 'Connections open to the server', () =>
      this.server ? connectionsOf(this.server) : 0,
    );
    gauge(
      'pool',
      'Database connections lent, and requests waiting for one',
      () => ({ ...poolUse(sequelize) }),
      'state',
    );
    const queues = (): Figures => Object.fromEntries(Threads.lengths());
    gauge('queue', 'Jobs at hand on other threads', queues, 'threads');
    gauge('streams', 'Pages that follow a session', () => this.streams?.figures.streams ?? 0);
    gauge(
      'news_age_seconds',
      'Seconds since a notice of the database was heard, while any page follows a session',
      () => {
        const age = this.streams?.figures.newsAge;
        return age === undefined ? undefined : age / 1000;
      },
    );
    gauge(
      'dropped_readers',
      'Readers of a stream that did not take what was told, and the bytes that waited for them',
      () => ({ readers: dropped.readers, bytes: dropped.bytes }),
      'of',
    );
    gauge('oldest_job_seconds', 'Seconds for which the oldest job that could be done waits', () =>
      this.jobs?.oldest().catch(() => undefined),
    );
    gauge(
      'last_purge_seconds',
      'Seconds since what is kept no longer was last removed',
      () => this.jobs && sinceDone(sequelize, 'purge').catch(() => undefined),
    );
  }

  /** Whose streams and jobs are counted. */
  follow(streams: Streams, jobs: Jobs | undefined): void {
    this.streams = streams;
    this.jobs = jobs;
  }

  /** Whose connections are counted. */
  of(server: Server): void {
    this.server = server;
  }

  readonly measuring: RequestHandler = (request, response, next) => {
    const begun = performance.now();
    response.once('close', () => {
      const cause = causeOf(response);
      if (cause !== undefined) this.refused.inc({ cause });
      // How long a page follows something says nothing of how quick we are.
      if (response.getHeader('content-type')?.toString().startsWith('text/event-stream')) return;
      // 499: whoever asked left before the answer was whole.
      const status = response.writableFinished ? response.statusCode : 499;
      this.seconds.observe({ route: routeOf(request), status }, (performance.now() - begun) / 1000);
    });
    next();
  };

  /** Tells them as Prometheus reads them, on a port of its own on loopback. */
  tell(port: number): Promise<Server> {
    return listen(
      (request, response) => {
        if (request.url !== '/metrics') {
          response.writeHead(404).end();
          return;
        }
        this.registry.metrics().then(
          (text) => response.setHeader('content-type', this.registry.contentType).end(text),
          () => response.writeHead(500).end(),
        );
      },
      port,
      '127.0.0.1',
    );
  }
}
