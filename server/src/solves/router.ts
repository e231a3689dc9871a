import {
  createSolveSchema,
  solveListQuerySchema,
  solveParamsSchema,
  updateSolveSchema,
} from '@sleetcrest/contract';
import { Router } from 'express';
import { bodyOf, paramsOf, queryOf } from '../http/validate.js';
import type { SolveService } from './service.js';

export function solvesRouter(service: SolveService): Router {
  const router = Router();

  router.get('/', async (request, response) => {
    const { page, size } = queryOf(request, solveListQuerySchema);
    response.json(await service.list(page, size));
  });

  router.post('/', async (request, response) => {
    const { solve, created } = await service.create(bodyOf(request, createSolveSchema));
    response
      .status(created ? 201 : 200)
      .location(`/api/solves/${solve.id}`)
      .json(solve);
  });

  router.get('/:id', async (request, response) => {
    response.json(await service.read(paramsOf(request, solveParamsSchema).id));
  });

  router.patch('/:id', async (request, response) => {
    const { id } = paramsOf(request, solveParamsSchema);
    response.json(await service.update(id, bodyOf(request, updateSolveSchema)));
  });

  router.delete('/:id', async (request, response) => {
    await service.remove(paramsOf(request, solveParamsSchema).id);
    response.status(204).end();
  });

  router.post('/:id/restore', async (request, response) => {
    response.json(await service.restore(paramsOf(request, solveParamsSchema).id));
  });

  return router;
}
