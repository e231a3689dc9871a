import {
  assistantParamsSchema,
  changeGroupSchema,
  groupParamsSchema,
  groupSchema,
  invitationSchema,
  inviteSchema,
  memberParamsSchema,
  movedSchema,
  moveSchema,
} from '@sleetcrest/contract/accounts';
import {
  addLearnersSchema,
  checkNamesSchema,
  checkedNamesSchema,
  matrixQuerySchema,
  matrixSchema,
  slipsSchema,
} from '@sleetcrest/contract/table';
import type { ZodOpenApiPathsObject } from 'zod-openapi';
import { answer, asks, changes, group, json, nothing, problem } from './answers.js';

/** A coach's group: who belongs to it, who helps, how they stand. */
export const groupPaths: ZodOpenApiPathsObject = {
  '/api/groups/{id}/export': {
    get: {
      summary: 'All that a coach has of a group, as a ZIP file',
      ...group,
      responses: {
        '200': {
          description: 'The file.',
          content: { 'application/zip': { schema: { type: 'string', format: 'binary' } } },
        },
        ...asks,
      },
    },
  },
  '/api/groups/{id}/assistants': {
    post: {
      summary: 'Ask another coach to help, by a code',
      ...group,
      requestBody: json(inviteSchema),
      responses: { '201': answer('The code.', invitationSchema), ...changes },
    },
  },
  '/api/groups/{id}/assistants/{coach}': {
    delete: {
      summary: 'End somebody’s help; the assistant may, and the coach',
      requestParams: { path: assistantParamsSchema },
      responses: { '204': nothing('It has ended.'), ...asks },
    },
  },
  '/api/groups/{id}/roster/check': {
    post: {
      summary: 'Which names are taken',
      ...group,
      requestBody: json(checkNamesSchema),
      responses: { '200': answer('Those that are.', checkedNamesSchema), ...changes },
    },
  },
  '/api/groups/{id}/roster': {
    post: {
      summary: 'Make accounts for a class, all or none',
      ...group,
      requestBody: json(addLearnersSchema),
      responses: {
        '201': answer('What each begins with, told this once.', slipsSchema),
        '409': problem('A name is taken; nobody was added.'),
        ...changes,
      },
    },
  },
  '/api/groups/{id}/learners/{learner}/move': {
    post: {
      summary: 'Move a learner to another group; to another coach’s, the learner is asked',
      requestParams: { path: memberParamsSchema },
      requestBody: json(moveSchema),
      responses: { '200': answer('Whether they were, or are asked.', movedSchema), ...changes },
    },
  },
  '/api/groups/{id}/matrix': {
    get: {
      summary: 'How each learner stands with each stage and case',
      requestParams: { path: groupParamsSchema, query: matrixQuerySchema },
      responses: { '200': answer('The matrix.', matrixSchema), ...asks },
    },
  },
};

/** What is added to the path of a group that has more to it. */
export const groupChange = {
  summary: 'Change a group, put it away or bring it back',
  ...group,
  requestBody: json(changeGroupSchema),
  responses: { '200': answer('As it is now.', groupSchema), ...changes },
};
