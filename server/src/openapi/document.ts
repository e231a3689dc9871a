import {
  createSolveSchema,
  handoutSchema,
  healthSchema,
  keepMethodSchema,
  methodListSchema,
  methodParamsSchema,
  problemSchema,
  savedMethodSchema,
  savedSolveSchema,
  solveListQuerySchema,
  solvePageSchema,
  solveParamsSchema,
  updateSolveSchema,
} from '@sleetcrest/contract';
import { createDocument } from 'zod-openapi';
import type * as z from 'zod';

const json = (schema: z.ZodType) => ({ content: { 'application/json': { schema } } });
const answer = (description: string, schema: z.ZodType) => ({ description, ...json(schema) });
const problem = (description: string) => ({
  description,
  content: { 'application/problem+json': { schema: problemSchema } },
});

const problems = {
  '400': problem('The address is not right.'),
  '404': problem('There is nothing under this id.'),
  '503': problem('The database cannot be reached; nothing was changed.'),
};
const refusals = {
  '413': problem('The body is larger than 512 kB.'),
  '415': problem('The body is not JSON.'),
  '422': problem('A field is not right; `errors` says which and what to mend.'),
};
const one = { requestParams: { path: solveParamsSchema } };
const method = { requestParams: { path: methodParamsSchema } };

/** The API's description, made from the same schemas that check its requests and answers. */
export const openApiDocument: object = createDocument({
  openapi: '3.1.0',
  info: {
    title: 'Sleetcrest',
    version: '1',
    description:
      'Keeps cubes and how far each has been walked, and methods of one’s own; prints guides.',
  },
  paths: {
    '/api/health': {
      get: {
        summary: 'Whether the server and its database answer',
        responses: { '200': answer('Both do.', healthSchema), '503': problems['503'] },
      },
    },
    '/api/solves': {
      get: {
        summary: 'Saved solves, newest first',
        requestParams: { query: solveListQuerySchema },
        responses: {
          '200': answer('One page.', solvePageSchema),
          '400': problems['400'],
          '503': problems['503'],
        },
      },
      post: {
        summary: 'Keep a solve; safe to send again with the same id',
        requestBody: json(createSolveSchema),
        responses: {
          '201': answer('It is kept.', savedSolveSchema),
          '200': answer('It was kept before.', savedSolveSchema),
          '400': problems['400'],
          '409': problem('Another solve has this id.'),
          ...refusals,
          '503': problems['503'],
        },
      },
    },
    '/api/solves/{id}': {
      get: {
        summary: 'One saved solve',
        ...one,
        responses: { '200': answer('The solve.', savedSolveSchema), ...problems },
      },
      patch: {
        summary: 'Rename a solve, or keep the position reached',
        ...one,
        requestBody: json(updateSolveSchema),
        responses: { '200': answer('It is kept.', savedSolveSchema), ...problems, ...refusals },
      },
      delete: {
        summary: 'Delete a solve; it can be brought back',
        ...one,
        responses: { '204': { description: 'It is gone from the list.' }, ...problems },
      },
    },
    '/api/solves/{id}/restore': {
      post: {
        summary: 'Bring a deleted solve back',
        ...one,
        responses: { '200': answer('It is in the list again.', savedSolveSchema), ...problems },
      },
    },
    '/api/methods': {
      get: {
        summary: 'People’s own methods, by title',
        responses: { '200': answer('All of them.', methodListSchema), '503': problems['503'] },
      },
    },
    '/api/methods/{id}': {
      put: {
        summary: 'Keep a method under its id, in place of what was there',
        ...method,
        requestBody: json(keepMethodSchema),
        responses: {
          '200': answer('It is kept in place of the one before.', savedMethodSchema),
          '201': answer('It is kept.', savedMethodSchema),
          ...problems,
          ...refusals,
        },
      },
      delete: {
        summary: 'Delete a method; it can be brought back',
        ...method,
        responses: { '204': { description: 'It is gone from the list.' }, ...problems },
      },
    },
    '/api/methods/{id}/restore': {
      post: {
        summary: 'Bring a deleted method back',
        ...method,
        responses: { '200': answer('It is in the list again.', savedMethodSchema), ...problems },
      },
    },
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
