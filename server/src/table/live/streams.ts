import { randomInt } from 'node:crypto';
import type { BoardEvent } from '@sleetcrest/contract/table';
import type { Request, Response } from 'express';

/** Milliseconds between signs of life: a page that hears none for longer says that it is behind. */
const BEAT = 5000;

/** Milliseconds. */
const RETRY = { least: 500, most: 3000 };

/** Pages that are told what happens as it happens (server-sent events). */
export class Streams {
  private readonly open = new Set<Response>();
  private beating: NodeJS.Timeout | undefined;

  /** Opens a stream; `end` is called once, when the page is gone. */
  begin(request: Request, response: Response, end: () => void): (event: BoardEvent) => void {
    response.status(200).set({
      'content-type': 'text/event-stream; charset=utf-8',
      // Neither is it packed, which would hold it back, nor does a proxy keep it.
      'cache-control': 'no-store, no-transform',
      'x-accel-buffering': 'no',
    });
    // How soon a page comes back when this process is gone: not all at the same moment.
    response.write(`retry: ${randomInt(RETRY.least, RETRY.most)}\n\n`);
    this.open.add(response);
    this.beating ??= setInterval(() => this.beat(), BEAT).unref();
    request.socket.setNoDelay(true);
    response.once('close', () => {
      this.open.delete(response);
      if (this.open.size === 0) {
        clearInterval(this.beating);
        this.beating = undefined;
      }
      end();
    });
    return (event) => send(response, event);
  }

  /** Ends all: the pages come back at once, to a process that is there. */
  close(): void {
    for (const response of this.open) response.end();
  }

  private beat(): void {
    const now = new Date().toISOString();
    for (const response of this.open) send(response, { is: 'beat', now });
  }
}

function send(response: Response, event: BoardEvent): void {
  if (response.writableEnded || response.destroyed) return;
  response.write(`data: ${JSON.stringify(event)}\n\n`);
}
