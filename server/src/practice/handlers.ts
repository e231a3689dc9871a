import { learnerParamsSchema } from '@sleetcrest/contract/accounts';
import { reviewBatchSchema, reviewsQuerySchema } from '@sleetcrest/contract/practice';
import type { Handlers } from '../access/admit.js';
import { accountOf } from '../access/caller.js';
import { bodyOf, paramsOf, queryOf } from '../http/validate.js';
import type { PracticeService } from './service.js';

export const practiceHandlers = (practice: PracticeService) =>
  ({
    'POST /api/practice/reviews': async (request, response) => {
      const { reviews } = bodyOf(request, reviewBatchSchema);
      response.json(await practice.add(accountOf(request).id, reviews));
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
