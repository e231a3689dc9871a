import { calendarParamsSchema, keepPlanSchema, planParamsSchema } from '@sleetcrest/contract/table';
import { assistantParamsSchema } from '@sleetcrest/contract/accounts';
import { accountOf } from '../access/caller.js';
import { groupIn } from '../access/group-in.js';
import type { Handlers } from '../access/admit.js';
import { leaving } from '../http/leaving.js';
import { HttpProblem } from '../http/problem.js';
import { bodyOf, paramsOf } from '../http/validate.js';
import type { CalendarService } from './calendar.js';
import type { PlanService } from './service.js';
import { SAY } from './words.js';

export const planHandlers = (plans: PlanService, calendars: CalendarService) =>
  ({
    'GET /api/groups/:id/plans': async (request, response) => {
      response.json({ items: await plans.list(groupIn(request)) });
    },

    'PUT /api/groups/:id/plans/:plan': async (request, response) => {
      const { id, plan } = paramsOf(request, planParamsSchema);
      const given = bodyOf(request, keepPlanSchema);
      if (given.plan.id !== plan) {
        throw new HttpProblem(422, SAY.otherThanAddress);
      }
      response.json(await plans.keep(id, given));
    },

    'DELETE /api/groups/:id/plans/:plan': async (request, response) => {
      const { id, plan } = paramsOf(request, planParamsSchema);
      await plans.remove(id, plan);
      response.status(204).end();
    },

    'GET /api/groups/:id/calendar': async (request, response) => {
      response.json(await calendars.address(groupIn(request), accountOf(request).id));
    },

    'POST /api/groups/:id/calendar': async (request, response) => {
      response.json(await calendars.change(groupIn(request), accountOf(request).id));
    },

    'GET /api/groups/:id/calendars': async (request, response) => {
      response.json(await calendars.list(groupIn(request)));
    },

    'DELETE /api/groups/:id/calendars/:coach': async (request, response) => {
      const { id, coach } = paramsOf(request, assistantParamsSchema);
      await calendars.withdraw(id, coach);
      response.status(204).end();
    },

    'GET /api/groups/:id/calendar/:secret': async (request, response) => {
      const { id, secret } = paramsOf(request, calendarParamsSchema);
      response
        .type('text/calendar; charset=utf-8; method=PUBLISH')
        .send(await calendars.read(id, secret, leaving(response)));
    },
  }) satisfies Partial<Handlers>;
