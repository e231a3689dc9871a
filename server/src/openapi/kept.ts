import {
  changeSettingsSchema,
  createSolveSchema,
  keepMethodSchema,
  methodListSchema,
  methodParamsSchema,
  savedMethodSchema,
  savedSolveSchema,
  settingsSchema,
  solveListQuerySchema,
  solvePageSchema,
  solveParamsSchema,
  updateSolveSchema,
} from '@sleetcrest/contract';
import type { ZodOpenApiPathsObject } from 'zod-openapi';
import { answer, json, problem, problems, refusals, signedIn } from './answers.js';

const one = { requestParams: { path: solveParamsSchema } };
const method = { requestParams: { path: methodParamsSchema } };

const settings = answer('All that was ever changed.', settingsSchema);

/** Saved cubes and own methods: whoever keeps them sees their own alone. */
export const keptPaths: ZodOpenApiPathsObject = {
  '/api/settings': {
    get: { summary: 'How one reads', responses: { '200': settings, ...signedIn } },
    patch: {
      summary: 'Change settings; of two changes of one the later counts',
      requestBody: json(changeSettingsSchema),
      responses: { '200': settings, ...signedIn, ...refusals },
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
};
