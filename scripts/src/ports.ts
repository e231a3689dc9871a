import { createServer, type AddressInfo } from 'node:net';
import { ToldError } from './said.js';

/** Listens on a port for a moment; resolves with its number (a free one when asked for 0). */
function tryPort(port: number): Promise<number> {
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.once('error', reject);
    server.listen(port, '127.0.0.1', () => {
      const { port: found } = server.address() as AddressInfo;
      server.close(() => resolve(found));
    });
  });
}

export const freePort = (): Promise<number> => tryPort(0);

/** Ends with a sentence when a port cannot be had. */
export async function needPort(port: number, what: string, variable: string): Promise<void> {
  if (!Number.isInteger(port) || port < 1 || port > 65_535) {
    throw new ToldError(`${variable} must be a port from 1 to 65535.`);
  }
  try {
    await tryPort(port);
  } catch (error) {
    const why = (error as NodeJS.ErrnoException).code === 'EACCES' ? 'may not be used' : 'is taken';
    throw new ToldError(
      `Port ${port}, wanted for ${what}, ${why}: stop what uses it, or choose another with ${variable}=PORT.`,
    );
  }
}
