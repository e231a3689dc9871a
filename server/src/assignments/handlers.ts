import {
  assignmentParamsSchema,
  ownAssignmentParamsSchema,
  sayDoneSchema,
  setAssignmentSchema,
} from '@sleetcrest/contract/table';
import { accountOf } from '../access/caller.js';
import { groupIn } from '../access/group-in.js';
import type { Handlers } from '../access/admit.js';
import { bodyOf, paramsOf } from '../http/validate.js';
import type { AssignmentService } from './service.js';

export const assignmentHandlers = (assignments: AssignmentService) =>
  ({
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
  }) satisfies Partial<Handlers>;
