import { learnerParamsSchema } from '@sleetcrest/contract/accounts';
import { reviewBatchSchema, reviewsQuerySchema } from '@sleetcrest/contract/practice';
import type { Handlers } from '../access/admit.js';
import { accountOf } from '../access/caller.js';
import { bodyOf, paramsOf, queryOf } from '../http/validate.js';
import type { Sending } from '../jobs/jobs.js';
import type { PracticeService } from './service.js';

/** Seconds in which what somebody's answers leave is reckoned once. */
const FACTS_PAUSE = 60;

export const practiceHandlers = (practice: PracticeService, jobs: Sending) =>
  ({
    'POST /api/practice/reviews': async (request, response) => {
      const { reviews } = bodyOf(request, reviewBatchSchema);
      const { id } = accountOf(request);
      response.json(await practice.add(id, reviews));
      // What they leave is reckoned meanwhile: whoever looks at it then waits for none of them.
      const once = { singletonKey: id, singletonSeconds: FACTS_PAUSE };
      void jobs.send('practice-facts', { account: id }, once).catch(() => undefined);
    },

    'GET /api/practice/reviews': async (request, response) => {
      const { since, after } = queryOf(request, reviewsQuerySchema);
      response.json(await practice.since(accountOf(request).id, since, after));
    },

    'GET /api/practice/cards': async (request, response) => {
      response.json(await practice.cards(accountOf(request).id));
    },

    'GET /api/learners/:learner/practice/cards': async (request, response) => {
      const { learner } = paramsOf(request, learnerParamsSchema);
      response.json(await practice.cards(learner));
    },
  }) satisfies Partial<Handlers>;
