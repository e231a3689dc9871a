import { learnerParamsSchema } from '@sleetcrest/contract/accounts';
import express, { type RequestHandler, type Router } from 'express';
import type { Sessions } from '../accounts/sessions.js';
import { bounded } from '../http/bounded.js';
import { HttpProblem } from '../http/problem.js';
import { paramsOf } from '../http/validate.js';
import { LARGE_BODIES, LARGE_BODY, SMALL_BODY } from './bodies.js';
import { accountOf, setCaller } from './caller.js';
import { MAKES_SURE_ITSELF, RULES, type Route, type Rule } from './rules.js';

/** A handler for each route there is: one without a rule, or a rule without one, does not compile. */
export type Handlers = Record<Route, RequestHandler>;

/** What rules need to know of groups. */
export interface Coaching {
  isCoachOf(coach: string, learner: string): Promise<boolean>;
}

function identified(route: Route, rule: Rule, sessions: Sessions): RequestHandler {
  return async (request, response, next) => {
    response.setHeader('cache-control', 'no-store');
    if (rule !== 'anyone') {
      const known = MAKES_SURE_ITSELF.includes(route) ? sessions.believed(request) : undefined;
      const caller = known ?? (await sessions.callerOf(request));
      if (caller) setCaller(request, caller);
    }
    next();
  };
}

function guard(rule: Rule, coaching: Coaching): RequestHandler {
  return async (request, _, next) => {
    if (rule === 'account') accountOf(request);
    if (rule === 'coach' && accountOf(request).role !== 'coach') {
      throw new HttpProblem(403, 'Only a coach can do this.');
    }
    if (rule === 'coach-of-learner') {
      const { id } = accountOf(request);
      const learner = String(request.params['learner']);
      paramsOf({ params: { learner } }, learnerParamsSchema);
      // Whether there is such a learner is told to their own coach alone.
      if (!(await coaching.isCoachOf(id, learner))) {
        throw new HttpProblem(404, 'No learner of your groups is known by this id.');
      }
    }
    next();
  };
}

const small = express.json({ limit: SMALL_BODY });
const large = express.json({ limit: LARGE_BODY });

/** Puts every route into the router, behind its rule; only then is a body read. */
export function admitted(
  router: Router,
  handlers: Handlers,
  coaching: Coaching,
  sessions: Sessions,
): Router {
  for (const [key, rule] of Object.entries(RULES)) {
    const route = key as Route;
    const [method, path] = route.split(' ') as [string, string];
    const verb = method.toLowerCase() as 'get' | 'post' | 'put' | 'patch' | 'delete';
    const body = verb === 'get' ? [] : [LARGE_BODIES.includes(route) ? large : small, bounded];
    const before = [identified(route, rule, sessions), guard(rule, coaching), ...body];
    router[verb](path, ...before, handlers[route]);
  }
  return router;
}
