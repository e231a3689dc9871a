import { handoutSchema, healthSchema, readySchema } from '@sleetcrest/contract';
import { createDocument } from 'zod-openapi';
import { accountPaths } from './accounts.js';
import { answer, json, problems, refusals } from './answers.js';
import { keptPaths } from './kept.js';
import { logPaths } from './log.js';
import { practicePaths } from './practice.js';
import { groupPaths } from './group.js';
import { livePaths } from './live.js';
import { planPaths } from './plans.js';
import { withdrawingPaths } from './withdrawing.js';
import { workPaths } from './work.js';

/** The API's description, made from the same schemas that check its requests and answers. */
export const openApiDocument: object = createDocument({
  openapi: '3.1.0',
  info: {
    title: 'Sleetcrest',
    version: '1',
    description:
      'Keeps cubes and how far each has been walked, methods of one’s own, and a log of solves with their statistics, and what was practised; prints guides; and what a coach’s group plans, holds, sets and answers.',
  },
  paths: {
    '/api/health': {
      get: {
        summary: 'Whether the server is alive',
        responses: { '200': answer('It is.', healthSchema) },
      },
    },
    '/api/ready': {
      get: {
        summary: 'Whether it can do its work: the database answers and is of its version',
        responses: { '200': answer('It can.', readySchema), '503': problems['503'] },
      },
    },
    '/api/openapi.json': {
      get: { summary: 'This description', responses: { '200': { description: 'It.' } } },
    },
    ...accountPaths,
    ...keptPaths,
    ...logPaths,
    ...practicePaths,
    ...groupPaths,
    ...planPaths,
    ...workPaths,
    ...livePaths,
    ...withdrawingPaths,
    '/api/handouts': {
      post: {
        summary: 'A printed guide of a stage or a whole method',
        requestBody: json(handoutSchema),
        responses: {
          '200': {
            description: 'The guide as a PDF file.',
            content: { 'application/pdf': { schema: { type: 'string', format: 'binary' } } },
          },
          ...refusals,
        },
      },
    },
  },
});
