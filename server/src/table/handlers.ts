import { groupParamsSchema, memberParamsSchema, moveSchema } from '@sleetcrest/contract/accounts';
import {
  addLearnersSchema,
  assignmentParamsSchema,
  calendarParamsSchema,
  checkNamesSchema,
  handInSchema,
  keepPlanSchema,
  markWorkSchema,
  matrixQuerySchema,
  ownAssignmentParamsSchema,
  planParamsSchema,
  sayDoneSchema,
  setAssignmentSchema,
  workParamsSchema,
  writeNoteSchema,
} from '@sleetcrest/contract/table';
import type { Request } from 'express';
import type { Handlers } from '../access/admit.js';
import { accountOf, addressOf } from '../access/caller.js';
import type { Tries } from '../accounts/tries.js';
import type { GroupRights } from '../groups/rights.js';
import type { GroupService } from '../groups/service.js';
import { HttpProblem } from '../http/problem.js';
import { bodyOf, paramsOf, queryOf } from '../http/validate.js';
import type { AssignmentService } from './assignments/service.js';
import type { MatrixService } from './matrix/service.js';
import type { CalendarService } from './plans/calendar.js';
import type { PlanService } from './plans/service.js';
import type { RosterService } from './roster/service.js';
import type { WorkService } from './work/service.js';

interface Parts {
  groups: GroupService;
  rights: GroupRights;
  roster: RosterService;
  matrix: MatrixService;
  plans: PlanService;
  calendars: CalendarService;
  assignments: AssignmentService;
  work: WorkService;
  tries: Tries;
}

const groupIn = (request: Request): string =>
  paramsOf({ params: { id: String(request.params['id']) } }, groupParamsSchema).id;

export function tableHandlers(parts: Parts) {
  const { groups, rights, roster, matrix, plans, calendars, assignments, work, tries } = parts;
  return {
    'POST /api/groups/:id/roster/check': async (request, response) => {
      const { names } = bodyOf(request, checkNamesSchema);
      // Which names are taken is not to be gone through at will.
      await tries.phraseSet(accountOf(request).id);
      response.json(await roster.check(names));
    },

    'POST /api/groups/:id/roster': async (request, response) => {
      const given = bodyOf(request, addLearnersSchema);
      await Promise.all(given.learners.map(() => tries.made('signUp', addressOf(request))));
      response.status(201).json(await roster.add(groupIn(request), given));
    },

    'POST /api/groups/:id/learners/:learner/move': async (request, response) => {
      const { id, learner } = paramsOf(request, memberParamsSchema);
      const { to } = bodyOf(request, moveSchema);
      const into = await rights.inGroup(accountOf(request).id, to);
      if (!into.rights.includes('roster') || into.archived) {
        throw new HttpProblem(404, 'The group to move to is none that you may change.');
      }
      await groups.move(id, learner, to);
      response.status(204).end();
    },

    'GET /api/groups/:id/matrix': async (request, response) => {
      const { day } = queryOf(request, matrixQuerySchema);
      const group = await groups.one(accountOf(request), groupIn(request));
      response.json(await matrix.of(group, day));
    },

    'GET /api/groups/:id/plans': async (request, response) => {
      response.json({ items: await plans.list(groupIn(request)) });
    },

    'PUT /api/groups/:id/plans/:plan': async (request, response) => {
      const { id, plan } = paramsOf(request, planParamsSchema);
      const given = bodyOf(request, keepPlanSchema);
      if (given.plan.id !== plan) {
        throw new HttpProblem(422, 'The plan has another id than its address.');
      }
      response.json(await plans.keep(id, given));
    },

    'DELETE /api/groups/:id/plans/:plan': async (request, response) => {
      const { id, plan } = paramsOf(request, planParamsSchema);
      await plans.remove(id, plan);
      response.status(204).end();
    },

    'GET /api/groups/:id/calendar': async (request, response) => {
      response.json(await calendars.address(groupIn(request)));
    },

    'POST /api/groups/:id/calendar': async (request, response) => {
      response.json(await calendars.change(groupIn(request)));
    },

    'GET /api/groups/:id/calendar/:secret': async (request, response) => {
      const { id, secret } = paramsOf(request, calendarParamsSchema);
      response
        .type('text/calendar; charset=utf-8; method=PUBLISH')
        .send(await calendars.read(id, secret));
    },

    'GET /api/groups/:id/assignments': async (request, response) => {
      response.json({ items: await assignments.ofGroup(groupIn(request)) });
    },

    'POST /api/groups/:id/assignments': async (request, response) => {
      const given = bodyOf(request, setAssignmentSchema);
      response.status(201).json(await assignments.set(groupIn(request), given));
    },

    'DELETE /api/groups/:id/assignments/:assignment': async (request, response) => {
      const { id, assignment } = paramsOf(request, assignmentParamsSchema);
      await assignments.remove(id, assignment);
      response.status(204).end();
    },

    'GET /api/assignments': async (request, response) => {
      response.json({ items: await assignments.ofLearner(accountOf(request).id) });
    },

    'PUT /api/assignments/:assignment/said': async (request, response) => {
      const { assignment } = paramsOf(request, ownAssignmentParamsSchema);
      const { done } = bodyOf(request, sayDoneSchema);
      response.json(await assignments.say(accountOf(request).id, assignment, done));
    },

    'GET /api/groups/:id/work': async (request, response) => {
      response.json({ items: await work.ofGroup(groupIn(request)) });
    },

    'GET /api/work': async (request, response) => {
      response.json({ items: await work.ofLearner(accountOf(request).id) });
    },

    'POST /api/work': async (request, response) => {
      const given = bodyOf(request, handInSchema);
      response.status(201).json(await work.handIn(accountOf(request), given));
    },

    'POST /api/work/:work/notes': async (request, response) => {
      const { work: id } = paramsOf(request, workParamsSchema);
      const note = bodyOf(request, writeNoteSchema);
      response.status(201).json(await work.write(accountOf(request), id, note));
    },

    'PUT /api/work/:work/read': async (request, response) => {
      const { work: id } = paramsOf(request, workParamsSchema);
      response.json(await work.read(accountOf(request), id));
    },

    'PUT /api/work/:work/marked': async (request, response) => {
      const { work: id } = paramsOf(request, workParamsSchema);
      const { marked } = bodyOf(request, markWorkSchema);
      response.json(await work.mark(accountOf(request), id, marked));
    },
  } satisfies Partial<Handlers>;
}
