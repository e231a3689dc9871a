import {
  askPrintSchema,
  calendarParamsSchema,
  calendarSchema,
  keepPlanSchema,
  keptPlanAnswerSchema,
  planListSchema,
  planParamsSchema,
  printJobListSchema,
  printJobSchema,
  printParamsSchema,
} from '@sleetcrest/contract/table';
import type { ZodOpenApiPathsObject } from 'zod-openapi';
import { answer, asks, changes, group, json, nothing, problem, problems } from './answers.js';

/** What is planned for a group, and printed for it. */
export const planPaths: ZodOpenApiPathsObject = {
  '/api/groups/{id}/plans': {
    get: {
      summary: 'The sessions that are planned',
      ...group,
      responses: { '200': answer('The latest first.', planListSchema), ...asks },
    },
  },
  '/api/groups/{id}/plans/{plan}': {
    put: {
      summary: 'Keep a plan in place of the one it was changed from',
      requestParams: { path: planParamsSchema },
      requestBody: json(keepPlanSchema),
      responses: {
        '200': answer('As it is kept.', keptPlanAnswerSchema),
        '409': problem('Somebody changed it meanwhile; nothing was kept.'),
        ...changes,
      },
    },
    delete: {
      summary: 'Delete a plan',
      requestParams: { path: planParamsSchema },
      responses: { '204': nothing('It is gone.'), ...asks },
    },
  },
  '/api/groups/{id}/calendar': {
    get: {
      summary: 'Where a calendar reads the sessions',
      ...group,
      responses: { '200': answer('The address.', calendarSchema), ...asks },
    },
    post: {
      summary: 'Change that address; the one before finds nothing any more',
      ...group,
      responses: { '200': answer('The new address.', calendarSchema), ...asks },
    },
  },
  '/api/groups/{id}/calendar/{secret}': {
    get: {
      summary: 'The sessions as a calendar (RFC 5545)',
      requestParams: { path: calendarParamsSchema },
      responses: {
        '200': {
          description: 'The calendar.',
          content: { 'text/calendar': { schema: { type: 'string' } } },
        },
        ...problems,
      },
    },
  },
  '/api/groups/{id}/prints': {
    get: {
      summary: 'Paper that is made, or being made',
      ...group,
      responses: { '200': answer('Newest first.', printJobListSchema), ...asks },
    },
    post: {
      summary: 'Ask for packs, letters or certificates',
      ...group,
      requestBody: json(askPrintSchema),
      responses: { '202': answer('The job.', printJobSchema), ...changes },
    },
  },
  '/api/groups/{id}/prints/{print}': {
    get: {
      summary: 'The file, once it is made',
      requestParams: { path: printParamsSchema },
      responses: {
        '200': {
          description: 'The file.',
          content: { 'application/pdf': { schema: { type: 'string', format: 'binary' } } },
        },
        '409': problem('It is not made yet.'),
        ...asks,
      },
    },
    delete: {
      summary: 'Cancel it, or throw it away',
      requestParams: { path: printParamsSchema },
      responses: { '204': nothing('It is gone.'), ...asks },
    },
  },
};
