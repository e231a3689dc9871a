import { randomInt } from 'node:crypto';
import type { Request, Response } from 'express';
import type { Follower } from './queries.js';

/** Milliseconds. */
const RETRY = { least: 500, most: 3000 };
const SOON = { least: 100, most: 900 };
/** Bytes that may wait for a reader; one who does not take them is dropped, and comes back. */
const MOST_WAITING = 1_048_576;

/** How many readers were dropped, and how many bytes waited for them. */
export const dropped = { readers: 0, bytes: 0 };

/** An event as it goes over the line (server-sent events). */
export const lineOf = (event: object): string => `data: ${JSON.stringify(event)}\n\n`;

export const STREAM_HEADERS = {
  'content-type': 'text/event-stream; charset=utf-8',
  // Neither is it packed, which would hold it back, nor does a proxy keep it.
  'cache-control': 'no-store, no-transform',
  'x-accel-buffering': 'no',
};

/** A page that is told what happens at a session as it happens. */
export class Stream implements Follower {
  /** Whether whoever follows the board also sits there. */
  joined = false;
  /** When anything was last told. */
  lastTold = 0;

  constructor(
    readonly account: string,
    readonly live: string,
    readonly tokenHash: Buffer,
    readonly isBoard: boolean,
    private readonly response: Response,
  ) {}

  /** Begins to be read; `gone` is called once, when the page is gone. What is told next goes out with it. */
  begin(request: Request, gone: () => void): void {
    const { response } = this;
    response.status(200).set(STREAM_HEADERS);
    // One packet instead of four: where all pages come at once, each one counts.
    response.cork();
    process.nextTick(() => response.uncork());
    // How soon a page comes back when this process is gone: not all at the same moment.
    response.write(`retry: ${randomInt(RETRY.least, RETRY.most)}\n\n`);
    request.socket.setNoDelay(true);
    // Whoever asked may have gone while it was looked up.
    if (response.closed || response.destroyed) gone();
    else response.once('close', gone);
  }

  send(line: string): void {
    const { response } = this;
    if (response.writableEnded || response.destroyed) return;
    if (response.writableLength > MOST_WAITING) {
      dropped.readers++;
      dropped.bytes += response.writableLength;
      response.destroy();
      return;
    }
    this.lastTold = Date.now();
    response.write(line);
  }

  /** Ends it, as this process ends: the page comes back soon, to another. */
  hand(): void {
    if (this.response.writableEnded || this.response.destroyed) return;
    this.response.end(`retry: ${randomInt(SOON.least, SOON.most)}\n\n`);
  }

  end(): void {
    this.response.end();
  }
}
