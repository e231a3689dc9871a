import { randomUUID } from 'node:crypto';
import pg from 'pg';
import type { Sequelize } from 'sequelize';
import { optionsOf } from '../database/connection.js';
import { CHANNEL, type Notice } from '../database/notices.js';

/** Milliseconds between notices to oneself, by which it is known that others are heard too. */
export const PULSE = 4000;
/** So many without one heard, and the connection is taken for dead, also where nothing says so. */
const DEAD = 2 * PULSE;
/** Milliseconds between tries to hear again once the database is gone. */
const AGAIN = 1000;

/** What whoever listens is told: a notice; `all`, that what was told meanwhile was not heard; `beat`, that all was. */
export type Heard = Notice | { of: 'all' } | { of: 'beat' };

type Listener = (heard: Heard) => void;

/**
 * Hears what other processes tell by the database, on a connection of its own that is there while anybody
 * listens. It tells itself something every few seconds: only what comes back by the database says that notices
 * are heard. A database that stands still, or another that has taken its place, is silence.
 */
export class LiveNews {
  private client: pg.Client | undefined;
  private connecting: Promise<void> | undefined;
  private retry: NodeJS.Timeout | undefined;
  private pulse: NodeJS.Timeout | undefined;
  private readonly own = `sleetcrest_beat_${randomUUID().replaceAll('-', '')}`;
  private heardAt = 0;
  private isWanted = false;
  private closed = false;

  constructor(
    private readonly sequelize: Sequelize,
    private readonly listener: Listener,
  ) {}

  /** Milliseconds since a notice was last heard; undefined while nobody listens. */
  get age(): number | undefined {
    return this.isWanted ? Date.now() - this.heardAt : undefined;
  }

  /** Resolves once what is told from now on is heard. */
  begin(): Promise<void> {
    if (this.closed) return Promise.reject(new Error('this process is ending'));
    this.isWanted = true;
    this.connecting ??= this.connect().catch((error: unknown) => {
      this.connecting = undefined;
      throw error;
    });
    return this.connecting;
  }

  /** Hears no more, as nobody listens. */
  end(): void {
    this.isWanted = false;
    void this.hangUp();
  }

  async close(): Promise<void> {
    this.closed = true;
    this.isWanted = false;
    await this.hangUp();
  }

  private async connect(): Promise<void> {
    const client = new pg.Client({
      ...optionsOf(this.sequelize),
      application_name: 'sleetcrest live',
    });
    client.on('error', () => this.lost(client));
    client.on('end', () => this.lost(client));
    client.on('notification', ({ channel, payload }) => {
      if (this.client === client) this.heard(channel, payload);
    });
    this.client = client;
    this.heardAt = Date.now();
    await client.connect();
    await client.query(`LISTEN ${CHANNEL}; LISTEN ${this.own}`);
    clearInterval(this.pulse);
    this.pulse = setInterval(() => this.beat(client), PULSE).unref();
  }

  /** Tells oneself something; where what was told before has not come back, the connection is dead. */
  private beat(client: pg.Client): void {
    if (this.client !== client) return;
    if (Date.now() - this.heardAt > DEAD) {
      this.lost(client);
      void client.end().catch(() => undefined);
    } else client.query(`NOTIFY ${this.own}`).catch(() => this.lost(client));
  }

  private lost(client: pg.Client): void {
    if (this.client !== client) return;
    this.client = undefined;
    this.connecting = undefined;
    clearInterval(this.pulse);
    this.tryAgain();
    void client.end().catch(() => undefined);
  }

  private tryAgain(): void {
    if (this.closed || this.retry || !this.isWanted) return;
    this.retry = setTimeout(() => {
      this.retry = undefined;
      if (!this.isWanted) return;
      this.begin().then(
        () => this.listener({ of: 'all' }),
        () => this.tryAgain(),
      );
    }, AGAIN);
    this.retry.unref();
  }

  private async hangUp(): Promise<void> {
    clearTimeout(this.retry);
    clearInterval(this.pulse);
    this.retry = undefined;
    const { client } = this;
    this.client = undefined;
    this.connecting = undefined;
    await client?.end().catch(() => undefined);
  }

  private heard(channel: string, payload: string | undefined): void {
    this.heardAt = Date.now();
    if (channel === this.own) this.listener({ of: 'beat' });
    else if (payload !== undefined) this.listener(JSON.parse(payload) as Notice);
  }
}
