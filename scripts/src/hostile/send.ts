import { request as ask, type Agent, type ClientRequest, type IncomingMessage } from 'node:http';
import { setTimeout as sleep } from 'node:timers/promises';
import type { HostileRequest } from './requests.js';

/** What came of a request: its status, or that we left it, or that it was cut off by the server. */
export interface Outcome {
  status: number | 'left' | 'cut off' | 'no answer';
  milliseconds: number;
}

/** A request that is not answered by then never will be. */
const NO_ANSWER = 30_000;
/** Slow ones take so many milliseconds at most, in as many parts. */
const SLOW = { most: 2500, parts: 10 };

/** Sends a request in its manner to a server on loopback. */
export function send(request: HostileRequest, port: number, agent: Agent): Promise<Outcome> {
  const begun = performance.now();
  return new Promise((resolve) => {
    const end = (status: Outcome['status']): void => {
      clearTimeout(given);
      resolve({ status, milliseconds: performance.now() - begun });
    };
    let left = false;
    const sent = ask({
      port,
      host: '127.0.0.1',
      agent,
      method: request.method,
      path: request.path,
      headers: {
        ...request.headers,
        ...(request.body && { 'content-length': request.body.length }),
      },
    });
    const leave = (): void => {
      left = true;
      sent.destroy();
      end('left');
    };
    const given = setTimeout(() => {
      sent.destroy();
      end('no answer');
    }, NO_ANSWER);
    sent.on('response', (response) => {
      response.on('error', () => end(left ? 'left' : 'cut off'));
      response.on('end', () => end(response.statusCode!));
      response.on('aborted', () => end(left ? 'left' : 'cut off'));
      if (response.headers['content-type']?.startsWith('text/event-stream')) {
        follow(request, response, leave);
        return;
      }
      read(request, response, leave);
    });
    // Refused while a body was still on its way, the connection may be cut before the answer is read.
    sent.on('error', () => end(left ? 'left' : 'cut off'));
    write(request, sent, leave);
  });
}

/** A stream has no end of its own: it is left once it has told something, or a little later. */
function follow({ at }: HostileRequest, response: IncomingMessage, leave: () => void): void {
  response.resume();
  setTimeout(leave, at % SLOW.most);
}

function read({ manner, at }: HostileRequest, response: IncomingMessage, leave: () => void): void {
  if (manner === 'read slowly') {
    response.once('data', () => response.pause());
    setTimeout(() => (at % 2 === 0 ? leave() : response.resume()), at % SLOW.most);
    return;
  }
  let come = 0;
  response.on('data', (bytes: Buffer) => {
    come += bytes.length;
    if (manner === 'cut while read' && come > at) leave();
  });
}

function write({ manner, at, body }: HostileRequest, sent: ClientRequest, leave: () => void): void {
  if (manner === 'cut while sent') {
    // Also before the first byte, and while the answer is being made.
    if (body) sent.write(body.subarray(0, at % (body.length + 1)));
    else sent.end();
    setTimeout(leave, at % 40);
    return;
  }
  if (manner === 'sent slowly' && body) {
    void slowly(sent, body, at % SLOW.most);
    return;
  }
  sent.end(body);
}

async function slowly(sent: ClientRequest, body: Buffer, milliseconds: number): Promise<void> {
  const part = Math.ceil(body.length / SLOW.parts) || 1;
  for (let from = 0; from < body.length && !sent.destroyed; from += part) {
    sent.write(body.subarray(from, from + part));
    await sleep(milliseconds / SLOW.parts);
  }
  if (!sent.destroyed) sent.end();
}
