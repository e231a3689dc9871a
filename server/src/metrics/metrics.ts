import type { Server } from 'node:http';
import type { RequestHandler } from 'express';
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';
import type { Sequelize } from 'sequelize';
import { poolUse } from '../database/connection.js';
import { routeOf } from '../http/logging.js';
import { connectionsOf, listen } from '../serve.js';
import { Threads } from '../threads/threads.js';

/**
 * Figures about the server itself, for whoever runs it: requests, connections, the pool, queues, and
 * how late the thread that answers everybody is (`nodejs_eventloop_lag_…`). They name routes only.
 */
export class Metrics {
  private readonly registry = new Registry();
  private readonly seconds: Histogram<'route' | 'status'>;
  /** Promises that failed with nobody awaiting them: a fault of ours, which ends nothing. */
  readonly strays: Counter;
  private server: Server | undefined;

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
    const gauge = (
      name: string,
      help: string,
      read: () => Record<string, number> | number,
      labels: string[] = [],
    ): Gauge =>
      new Gauge({
        ...{ name: `sleetcrest_${name}`, help, labelNames: labels, registers },
        collect() {
          const now = read();
          if (typeof now === 'number') this.set(now);
          else
            for (const [label, value] of Object.entries(now))
              this.set({ [labels[0]!]: label }, value);
        },
      });
    gauge('connections', 'Connections open to the server', () =>
      this.server ? connectionsOf(this.server) : 0,
    );
    gauge(
      'pool',
      'Database connections lent, and requests waiting for one',
      () => ({ ...poolUse(sequelize) }),
      ['state'],
    );
    gauge('queue', 'Jobs at hand on other threads', () => Object.fromEntries(Threads.lengths()), [
      'threads',
    ]);
  }

  /** Whose connections are counted. */
  of(server: Server): void {
    this.server = server;
  }

  readonly measuring: RequestHandler = (request, response, next) => {
    const begun = performance.now();
    response.once('close', () => {
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
