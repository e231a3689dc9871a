import type { IncomingMessage, RequestListener, Server, ServerResponse } from 'node:http';
import { createServer } from 'node:http';
import type { Socket } from 'node:net';

/** Milliseconds: how long a sender may take over a request, and either side may be silent in one. */
const PATIENCE = { headers: 20_000, request: 60_000, silence: 60_000 };
/**
 * How long a connection stays open between two requests: longer than a proxy keeps its own (nginx: 60
 * seconds), or it would now and then send a request into one that we are closing.
 */
const BETWEEN = 75_000;

/** What finishing needs to know of each connection. */
interface Line {
  /** Requests being answered. */
  underWay: number;
  /** Bytes that had come when the last answer was sent: more means another request has begun. */
  read: number;
}

const lines = new WeakMap<Server, Map<Socket, Line>>();

/** Starts listening; rejects when the port is taken or may not be used. */
export function listen(app: RequestListener, port: number, host: string): Promise<Server> {
  const server = createServer(
    {
      headersTimeout: PATIENCE.headers,
      requestTimeout: PATIENCE.request,
      keepAliveTimeout: BETWEEN,
    },
    app,
  );
  // A reader who takes nothing for so long is gone; the connection is cut and what feeds it ends.
  server.setTimeout(PATIENCE.silence);
  const open = new Map<Socket, Line>();
  lines.set(server, open);
  server.on('connection', (socket: Socket) => {
    open.set(socket, { underWay: 0, read: 0 });
    socket.once('close', () => open.delete(socket));
  });
  server.on('request', ({ socket }: IncomingMessage, response: ServerResponse) => {
    const line = open.get(socket);
    if (!line) return;
    line.underWay++;
    response.once('close', () => {
      line.underWay--;
      line.read = socket.bytesRead;
    });
  });
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => resolve(server));
  });
}

/** How many connections are open to a server. */
export const connectionsOf = (server: Server): number => lines.get(server)?.size ?? 0;

/**
 * Takes no new requests, cuts connections that are idle, and resolves when the requests under way
 * are answered or, after so many milliseconds, cut off.
 */
export function finish(server: Server, within = 10_000): Promise<void> {
  return new Promise((resolve, reject) => {
    const sweep = setInterval(() => cutIdle(server), 50);
    const end = setTimeout(() => server.closeAllConnections(), within);
    server.close((error) => {
      clearInterval(sweep);
      clearTimeout(end);
      if (error) reject(error);
      else resolve();
    });
    cutIdle(server);
  });
}

/** A connection on which nothing was asked since the last answer, if ever, keeps nobody waiting. */
function cutIdle(server: Server): void {
  for (const [socket, { underWay, read }] of lines.get(server) ?? []) {
    if (underWay === 0 && socket.bytesRead === read) socket.destroy();
  }
}
