import { keepMethodSchema, methodParamsSchema } from '@sleetcrest/contract';
import type { Handlers } from '../access/admit.js';
import type { Keeping } from '../access/keeping.js';
import { bodyOf, paramsOf } from '../http/validate.js';
import type { MethodService } from './service.js';

export function methodHandlers(service: MethodService, keeping: Keeping) {
  return {
    'GET /api/methods': async (request, response) => {
      response.json(await service.list(keeping.owner(request)));
    },

    'PUT /api/methods/:id': async (request, response) => {
      const { id } = paramsOf(request, methodParamsSchema);
      const given = bodyOf(request, keepMethodSchema);
      const keeper = await keeping.keeper(request, response);
      const { saved, created } = await service.keep(keeper, id, given);
      response.status(created ? 201 : 200).json(saved);
    },

    'DELETE /api/methods/:id': async (request, response) => {
      const { id } = paramsOf(request, methodParamsSchema);
      await service.remove(keeping.owner(request), id);
      response.status(204).end();
    },

    'POST /api/methods/:id/restore': async (request, response) => {
      const { id } = paramsOf(request, methodParamsSchema);
      response.json(await service.restore(keeping.owner(request), id));
    },
  } satisfies Partial<Handlers>;
}
