import { randomUUID } from 'node:crypto';
import { groupParamsSchema } from '@sleetcrest/contract/accounts';
import {
  beginLiveSchema,
  changeLiveSchema,
  hereSchema,
  joinLiveSchema,
  liveParamsSchema,
  presentParamsSchema,
} from '@sleetcrest/contract/table';
import type { Request, Response } from 'express';
import type { Handlers } from '../access/admit.js';
import { addressOf, callerOf, type Caller } from '../access/caller.js';
import type { Keeping } from '../access/keeping.js';
import type { Sessions } from '../accounts/sessions.js';
import type { Tries } from '../accounts/tries.js';
import { HttpProblem, refusal } from '../http/problem.js';
import { bodyOf, paramsOf } from '../http/validate.js';
import type { Follower } from './queries.js';
import { sessionOver, type LiveService } from './service.js';
import { SignsOfLife } from './signs-of-life.js';
import type { Streams } from './streams.js';
import { SAY } from './words.js';

export function liveHandlers(
  live: LiveService,
  streams: Streams,
  sessions: Sessions,
  keeping: Keeping,
  tries: Tries,
) {
  const sessionIn = (request: Request): string =>
    paramsOf({ params: { live: String(request.params['live']) } }, liveParamsSchema).live;
  const signs = new SignsOfLife();
  const caller = (request: Request): Caller => callerOf(request)!;
  const follower = (request: Request): Follower => ({
    account: caller(request).id,
    live: sessionIn(request),
    tokenHash: sessions.hashOf(request),
  });

  /** Tells a page what happens at a session, from what there is on. */
  async function follow(request: Request, response: Response, isBoard: boolean): Promise<void> {
    const who = follower(request);
    await streams.open(request, response, { ...who, isBoard }, async () => {
      const followed = await live.followed(who);
      if (!followed) throw sessionOver();
      if (!followed.signedIn) await sessions.confirm(request, who.account);
      if (!isBoard && !followed.own) throw notSeated();
      return followed;
    });
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
        throw refusal('nickname', SAY.sayYourName);
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

    'DELETE /api/live/:live/seats/:learner': async (request, response) => {
      const { live: session, learner } = paramsOf(request, presentParamsSchema);
      await live.takeOff(session, learner);
      response.status(204).end();
    },

    'POST /api/live/:live/code': async (request, response) => {
      response.json(await live.renewCode(caller(request), sessionIn(request)));
    },

    'PUT /api/live/:live/here': async (request, response) => {
      const who = follower(request);
      await signs.count(who.account, addressOf(request));
      const present = await live.here(who, bodyOf(request, hereSchema));
      if (!present) {
        await sessions.confirm(request, who.account);
        throw notSeated();
      }
      response.json(present);
    },

    'DELETE /api/live/:live/here': async (request, response) => {
      await live.leave(caller(request).id, sessionIn(request));
      response.status(204).end();
    },
  } satisfies Partial<Handlers>;
}

const notSeated = (): HttpProblem => new HttpProblem(404, SAY.overOrNotSeated);
