import {
  handInSchema,
  markWorkSchema,
  workParamsSchema,
  writeNoteSchema,
} from '@sleetcrest/contract/table';
import { accountOf, sideOf } from '../access/caller.js';
import { groupIn } from '../access/group-in.js';
import type { Handlers } from '../access/admit.js';
import { listed } from '../http/listed.js';
import { bodyOf, paramsOf } from '../http/validate.js';
import type { WorkService } from './service.js';

export const workHandlers = (work: WorkService) =>
  ({
    'GET /api/groups/:id/work': async (request, response) => {
      await listed(response, work.ofGroup(groupIn(request)));
    },

    'GET /api/work': async (request, response) => {
      await listed(response, work.ofLearner(accountOf(request).id));
    },

    'POST /api/work': async (request, response) => {
      const given = bodyOf(request, handInSchema);
      response.status(201).json(await work.handIn(accountOf(request), given));
    },

    'POST /api/work/:work/notes': async (request, response) => {
      const { work: id } = paramsOf(request, workParamsSchema);
      const note = bodyOf(request, writeNoteSchema);
      response.status(201).json(await work.write(accountOf(request), sideOf(request), id, note));
    },

    'PUT /api/work/:work/read': async (request, response) => {
      const { work: id } = paramsOf(request, workParamsSchema);
      response.json(await work.read(sideOf(request), id));
    },

    'PUT /api/work/:work/marked': async (request, response) => {
      const { work: id } = paramsOf(request, workParamsSchema);
      const { marked } = bodyOf(request, markWorkSchema);
      response.json(await work.mark(id, marked));
    },
  }) satisfies Partial<Handlers>;
