import { mkdtemp, rm } from 'node:fs/promises';
import { connect, createServer, type AddressInfo, type Server, type Socket } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, expect, type BrowserContext, type Page } from '@playwright/test';

/** Waits until everything is there that a page needs without a network. */
export async function readyForOffline(page: Page): Promise<void> {
  const missing = (): Promise<number> =>
    page.evaluate(async () => {
      await navigator.serviceWorker.ready;
      const plan = (await (await fetch('/ngsw.json?ngsw-bypass')).json()) as {
        assetGroups: { urls: string[] }[];
      };
      const wanted = plan.assetGroups.flatMap(({ urls }) => urls);
      const have = new Set<string>();
      for (const name of await caches.keys()) {
        for (const { url } of await (await caches.open(name)).keys())
          have.add(new URL(url).pathname);
      }
      return wanted.filter((url) => !have.has(url)).length;
    });
  await expect.poll(missing, { timeout: 60_000 }).toBe(0);
}

/** Stands between a browser and the server: while it is cut, nothing goes through. */
class Line {
  private readonly sockets = new Set<Socket>();
  private server: Server | undefined;
  private port = 0;
  /** What is asked for by this path never gets an answer. */
  stuck: string | undefined;

  constructor(private readonly to: URL) {}

  async restore(): Promise<string> {
    this.server = createServer((near) => {
      const far = connect(Number(this.to.port), this.to.hostname);
      for (const [one, other] of [
        [near, far],
        [far, near],
      ] as const) {
        this.sockets.add(one);
        one.on('error', () => other.destroy());
        one.on('close', () => this.sockets.delete(one) && other.destroy());
      }
      far.pipe(near);
      near.on('data', (asked: Buffer) => {
        const stuck = this.stuck !== undefined && asked.includes(` ${this.stuck} `);
        if (!stuck) far.write(asked);
      });
    });
    await new Promise<void>((done) => this.server!.listen(this.port, '127.0.0.1', done));
    this.port = (this.server.address() as AddressInfo).port;
    return `http://127.0.0.1:${this.port}`;
  }

  async cut(): Promise<void> {
    const closed = new Promise((done) => this.server?.close(done));
    for (const socket of this.sockets) socket.destroy();
    await closed;
  }
}

/** A browser of one's own that can be closed and opened again, with all it has kept. */
export class Device {
  private constructor(
    private readonly folder: string,
    private readonly line: Line,
    private readonly address: string,
    private context: BrowserContext,
  ) {}

  static async open(baseURL: string): Promise<Device> {
    const folder = await mkdtemp(join(tmpdir(), 'sleetcrest-device-'));
    const line = new Line(new URL(baseURL));
    const address = await line.restore();
    return new Device(folder, line, address, await launch(folder, address));
  }

  get page(): Page {
    return this.context.pages()[0]!;
  }

  /** From now on, whoever asks for this waits for ever. */
  holdBack(path: string): void {
    this.line.stuck = path;
  }

  /** Cuts it off: the server is out of reach for its worker too, and the browser knows that it is. */
  async offline(): Promise<void> {
    await this.line.cut();
    await this.context.setOffline(true);
  }

  async online(): Promise<void> {
    await this.line.restore();
    await this.context.setOffline(false);
  }

  /** Closes the browser and opens it again, still cut off. */
  async reopenOffline(): Promise<void> {
    await this.context.close();
    this.context = await launch(this.folder, this.address);
    await this.context.setOffline(true);
  }

  /** Puts something into each page before anything of it runs. */
  async prepare(script: () => void): Promise<void> {
    await this.context.addInitScript(script);
  }

  async close(): Promise<void> {
    await this.context.close();
    await this.line.cut();
    await rm(this.folder, { recursive: true, force: true });
  }
}

const launch = (folder: string, baseURL: string): Promise<BrowserContext> =>
  chromium.launchPersistentContext(folder, {
    baseURL,
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
    serviceWorkers: 'allow',
    executablePath: process.env['SLEETCREST_CHROMIUM'] ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-background-networking'],
  });
