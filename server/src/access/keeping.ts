import type { Request, Response } from 'express';
import type { Sessions } from '../accounts/sessions.js';
import type { Tries } from '../accounts/tries.js';
import { addressOf, callerOf } from './caller.js';

/** Nobody's id: whoever has kept nothing finds nothing. */
const NOBODY = 'ffffffff-ffff-4fff-bfff-ffffffffffff';

/** Whose things a request is about, on routes that guests may call too. */
export class Keeping {
  constructor(
    private readonly sessions: Sessions,
    private readonly tries: Tries,
  ) {}

  /** Whoever calls, to look at what they kept. */
  owner(request: Request): string {
    return callerOf(request)?.id ?? NOBODY;
  }

  /** Whoever calls, to keep something: one who has kept nothing yet becomes a guest. */
  async keeper(request: Request, response: Response): Promise<string> {
    const caller = callerOf(request);
    if (caller) return caller.id;
    await this.tries.made('guest', addressOf(request));
    return (await this.sessions.admitGuest(request, response)).id;
  }
}
