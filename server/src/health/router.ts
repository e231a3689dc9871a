import type { Health } from '@sleetcrest/contract';
import { Router } from 'express';
import type { Sequelize } from 'sequelize';

/** Whether the server and its database answer. */
export function healthRouter(sequelize: Sequelize): Router {
  const router = Router();
  router.get('/', async (_, response) => {
    await sequelize.query('SELECT 1');
    response.json({ status: 'ok', database: 'ok' } satisfies Health);
  });
  return router;
}
