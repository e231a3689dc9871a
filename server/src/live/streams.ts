import { randomInt } from 'node:crypto';
import type { BoardEvent } from '@sleetcrest/contract/table';
import type { Request, Response } from 'express';
import { HttpProblem } from '../http/problem.js';

/** Milliseconds between signs of life: a page that hears none for longer says that it is behind. */
const BEAT = 5000;

/** Milliseconds. */
const RETRY = { least: 500, most: 3000 };

/** The most pages on which one person follows something at once. */
const MOST_OF_ONE = 12;

/** Pages that are told what happens as it happens (server-sent events). */
export class Streams {
  private readonly open = new Set<Response>();
  /** How many each has open. */
  private readonly owners = new Map<string, number>();
  private beating: NodeJS.Timeout | undefined;

  /**
   * Opens a stream of somebody's; `end` is called once, when the page is gone.
   * @throws HttpProblem 429 where they follow more than anybody has pages.
   */
  begin(
    request: Request,
    response: Response,
    who: string,
    end: () => void,
  ): (event: BoardEvent) => void {
    const own = this.owners.get(who) ?? 0;
    if (own >= MOST_OF_ONE) {
      throw new HttpProblem(429, 'You follow this on too many pages; close some of them.');
    }
    this.owners.set(who, own + 1);
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
    const gone = (): void => {
      this.open.delete(response);
      const left = (this.owners.get(who) ?? 1) - 1;
      if (left > 0) this.owners.set(who, left);
      else this.owners.delete(who);
      if (this.open.size === 0) {
        clearInterval(this.beating);
        this.beating = undefined;
      }
      end();
    };
    // Whoever asked may have gone while it was looked up.
    if (response.closed || response.destroyed) gone();
    else response.once('close', gone);
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
