import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import express, { type Response } from 'express';
import { turns } from './turns.js';

describe('pages that come to follow a session', () => {
  it('are let in a few at a time, boards first; what is told in between does not wait', async () => {
    const app = express();
    const come: { path: string; response: Response }[] = [];
    let arrived = (): void => undefined;
    app.use('/api/live', turns());
    app.use('/api/live', ({ path, method }, response) => {
      if (method === 'PUT') {
        response.end();
        return;
      }
      come.push({ path, response });
      arrived();
    });
    const server = app.listen(0, '127.0.0.1');
    await once(server, 'listening');
    const address = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/live`;
    const until = async (count: number): Promise<void> => {
      while (come.length < count) await new Promise<void>((resolve) => (arrived = resolve));
    };
    const asked: Promise<unknown>[] = [];
    let received = 0;
    const ask = async (path: string): Promise<void> => {
      const before = received;
      server.once('request', () => received++);
      asked.push(fetch(address + path));
      while (received === before) await once(server, 'request');
    };
    for (let k = 0; k < 8; k++) await ask(`/${k}/seat`);
    await ask('/8/board');
    await until(4);
    expect((await fetch(`${address}/0/here`, { method: 'PUT' })).status).toBe(200);
    expect(come.length).toBe(4);
    for (let k = 0; k < 9; k++) {
      await until(k + 1);
      come[k]!.response.end();
    }
    expect(come.slice(0, 4).every(({ path }) => path.endsWith('seat'))).toBeTrue();
    expect(come[4]!.path).toBe('/8/board');
    await Promise.all(asked);
    server.close();
  });
});
