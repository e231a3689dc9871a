import { handoutSchema } from '@sleetcrest/contract';
import { Router } from 'express';
import { bodyOf } from '../http/validate.js';
import { printHandout } from './print.js';

export function handoutsRouter(): Router {
  const router = Router();

  router.post('/', async (request, response) => {
    const { name, pdf } = await printHandout(bodyOf(request, handoutSchema));
    response
      .type('application/pdf')
      .set('content-disposition', `attachment; filename="${name}"`)
      .send(pdf);
  });

  return router;
}
