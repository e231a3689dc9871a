import type { Health } from '@sleetcrest/contract';
import type { Sequelize } from 'sequelize';
import type { Handlers } from '../access/admit.js';
import { openApiDocument } from '../openapi/document.js';

type Routes = Pick<Handlers, 'GET /api/health' | 'GET /api/openapi.json'>;

/** Whether the server and its database answer, and what the API is. */
export const healthHandlers = (sequelize: Sequelize): Routes => ({
  'GET /api/health': async (_, response) => {
    await sequelize.query('SELECT 1');
    response.json({ status: 'ok', database: 'ok' } satisfies Health);
  },
  'GET /api/openapi.json': (_, response) => {
    response.json(openApiDocument);
  },
});
