import {
  assignmentListSchema,
  assignmentParamsSchema,
  assignmentSchema,
  handInSchema,
  markWorkSchema,
  ownAssignmentParamsSchema,
  sayDoneSchema,
  setAssignmentSchema,
  workListSchema,
  workParamsSchema,
  workSchema,
  writeNoteSchema,
} from '@sleetcrest/contract/table';
import type { ZodOpenApiPathsObject } from 'zod-openapi';
import { answer, asks, changes, group, json, nothing, signedIn } from './answers.js';

const work = { requestParams: { path: workParamsSchema } };
const piece = answer('What was handed in, with the words on it.', workSchema);

/** What is set for learners, and what they hand in. */
export const workPaths: ZodOpenApiPathsObject = {
  '/api/groups/{id}/assignments': {
    get: {
      summary: 'What is set for a group, and how far each learner has come',
      ...group,
      responses: { '200': answer('Newest first.', assignmentListSchema), ...asks },
    },
    post: {
      summary: 'Set something for one, some or all',
      ...group,
      requestBody: json(setAssignmentSchema),
      responses: { '201': answer('It is set.', assignmentSchema), ...changes },
    },
  },
  '/api/groups/{id}/assignments/{assignment}': {
    delete: {
      summary: 'Take back what was set',
      requestParams: { path: assignmentParamsSchema },
      responses: { '204': nothing('It is gone.'), ...asks },
    },
  },
  '/api/assignments': {
    get: {
      summary: 'What is set for oneself',
      responses: { '200': answer('Newest first.', assignmentListSchema), ...signedIn },
    },
  },
  '/api/assignments/{assignment}/said': {
    put: {
      summary: 'Say that it is done, or take that back',
      requestParams: { path: ownAssignmentParamsSchema },
      requestBody: json(sayDoneSchema),
      responses: { '200': answer('As it is now.', assignmentSchema), ...changes },
    },
  },
  '/api/groups/{id}/work': {
    get: {
      summary: 'What learners handed in',
      ...group,
      responses: { '200': answer('Unread first.', workListSchema), ...asks },
    },
  },
  '/api/work': {
    get: {
      summary: 'What one handed in oneself',
      responses: { '200': answer('Unread first.', workListSchema), ...signedIn },
    },
    post: {
      summary: 'Hand in a record or a question',
      requestBody: json(handInSchema),
      responses: { '201': piece, ...changes },
    },
  },
  '/api/work/{work}/notes': {
    post: {
      summary: 'Write on it',
      ...work,
      requestBody: json(writeNoteSchema),
      responses: { '201': piece, ...changes },
    },
  },
  '/api/work/{work}/read': {
    put: { summary: 'It has been read', ...work, responses: { '200': piece, ...asks } },
  },
  '/api/work/{work}/marked': {
    put: {
      summary: 'Mark it as answered, or take that back',
      ...work,
      requestBody: json(markWorkSchema),
      responses: { '200': piece, ...changes },
    },
  },
};
