import { groupParamsSchema, type Right } from '@sleetcrest/contract/accounts';
import express, { type Request, type RequestHandler, type Router } from 'express';
import type { Sessions } from '../accounts/sessions.js';
import { bounded } from '../http/bounded.js';
import type { GroupRights, InGroup } from '../groups/rights.js';
import { HttpProblem } from '../http/problem.js';
import { paramsOf } from '../http/validate.js';
import { LARGE_BODIES, LARGE_BODY, LARGEST_BODIES, LARGEST_BODY, SMALL_BODY } from './bodies.js';
import { accountOf, callerOf, refuseBeginner, setCaller, setSide } from './caller.js';
import { LETS_BEGIN, MAKES_SURE_ITSELF, RULES, type Route, type Rule } from './rules.js';
import { SAY } from './words.js';

/** A handler for each route there is: one without a rule, or a rule without one, does not compile. */
export type Handlers = Record<Route, RequestHandler>;

/** What rules need to know of groups. */
export type Coaching = Pick<
  GroupRights,
  'inGroup' | 'inLive' | 'sitsAt' | 'mayWith' | 'mayGivePhrase' | 'inWork' | 'isSetFor'
>;

function guard(route: Route, rule: Rule, coaching: Coaching, sessions: Sessions): RequestHandler {
  const [about, asks] = rule.split('-') as [string, string | undefined];
  const believes = MAKES_SURE_ITSELF.includes(route);
  return async (request, response, next) => {
    response.setHeader('cache-control', 'no-store');
    if (rule !== 'anyone') {
      const known = believes ? sessions.believed(request) : undefined;
      const caller = known ?? (await sessions.callerOf(request));
      if (caller) setCaller(request, caller);
    }
    if (!LETS_BEGIN.includes(rule)) refuseBeginner(request);
    if (rule === 'account' || rule === 'beginner') accountOf(request);
    if (rule === 'coach' && accountOf(request).role !== 'coach') {
      throw new HttpProblem(403, SAY.onlyACoach);
    }
    if (about === 'learner') {
      const learner = idIn(request, 'learner');
      const { id } = accountOf(request);
      const may =
        asks === 'phrase'
          ? await coaching.mayGivePhrase(id, learner)
          : await coaching.mayWith(id, learner, asks as Right);
      // Whether there is such a learner is told to those who teach them alone.
      if (!may) throw new HttpProblem(404, SAY.noSuchLearner);
    }
    if (rule === 'group-help' || rule === 'group-leave') {
      await letGo(request, rule, coaching);
    } else if (about === 'group') {
      const group = idIn(request, 'id');
      letIn(await coaching.inGroup(accountOf(request).id, group), asks!);
    }
    if (about === 'work') {
      const side = await coaching.inWork(accountOf(request).id, idIn(request, 'work'));
      if (side === undefined) {
        throw new HttpProblem(404, SAY.noSuchWork);
      }
      if (asks === 'answer' && side !== 'coach') {
        throw new HttpProblem(403, SAY.teacherMarks);
      }
      setSide(request, side);
    }
    if (rule === 'assignment-own') {
      const assignment = idIn(request, 'assignment');
      if (!(await coaching.isSetFor(accountOf(request).id, assignment))) {
        throw new HttpProblem(404, SAY.notSetForYou);
      }
    }
    if (rule === 'live-sit') {
      const caller = callerOf(request);
      if (!caller) throw new HttpProblem(401, SAY.sitDownFirst);
      const live = idIn(request, 'live');
      const sits = believes || (await coaching.sitsAt(caller.id, live));
      if (!sits) throw new HttpProblem(404, SAY.sessionOverOrNotSeated);
    } else if (about === 'live') {
      const live = idIn(request, 'live');
      letIn(await coaching.inLive(accountOf(request).id, live), asks!);
    }
    next();
  };
}

const idIn = (request: Request, name: string): string => {
  const id = String(request.params[name]);
  return paramsOf({ params: { id } }, groupParamsSchema).id;
};

/** Whoever is in the address may go by themselves; others are let go by whoever may. */
async function letGo(
  request: Request,
  rule: 'group-help' | 'group-leave',
  coaching: Coaching,
): Promise<void> {
  const own = accountOf(request).id;
  const who = idIn(request, rule === 'group-help' ? 'coach' : 'learner');
  const within = await coaching.inGroup(own, idIn(request, 'id'));
  // Who belongs to an archived group may leave it too.
  const goes = within.belongs && who === own;
  if (!goes) letIn(within, rule === 'group-help' ? 'own' : 'roster');
}

/** Whether there is such a group is told to those who belong to it alone. */
function letIn({ is, rights, archived }: InGroup, asks: string): void {
  const unknown = new HttpProblem(404, SAY.noSuchGroup);
  if (asks === 'own') {
    if (is !== 'coach') throw unknown;
    return;
  }
  if (asks === 'in' ? is !== 'learner' : rights.length === 0) throw unknown;
  if (archived) throw new HttpProblem(409, SAY.archived);
  if (asks !== 'in' && !rights.includes(asks as Right)) {
    throw new HttpProblem(403, SAY.mayNot);
  }
}

const small = express.json({ limit: SMALL_BODY });
const large = express.json({ limit: LARGE_BODY });
const largest = express.json({ limit: LARGEST_BODY });

const readerOf = (route: Route): RequestHandler =>
  LARGEST_BODIES.includes(route) ? largest : LARGE_BODIES.includes(route) ? large : small;

/**
 * Puts every route behind its rule; only then is a body read. The routes of a subject, which is the word
 * after `/api/`, are in a router of their own: one looks through its routes one by one, and nothing need
 * look through those of another subject.
 */
export function admitted(
  handlers: Handlers,
  coaching: Coaching,
  sessions: Sessions,
): RequestHandler[] {
  const subjects = new Map<string, Router>();
  for (const [key, rule] of Object.entries(RULES)) {
    const route = key as Route;
    const [method, path] = route.split(' ') as [string, string];
    const verb = method.toLowerCase() as 'get' | 'post' | 'put' | 'patch' | 'delete';
    const body = verb === 'get' ? [] : [readerOf(route), bounded];
    const before = [guard(route, rule, coaching, sessions), ...body];
    const subject = subjectOf(path);
    const router = subjects.get(subject) ?? express.Router();
    subjects.set(subject, router);
    router[verb](path, ...before, handlers[route]);
  }
  const dispatch: RequestHandler = (request, response, next) => {
    const router = subjects.get(subjectOf(request.path));
    if (router) router(request, response, next);
    else next();
  };
  return [dispatch, otherVerb];
}

/** The word after `/api/` in a path; routes are found without regard to case. */
const subjectOf = (path: string): string => path.split('/', 3)[2]?.toLowerCase() ?? '';

/** What is asked of an address for which there are other verbs: 405, with those there are. */
const otherVerb: RequestHandler = (request, _, next) => {
  const verbs = (Object.keys(RULES) as Route[])
    .map((route) => route.split(' ') as [string, string])
    .filter(([, path]) => isAt(path, request.path))
    .map(([verb]) => verb);
  if (verbs.length === 0) {
    next();
    return;
  }
  const allowed = [...new Set(verbs.includes('GET') ? [...verbs, 'HEAD'] : verbs)].join(', ');
  throw new HttpProblem(405, SAY.takesOnly({ allowed, asked: request.method }), undefined, {
    allow: allowed,
  });
};

function isAt(route: string, path: string): boolean {
  const [parts, asked] = [route.split('/'), path.replace(/\/$/, '').split('/')];
  return (
    parts.length === asked.length &&
    parts.every((part, k) => part.startsWith(':') || part === asked[k])
  );
}
