import { keepMethodSchema, methodParamsSchema } from '@sleetcrest/contract';
import { Router } from 'express';
import { bodyOf, paramsOf } from '../http/validate.js';
import type { MethodService } from './service.js';

export function methodsRouter(service: MethodService): Router {
  const router = Router();

  router.get('/', async (_, response) => {
    response.json(await service.list());
  });

  router.put('/:id', async (request, response) => {
    const { id } = paramsOf(request, methodParamsSchema);
    const { saved, created } = await service.keep(id, bodyOf(request, keepMethodSchema));
    response.status(created ? 201 : 200).json(saved);
  });

  router.delete('/:id', async (request, response) => {
    await service.remove(paramsOf(request, methodParamsSchema).id);
    response.status(204).end();
  });

  router.post('/:id/restore', async (request, response) => {
    response.json(await service.restore(paramsOf(request, methodParamsSchema).id));
  });

  return router;
}
