import { learnerParamsSchema } from '@sleetcrest/contract/accounts';
import {
  cardsSchema,
  reviewBatchSchema,
  reviewsAddedSchema,
  reviewsPageSchema,
  reviewsQuerySchema,
} from '@sleetcrest/contract/practice';
import type { ZodOpenApiPathsObject } from 'zod-openapi';
import { answer, json, problem, problems, refusals, signedIn } from './answers.js';

const cards = answer('Each card.', cardsSchema);

/** Practice: answers come in and go out; to a coach, what they leave with a learner of their groups. */
export const practicePaths: ZodOpenApiPathsObject = {
  '/api/practice/reviews': {
    get: {
      summary: 'Answers that have come in since a moment',
      requestParams: { query: reviewsQuerySchema },
      responses: {
        '200': answer('Some of them, and what to ask for next.', reviewsPageSchema),
        ...problems,
        ...signedIn,
      },
    },
    post: {
      summary: 'Add answers, all or none; those kept already add nothing',
      requestBody: json(reviewBatchSchema),
      responses: {
        '200': answer('How many were new.', reviewsAddedSchema),
        '409': problem('There is no room for more.'),
        ...signedIn,
        ...refusals,
      },
    },
  },
  '/api/practice/cards': {
    get: {
      summary: 'What one’s answers leave',
      responses: { '200': cards, ...problems, ...signedIn },
    },
  },
  '/api/learners/{learner}/practice/cards': {
    get: {
      summary: 'What a learner’s answers leave',
      requestParams: { path: learnerParamsSchema },
      responses: { '200': cards, ...problems, ...signedIn },
    },
  },
};
