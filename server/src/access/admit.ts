import { learnerParamsSchema } from '@sleetcrest/contract/accounts';
import type { RequestHandler, Router } from 'express';
import { HttpProblem } from '../http/problem.js';
import { paramsOf } from '../http/validate.js';
import { accountOf } from './caller.js';
import { RULES, type Route, type Rule } from './rules.js';

/** A handler for each route there is: one without a rule, or a rule without one, does not compile. */
export type Handlers = Record<Route, RequestHandler>;

/** What rules need to know of groups. */
export interface Coaching {
  isCoachOf(coach: string, learner: string): Promise<boolean>;
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

/** Puts every route into the router, behind its rule. */
export function admitted(router: Router, handlers: Handlers, coaching: Coaching): Router {
  for (const [route, rule] of Object.entries(RULES)) {
    const [method, path] = route.split(' ') as [string, string];
    const verb = method.toLowerCase() as 'get' | 'post' | 'put' | 'patch' | 'delete';
    router[verb](path, guard(rule, coaching), handlers[route as Route]);
  }
  return router;
}
