import pg from 'pg';
import type { Sequelize } from 'sequelize';

/** What is told between processes: that somebody at a session, or the session itself, has changed. */
export interface News {
  live: string;
  /** What is told to boards, whole; absent where it has to be asked for. */
  event?: unknown;
  /** `all`: everything is to be asked for again. */
  of: 'one' | 'session' | 'over' | 'all';
  /** Whom it is about. */
  who?: string;
}

/** The channel of the database. */
export const CHANNEL = 'sleetcrest_live';
/** What the database tells in one piece; beyond it what changed is asked for. */
export const MOST_TOLD = 7500;

/** Milliseconds between tries to hear again once the database is gone. */
const AGAIN = 1000;

type Listener = (news: News) => void;

/**
 * Hears what other processes tell by the database, on a connection of its own that is there while anybody
 * listens. What was told while it was cut off was not heard: everybody is then told to ask for everything.
 */
export class LiveNews {
  private readonly listeners = new Map<string, Set<Listener>>();
  private client: pg.Client | undefined;
  private connecting: Promise<void> | undefined;
  private retry: NodeJS.Timeout | undefined;
  private closed = false;

  constructor(private readonly sequelize: Sequelize) {}

  /** Hears of a session from now on; gives how to stop. Resolves once it really does. */
  async listen(live: string, listener: Listener): Promise<() => void> {
    const all = this.listeners.get(live) ?? new Set();
    this.listeners.set(live, all.add(listener));
    const stop = (): void => {
      all.delete(listener);
      if (all.size === 0 && this.listeners.get(live) === all) this.listeners.delete(live);
      if (this.listeners.size === 0) void this.hangUp();
    };
    try {
      await this.connected();
    } catch (error) {
      stop();
      throw error;
    }
    return stop;
  }

  /** Ends it: whoever listens is told that it is over here, and comes back elsewhere. */
  async close(): Promise<void> {
    this.closed = true;
    await this.hangUp();
  }

  private connected(): Promise<void> {
    if (this.closed) return Promise.reject(new Error('this process is ending'));
    this.connecting ??= this.connect().catch((error: unknown) => {
      this.connecting = undefined;
      throw error;
    });
    return this.connecting;
  }

  private async connect(): Promise<void> {
    const { host, port, database, username, password } = this.sequelize.config;
    const client = new pg.Client({
      ...{ host, database, password: password ?? undefined, user: username },
      ...(port === undefined ? {} : { port: Number(port) }),
      ...{ application_name: 'sleetcrest live', connectionTimeoutMillis: 5000, keepAlive: true },
    } as pg.ClientConfig);
    client.on('error', () => this.lost(client));
    client.on('end', () => this.lost(client));
    client.on('notification', ({ payload }) => this.heard(payload));
    this.client = client;
    await client.connect();
    await client.query(`LISTEN ${CHANNEL}`);
  }

  private lost(client: pg.Client): void {
    if (this.client !== client) return;
    this.client = undefined;
    this.connecting = undefined;
    this.tryAgain();
  }

  private tryAgain(): void {
    if (this.closed || this.retry || this.listeners.size === 0) return;
    this.retry = setTimeout(() => {
      this.retry = undefined;
      this.connected().then(
        () => this.tellAll(),
        () => this.tryAgain(),
      );
    }, AGAIN);
    this.retry.unref();
  }

  private async hangUp(): Promise<void> {
    clearTimeout(this.retry);
    this.retry = undefined;
    const { client } = this;
    this.client = undefined;
    this.connecting = undefined;
    await client?.end().catch(() => undefined);
  }

  private heard(payload: string | undefined): void {
    if (payload === undefined) return;
    const news = JSON.parse(payload) as News;
    for (const listener of this.listeners.get(news.live) ?? []) listener(news);
  }

  private tellAll(): void {
    for (const [live, all] of this.listeners) {
      for (const listener of all) listener({ live, of: 'all' });
    }
  }
}
