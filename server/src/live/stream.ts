import { randomInt } from 'node:crypto';
import type { Request, Response } from 'express';
import type { Follower } from './queries.js';

/**
 * Milliseconds after which a page comes back: boards first, as what they show is waited for; and not all at the same
 * moment. Sooner where a process says that it ends, as another is there.
 */
const RETRY = { board: { least: 300, most: 1000 }, seat: { least: 500, most: 3000 } };
const SOON = { board: { least: 20, most: 150 }, seat: { least: 300, most: 2500 } };
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

/** Who follows what. */
export interface Following extends Follower {
  isBoard: boolean;
}

/** A page that is told what happens at a session as it happens. */
export class Stream implements Follower {
  /** Whether whoever follows the board also sits there. */
  joined = false;
  /** When anything was last told. */
  lastTold = 0;

  readonly account: string;
  readonly live: string;
  readonly tokenHash: Buffer;
  readonly isBoard: boolean;

  /** @param readsLoosely whether the page may be told what the version before did not know */
  constructor(
    { account, live, tokenHash, isBoard }: Following,
    readonly readsLoosely: boolean,
    private readonly response: Response,
  ) {
    this.account = account;
    this.live = live;
    this.tokenHash = tokenHash;
    this.isBoard = isBoard;
  }

  /** Begins to be read; `gone` is called once, when the page is gone. What is told next goes out with it. */
  begin(request: Request, gone: () => void): void {
    const { response } = this;
    response.status(200).set(STREAM_HEADERS);
    // One packet instead of four: where all pages come at once, each one counts.
    response.cork();
    process.nextTick(() => response.uncork());
    response.write(this.retry(RETRY));
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
    this.response.end(this.retry(SOON));
  }

  end(): void {
    this.response.end();
  }

  /** How soon a page comes back when this process is gone. */
  private retry(after: typeof RETRY): string {
    const { least, most } = this.isBoard ? after.board : after.seat;
    return `retry: ${randomInt(least, most)}\n\n`;
  }
}
