import type { AddressInfo } from 'node:net';
import { connect, type Socket } from 'node:net';
import type { Server } from 'node:http';
import { setTimeout as sleep } from 'node:timers/promises';
import { connectionsOf, finish, listen } from './serve.js';

describe('a server that is told to finish', () => {
  let server: Server;
  let answer: (() => void) | undefined;
  const sockets: Socket[] = [];

  beforeEach(async () => {
    answer = undefined;
    server = await listen(
      (request, response) => {
        request.resume();
        if (request.url === '/at-once') response.end('done');
        else answer = () => response.end('done');
      },
      0,
      '127.0.0.1',
    );
  });
  afterEach(() => {
    for (const socket of sockets.splice(0)) socket.destroy();
  });

  /** Connects, sends and gives what comes back until the other side ends. */
  async function line(sent = ''): Promise<{ socket: Socket; ended: Promise<string> }> {
    const { port } = server.address() as AddressInfo;
    const socket = connect(port, '127.0.0.1');
    sockets.push(socket);
    await new Promise((resolve) => socket.once('connect', resolve));
    let come = '';
    socket.setEncoding('utf8').on('data', (text: string) => (come += text));
    const ended = new Promise<string>((resolve) => socket.once('close', () => resolve(come)));
    socket.on('error', () => undefined);
    const before = connectionsOf(server);
    socket.write(sent);
    while (connectionsOf(server) < before) await sleep(5);
    return { socket, ended };
  }
  const ask = (path: string): string => `GET ${path} HTTP/1.1\r\nhost: localhost\r\n\r\n`;

  it('cuts a connection on which nothing was asked, at once', async () => {
    const { ended } = await line();
    while (connectionsOf(server) < 1) await sleep(5);
    const begun = Date.now();
    await finish(server);
    expect(await ended).toBe('');
    expect(Date.now() - begun).toBeLessThan(2000);
  });

  it('cuts one that was answered and is kept open', async () => {
    const { socket, ended } = await line(ask('/at-once'));
    await new Promise((resolve) => socket.once('data', resolve));
    await finish(server);
    expect(await ended).toContain('done');
  });

  it('answers what is under way first', async () => {
    const { ended } = await line(ask('/later'));
    while (!answer) await sleep(5);
    const finished = finish(server);
    await sleep(100);
    expect(connectionsOf(server)).toBe(1);
    answer();
    await finished;
    expect(await ended).toContain('done');
  });

  it('waits so long and no longer', async () => {
    const { ended } = await line(ask('/never'));
    while (!answer) await sleep(5);
    await finish(server, 200);
    expect(await ended).toBe('');
  });
});
