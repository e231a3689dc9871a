import type { Health, Ready } from '@sleetcrest/contract';
import type { Sequelize } from 'sequelize';
import type { Handlers } from '../access/admit.js';
import { isStandby, isUpToDate } from '../database/migrate.js';
import { HttpProblem } from '../http/problem.js';
import { openApiDocument } from '../openapi/document.js';
import { SAY } from './words.js';

/** Whether the server is alive, whether it can do its work, and what the API is. */
export const healthHandlers = (sequelize: Sequelize) =>
  ({
    'GET /api/health': (_, response) => {
      response.json({ status: 'ok' } satisfies Health);
    },
    'GET /api/ready': async (_, response) => {
      if (await isStandby(sequelize)) {
        throw new HttpProblem(503, SAY.standby);
      }
      if (!(await isUpToDate(sequelize))) {
        throw new HttpProblem(503, SAY.otherVersion);
      }
      response.json({ status: 'ok', database: 'ok' } satisfies Ready);
    },
    'GET /api/openapi.json': (_, response) => {
      response.json(openApiDocument);
    },
  }) satisfies Partial<Handlers>;
