import { createServer, type Server } from 'node:http';
import { freePort } from './ports.js';
import { WebServer, type WebServerOptions } from './web-server.js';

/**
 * A node that dies and comes back when it is told to: by `POST /` at an address of its own, which answers once
 * it is back. For journeys, which drive what runs and start nothing themselves.
 */
export class MortalNode {
  private constructor(
    private server: WebServer,
    private readonly door: Server,
    /** Where it is told to die. */
    readonly control: string,
  ) {}

  get address(): string {
    return this.server.address;
  }

  static async start(options: Omit<WebServerOptions, 'port'>): Promise<MortalNode> {
    const whole = { ...options, port: await freePort() };
    const door = createServer();
    const port = await freePort();
    await new Promise<void>((resolve) => door.listen(port, '127.0.0.1', resolve));
    const server = await WebServer.start(whole);
    const node = new MortalNode(server, door, `http://127.0.0.1:${port}`);
    door.on('request', (_, response) => {
      void (async () => {
        await node.server.kill();
        node.server = await WebServer.start(whole);
        response.end();
      })();
    });
    return node;
  }

  async stop(): Promise<void> {
    this.door.close();
    this.door.closeAllConnections();
    await this.server.stop();
  }
}
