import type { AddressInfo } from 'node:net';
import { aRecord, TestApp } from '../app.spec-support.js';
import { openDatabase } from '../database/connection.js';
import { Metrics } from './metrics.js';

describe('the figures of a server', () => {
  it('are told as Prometheus reads them, by route, and name nobody', async () => {
    const idle = openDatabase('postgres://nobody@127.0.0.1:1/nothing');
    const metrics = new Metrics(idle);
    const app = await TestApp.start({ metrics });
    metrics.of(app.server);
    const told = await metrics.tell(0);
    const learner = app.somebody();
    await learner.signUp('Amalie Vik');
    await learner.ask('GET', '/api/log?text=secret');
    await learner.ask('GET', `/api/log/entries/${aRecord().id}`);
    const { port, address } = told.address() as AddressInfo;
    expect(address).toBe('127.0.0.1');
    const answer = await fetch(`http://127.0.0.1:${port}/metrics`);
    const text = await answer.text();
    expect(answer.headers.get('content-type')).toContain('text/plain');
    expect(text).toContain('sleetcrest_request_seconds_count{route="GET /api/log",status="200"} 1');
    expect(text).toContain('{route="GET /api/log/entries/:id",status="404"} 1');
    expect(text).toMatch(/^sleetcrest_connections [1-9]/m);
    for (const name of [
      'sleetcrest_pool{state="lent"} 0',
      'sleetcrest_queue{threads="thinking"}',
      'nodejs_eventloop_lag_p99_seconds',
      'sleetcrest_stray_rejections_total 0',
    ]) {
      expect(text).toContain(name);
    }
    for (const word of ['secret', 'Amalie']) expect(text).not.toContain(word);
    expect((await fetch(`http://127.0.0.1:${port}/`)).status).toBe(404);
    told.closeAllConnections();
    told.close();
    await app.stop();
    await idle.close();
  });
});
