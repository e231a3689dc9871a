import {
  exportQuerySchema,
  groupsQuerySchema,
  learnerLogParamsSchema,
  logBatchSchema,
  logChangesQuerySchema,
  logEntrySchema,
  logIdsSchema,
  logParamsSchema,
  logQuerySchema,
  summaryQuerySchema,
  tagEntriesSchema,
  tellChangeSchema,
} from '@sleetcrest/contract/log';
import { learnerParamsSchema } from '@sleetcrest/contract/accounts';
import type { Request, RequestHandler } from 'express';
import type { Sequelize } from 'sequelize';
import type { Handlers } from '../access/admit.js';
import { accountOf } from '../access/caller.js';
import type { Sessions } from '../accounts/sessions.js';
import { streamed } from '../http/streamed.js';
import { bodyOf, paramsOf, queryOf } from '../http/validate.js';
import { asCsv, asJson, entriesOf } from './export.js';
import type { LogFilter } from '@sleetcrest/core/learner/log';
import type { LogStatistics } from '../statistics/overview.js';
import type { LogService } from './service.js';
import type { SeenFilter } from './where.js';

/** Whose log a request is about: one's own, or that of the learner in the address. */
type Whose = (request: Request) => string;
const own: Whose = (request) => accountOf(request).id;
const learners: Whose = (request) =>
  paramsOf({ params: { learner: request.params['learner']! } }, learnerParamsSchema).learner;

/** Whoever looks at another's log does not see what is for that one alone. */
const seen = (whose: Whose, filter: LogFilter): SeenFilter => ({
  ...filter,
  byCoach: whose === learners,
});

export function logHandlers(
  log: LogService,
  statistics: LogStatistics,
  sequelize: Sequelize,
  sessions: Sessions,
) {
  const page = (whose: Whose): RequestHandler => {
    return async (request, response) => {
      const { offset, limit, ...filter } = queryOf(request, logQuerySchema);
      response.json(await log.page(whose(request), seen(whose, filter), offset, limit));
    };
  };
  const overview = (whose: Whose): RequestHandler => {
    return async (request, response) => {
      const { today, ...filter } = queryOf(request, summaryQuerySchema);
      const through = whose === learners ? accountOf(request).id : undefined;
      response.json(await statistics.overview(whose(request), seen(whose, filter), today, through));
    };
  };
  const groups = (whose: Whose): RequestHandler => {
    return async (request, response) => {
      const { by, ...filter } = queryOf(request, groupsQuerySchema);
      response.json({ items: await statistics.groups(whose(request), seen(whose, filter), by) });
    };
  };

  return {
    'GET /api/log': page(own),
    'GET /api/log/overview': overview(own),
    'GET /api/log/groups': groups(own),
    'GET /api/learners/:learner/log': page(learners),
    'GET /api/learners/:learner/log/overview': overview(learners),
    'GET /api/learners/:learner/log/groups': groups(learners),

    'POST /api/log': async (request, response) => {
      const entry = bodyOf(request, logEntrySchema);
      const account = own(request);
      const added = await log.add(account, sessions.hashOf(request), entry);
      if (!added) await sessions.confirm(request, account);
      response
        .status(added ? 201 : 200)
        .location(`/api/log/entries/${entry.id}`)
        .json(added ? entry : await log.again(account, entry));
    },

    'POST /api/log/batch': async (request, response) => {
      response.json(await log.addAll(own(request), bodyOf(request, logBatchSchema).entries));
    },

    'POST /api/log/remove': async (request, response) => {
      const { ids } = bodyOf(request, logIdsSchema);
      response.json({ changed: await log.remove(own(request), ids) });
    },

    'POST /api/log/restore': async (request, response) => {
      const { ids } = bodyOf(request, logIdsSchema);
      response.json({ changed: await log.restore(own(request), ids) });
    },

    'POST /api/log/tags': async (request, response) => {
      const { ids, add, remove } = bodyOf(request, tagEntriesSchema);
      response.json({ changed: await log.tag(own(request), ids, add, remove) });
    },

    'GET /api/log/export': async (request, response) => {
      const { as, ...filter } = queryOf(request, exportQuerySchema);
      const entries = entriesOf(sequelize, own(request), filter);
      response
        .type(as === 'csv' ? 'text/csv; charset=utf-8' : 'application/json')
        .set('content-disposition', `attachment; filename="sleetcrest-log.${as}"`);
      await streamed(response, as === 'csv' ? asCsv(entries) : asJson(entries));
    },

    'GET /api/log/entries/:id': async (request, response) => {
      response.json(await log.read(own(request), paramsOf(request, logParamsSchema).id));
    },

    'PATCH /api/log/entries/:id': async (request, response) => {
      const { id } = paramsOf(request, logParamsSchema);
      response.json(await log.change(own(request), id, bodyOf(request, tellChangeSchema)));
    },

    'GET /api/log/entries/:id/history': async (request, response) => {
      response.json(await log.history(own(request), paramsOf(request, logParamsSchema).id));
    },

    'GET /api/log/changes': async (request, response) => {
      const { since, after } = queryOf(request, logChangesQuerySchema);
      response.json(await log.changes(own(request), since, after));
    },

    'GET /api/learners/:learner/log/entries/:id': async (request, response) => {
      const { learner, id } = paramsOf(request, learnerLogParamsSchema);
      response.json(await log.read(learner, id, true));
    },
  } satisfies Partial<Handlers>;
}
