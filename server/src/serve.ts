import type { Server } from 'node:http';
import type { Express } from 'express';

/** Starts listening; rejects when the port is taken or may not be used. */
export function listen(app: Express, port: number, host: string): Promise<Server> {
  return new Promise((resolve, reject) => {
    const server = app.listen(port, host, (error?: Error) => {
      if (error) reject(error);
      else resolve(server);
    });
  });
}

/** Takes no new requests, finishes those under way, and resolves when the last is answered. */
export function finish(server: Server): Promise<void> {
  return new Promise((resolve, reject) => {
    // A browser keeps its connection open after the answer; it would hold us for seconds.
    const sweep = setInterval(() => server.closeIdleConnections(), 50);
    server.close((error) => {
      clearInterval(sweep);
      if (error) reject(error);
      else resolve();
    });
  });
}
