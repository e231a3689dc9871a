import { learnerParamsSchema } from '@sleetcrest/contract/accounts';
import {
  batchAnswerSchema,
  changedSchema,
  entryHistorySchema,
  exportQuerySchema,
  groupsQuerySchema,
  learnerLogParamsSchema,
  logBatchSchema,
  logChangesQuerySchema,
  logChangesSchema,
  logEntrySchema,
  logGroupsSchema,
  logIdsSchema,
  logOverviewSchema,
  logPageSchema,
  logParamsSchema,
  logQuerySchema,
  logSchema,
  summaryQuerySchema,
  tagEntriesSchema,
  tellChangeSchema,
} from '@sleetcrest/contract/log';
import type * as z from 'zod';
import type { ZodOpenApiPathsObject } from 'zod-openapi';
import { answer, json, problem, problems, refusals, signedIn } from './answers.js';

const read = (
  summary: string,
  answered: ReturnType<typeof answer>,
  query?: z.ZodObject,
  path?: z.ZodObject,
) => ({
  get: {
    summary,
    requestParams: { ...(query ? { query } : {}), ...(path ? { path } : {}) },
    responses: { '200': answered, ...problems, ...signedIn },
  },
});

const changing = (summary: string, body: z.ZodType) => ({
  post: {
    summary,
    requestBody: json(body),
    responses: {
      '200': answer('How many records there were.', changedSchema),
      ...signedIn,
      ...refusals,
    },
  },
});

const page = answer('A window of them.', logPageSchema);
const overview = answer('Statistics.', logOverviewSchema);
const groups = answer('All of them.', logGroupsSchema);
const entry = answer('The record.', logEntrySchema);

/** The log: one's own, and to a coach that of a learner of their groups. */
export const logPaths: ZodOpenApiPathsObject = {
  '/api/log': {
    ...read('Records, newest first', page, logQuerySchema),
    post: {
      summary: 'Keep a record; safe to send again with the same id',
      requestBody: json(logEntrySchema),
      responses: {
        '201': answer('It is kept.', logEntrySchema),
        '200': answer('It was kept before.', logEntrySchema),
        '409': problem('Another record has this id.'),
        ...signedIn,
        ...refusals,
      },
    },
  },
  '/api/log/batch': {
    post: {
      summary: 'Keep many records, all or none; those kept already add nothing',
      requestBody: json(logBatchSchema),
      responses: {
        '200': answer('How many were new.', batchAnswerSchema),
        ...signedIn,
        ...refusals,
      },
    },
  },
  '/api/log/remove': changing('Delete records; they can be brought back', logIdsSchema),
  '/api/log/restore': changing('Bring deleted records back', logIdsSchema),
  '/api/log/tags': changing('Add tags to records and take tags off', tagEntriesSchema),
  '/api/log/overview': read('What the charts show', overview, summaryQuerySchema),
  '/api/log/groups': read('Records by day or session', groups, groupsQuerySchema),
  '/api/log/export': {
    get: {
      summary: 'Records as CSV (RFC 4180) or as a Log document',
      requestParams: { query: exportQuerySchema },
      responses: {
        '200': {
          description: 'The file.',
          content: {
            'text/csv': { schema: { type: 'string' } },
            'application/json': { schema: logSchema },
          },
        },
        ...signedIn,
      },
    },
  },
  '/api/log/entries/{id}/history': read(
    ...([
      'What a record has said, newest first',
      answer('Its fields, and when each was told.', entryHistorySchema),
      undefined,
      logParamsSchema,
    ] as const),
  ),
  '/api/log/changes': read(
    'What was changed since a moment',
    answer('Some of it, and what to ask for next.', logChangesSchema),
    logChangesQuerySchema,
  ),
  '/api/log/entries/{id}': {
    ...read('One record', entry, undefined, logParamsSchema),
    patch: {
      summary: 'Change a record',
      requestParams: { path: logParamsSchema },
      requestBody: json(tellChangeSchema),
      responses: { '200': entry, ...problems, ...signedIn, ...refusals },
    },
  },
  '/api/learners/{learner}/log': read(
    ...(['A learner’s records', page, logQuerySchema, learnerParamsSchema] as const),
  ),
  '/api/learners/{learner}/log/overview': read(
    ...([
      'What a learner’s charts show',
      overview,
      summaryQuerySchema,
      learnerParamsSchema,
    ] as const),
  ),
  '/api/learners/{learner}/log/groups': read(
    ...(['A learner’s days or sessions', groups, groupsQuerySchema, learnerParamsSchema] as const),
  ),
  '/api/learners/{learner}/log/entries/{id}': read(
    ...(['One record of a learner', entry, undefined, learnerLogParamsSchema] as const),
  ),
};
