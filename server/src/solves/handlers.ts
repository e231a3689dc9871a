import {
  createSolveSchema,
  solveListQuerySchema,
  solveParamsSchema,
  updateSolveSchema,
} from '@sleetcrest/contract';
import type { Handlers } from '../access/admit.js';
import type { Keeping } from '../access/keeping.js';
import { bodyOf, paramsOf, queryOf } from '../http/validate.js';
import type { SolveService } from './service.js';

export function solveHandlers(service: SolveService, keeping: Keeping) {
  return {
    'GET /api/solves': async (request, response) => {
      const { page, size } = queryOf(request, solveListQuerySchema);
      response.json(await service.list(keeping.owner(request), page, size));
    },

    'POST /api/solves': async (request, response) => {
      const given = bodyOf(request, createSolveSchema);
      const keeper = await keeping.keeper(request, response);
      const { solve, created } = await service.create(keeper, given);
      response
        .status(created ? 201 : 200)
        .location(`/api/solves/${solve.id}`)
        .json(solve);
    },

    'GET /api/solves/:id': async (request, response) => {
      const { id } = paramsOf(request, solveParamsSchema);
      response.json(await service.read(keeping.owner(request), id));
    },

    'PATCH /api/solves/:id': async (request, response) => {
      const { id } = paramsOf(request, solveParamsSchema);
      const change = bodyOf(request, updateSolveSchema);
      response.json(await service.update(keeping.owner(request), id, change));
    },

    'DELETE /api/solves/:id': async (request, response) => {
      await service.remove(keeping.owner(request), paramsOf(request, solveParamsSchema).id);
      response.status(204).end();
    },

    'POST /api/solves/:id/restore': async (request, response) => {
      const { id } = paramsOf(request, solveParamsSchema);
      response.json(await service.restore(keeping.owner(request), id));
    },
  } satisfies Partial<Handlers>;
}
