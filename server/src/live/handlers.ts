import { randomUUID } from 'node:crypto';
import { groupParamsSchema } from '@sleetcrest/contract/accounts';
import {
  beginLiveSchema,
  changeLiveSchema,
  hereSchema,
  joinLiveSchema,
  liveParamsSchema,
  presentParamsSchema,
  type BoardEvent,
  type LiveSession,
  type Present,
} from '@sleetcrest/contract/table';
import type { Request, Response } from 'express';
import type { Handlers } from '../access/admit.js';
import { addressOf, callerOf, type Caller } from '../access/caller.js';
import type { Keeping } from '../access/keeping.js';
import type { Sessions } from '../accounts/sessions.js';
import type { Tries } from '../accounts/tries.js';
import { refusal } from '../http/problem.js';
import { bodyOf, paramsOf } from '../http/validate.js';
import type { LiveNews, News } from './news.js';
import { sessionOver, type LiveService } from './service.js';
import type { Streams } from './streams.js';

export function liveHandlers(
  live: LiveService,
  news: LiveNews,
  streams: Streams,
  sessions: Sessions,
  keeping: Keeping,
  tries: Tries,
) {
  const sessionIn = (request: Request): string =>
    paramsOf({ params: { live: String(request.params['live']) } }, liveParamsSchema).live;
  const caller = (request: Request): Caller => callerOf(request)!;

  /** Tells a page what happens at a session, from what there is on. */
  async function follow(request: Request, response: Response, board: boolean): Promise<void> {
    const session = sessionIn(request);
    const who = caller(request);
    // Heard before it is asked for, so that nothing falls between.
    const early: News[] = [];
    let hear = (told: News): void => void early.push(told);
    const stop = await news.listen(session, (told) => hear(told));
    try {
      const [now, own] = await live.seated(who.id, session);
      const send = streams.begin(request, response, who.id, stop);
      const tell = new Teller(live, session, who, board, send, () => response.end());
      await tell.all(now, own);
      hear = (told) => void tell.hear(told);
      for (const told of early) hear(told);
    } catch (error) {
      stop();
      throw error;
    }
  }

  return {
    'GET /api/live': async (request, response) => {
      const who = callerOf(request);
      response.json({ items: who ? await live.list(who) : [] });
    },

    'POST /api/groups/:id/live': async (request, response) => {
      const { id } = paramsOf(request, groupParamsSchema);
      const given = bodyOf(request, beginLiveSchema);
      response.status(201).json(await live.begin(caller(request), id, given.id));
    },

    'POST /api/groups/:id/live/join': async (request, response) => {
      const { id } = paramsOf(request, groupParamsSchema);
      response.json(await live.sit(caller(request), await live.ofGroup(id), null, false));
    },

    'POST /api/live/join': async (request, response) => {
      const { code, nickname } = bodyOf(request, joinLiveSchema);
      const before = callerOf(request);
      // Looked at before a guest is made, who would be left over.
      if (before?.name == null && nickname === null) {
        throw refusal('nickname', 'say what you want to be called');
      }
      const address = addressOf(request);
      // A class of guests comes from one address: only tries from there are counted for them.
      const trier = { account: before?.id ?? randomUUID(), address };
      const session = await tries.code(trier, () => live.byCode(code));
      const id = await keeping.keeper(request, response);
      const who = before ?? { id, role: 'guest' as const, name: null, begins: false };
      response.json(await live.sit(who, session, nickname, before === undefined));
    },

    'GET /api/live/:live/board': (request, response) => follow(request, response, true),
    'GET /api/live/:live/seat': (request, response) => follow(request, response, false),

    'PATCH /api/live/:live': async (request, response) => {
      const change = bodyOf(request, changeLiveSchema);
      response.json(await live.change(caller(request), sessionIn(request), change));
    },

    'DELETE /api/live/:live': async (request, response) => {
      await live.end(sessionIn(request));
      response.status(204).end();
    },

    'DELETE /api/live/:live/hands/:learner': async (request, response) => {
      const { live: session, learner } = paramsOf(request, presentParamsSchema);
      await live.lower(session, learner);
      response.status(204).end();
    },

    'PUT /api/live/:live/here': async (request, response) => {
      const here = bodyOf(request, hereSchema);
      const { id } = caller(request);
      const present = await live.here(id, sessions.hashOf(request), sessionIn(request), here);
      if (!present) {
        await sessions.confirm(request, id);
        throw sessionOver();
      }
      response.json(present);
    },

    'DELETE /api/live/:live/here': async (request, response) => {
      await live.leave(caller(request).id, sessionIn(request));
      response.status(204).end();
    },
  } satisfies Partial<Handlers>;
}

/** Tells one page: a board of everybody, whoever sits there of themselves and of what is shown. */
class Teller {
  private showsTimes = false;

  constructor(
    private readonly live: LiveService,
    private readonly session: string,
    private readonly who: Caller,
    private readonly board: boolean,
    private readonly send: (event: BoardEvent) => void,
    private readonly end: () => void,
  ) {}

  async all(session: LiveSession, own: Present | undefined): Promise<void> {
    this.toldOf(session);
    await this.everybody(own);
  }

  private toldOf(session: LiveSession): void {
    this.showsTimes = session.showsTimes;
    this.send({ is: 'session', session });
  }

  private async everybody(own: Present | undefined): Promise<void> {
    const present = await this.meant(own);
    this.send({ is: 'all', now: new Date().toISOString(), present });
  }

  /** A board is told of all; whoever sits of themselves alone, and of others' times where the coach says so. */
  private async meant(own: Present | undefined): Promise<Present[]> {
    if (this.board) return this.live.present(this.session);
    if (this.showsTimes)
      return (await this.live.present(this.session)).map((one) => this.seen(one));
    return own ? [own] : [];
  }

  /** Of others their times, not their cube or their hand. */
  private seen(one: Present): Present {
    if (this.board || one.id === this.who.id) return one;
    const here = one.here && { ...one.here, cube: null, hand: false };
    return { ...one, here, handAt: null };
  }

  async hear({ of, who, event }: News): Promise<void> {
    try {
      if (of === 'over') {
        this.send({ is: 'over' });
        this.end();
      } else if (of === 'all' || of === 'session') {
        const before = this.showsTimes;
        const [session, own] = await this.live.seated(this.who.id, this.session);
        this.toldOf(session);
        // Who else sits there is told, or taken away again.
        const changed = !this.board && before !== this.showsTimes;
        if (of === 'all' || changed) await this.everybody(own);
      } else if (this.board || this.showsTimes || who === this.who.id) await this.one(who!, event);
    } catch {
      // What cannot be told is asked for again when the page comes back.
      this.end();
    }
  }

  private async one(who: string, event: unknown): Promise<void> {
    const told = event as BoardEvent | undefined;
    if (told?.is === 'one') {
      this.send({ is: 'one', present: this.seen(told.present) });
      return;
    }
    if (told) {
      this.send(told);
      return;
    }
    const present = await this.live.presentOne(this.session, who);
    this.send(present ? { is: 'one', present: this.seen(present) } : { is: 'left', id: who });
  }
}
