import {
  changeAccountSchema,
  createGroupSchema,
  deleteAccountSchema,
  groupListSchema,
  groupParamsSchema,
  groupSchema,
  joinGroupSchema,
  learnerParamsSchema,
  memberParamsSchema,
  resetPhraseSchema,
  sessionSchema,
  signInSchema,
  signUpSchema,
} from '@sleetcrest/contract/accounts';
import type { ZodOpenApiPathsObject } from 'zod-openapi';
import { answer, json, nothing, problem, problems, refusals, signedIn } from './answers.js';
import { groupChange } from './group.js';

const session = answer('Who is signed in now.', sessionSchema);

/** Accounts, sessions and groups. */
export const accountPaths: ZodOpenApiPathsObject = {
  '/api/session': {
    get: { summary: 'Who is signed in', responses: { '200': session } },
    post: {
      summary: 'Sign in',
      requestBody: json(signInSchema),
      responses: {
        '200': session,
        '401': problem('Name and phrase do not belong together.'),
        ...refusals,
      },
    },
    delete: { summary: 'Sign out', responses: { '200': session } },
  },
  '/api/accounts': {
    post: {
      summary: 'Sign up; what a guest kept moves into the account',
      requestBody: json(signUpSchema),
      responses: { '201': session, '409': problem('The name is taken.'), ...refusals },
    },
  },
  '/api/account': {
    patch: {
      summary: 'Change the name or the phrase',
      requestBody: json(changeAccountSchema),
      responses: {
        '200': session,
        ...signedIn,
        ...refusals,
        '403': problem('The phrase in use was not given.'),
        '409': problem('The name is taken.'),
      },
    },
    delete: {
      summary: 'Delete the account and all that is kept for it',
      requestBody: json(deleteAccountSchema),
      responses: {
        '200': session,
        '403': problem('The phrase is wrong.'),
        ...signedIn,
        ...refusals,
      },
    },
  },
  '/api/account/sign-out-everywhere': {
    post: { summary: 'End all sessions', responses: { '200': session, ...signedIn } },
  },
  '/api/account/export': {
    get: {
      summary: 'All that is kept for the account, as one ZIP of open files',
      responses: {
        '200': {
          description: 'The ZIP file.',
          content: { 'application/zip': { schema: { type: 'string', format: 'binary' } } },
        },
        ...signedIn,
      },
    },
  },
  '/api/groups': {
    get: {
      summary: 'The groups somebody coaches or belongs to',
      responses: { '200': answer('All of them.', groupListSchema), ...signedIn },
    },
    post: {
      summary: 'Make a group; safe to send again with the same id',
      requestBody: json(createGroupSchema),
      responses: {
        '201': answer('It is there.', groupSchema),
        ...signedIn,
        ...refusals,
        '403': problem('Only a coach can.'),
      },
    },
  },
  '/api/groups/join': {
    post: {
      summary: 'Join a group by its code',
      requestBody: json(joinGroupSchema),
      responses: {
        '200': answer('You belong to it.', groupSchema),
        ...signedIn,
        ...refusals,
        '404': problem('No group has this code.'),
      },
    },
  },
  '/api/groups/{id}': {
    patch: groupChange,
    delete: {
      summary: 'Delete a group',
      requestParams: { path: groupParamsSchema },
      responses: { '204': nothing('It is gone.'), ...problems, ...signedIn },
    },
  },
  '/api/groups/{id}/learners/{learner}': {
    delete: {
      summary: 'Take a learner out of a group: its coach may, and the learner',
      requestParams: { path: memberParamsSchema },
      responses: { '204': nothing('They have left.'), ...problems, ...signedIn },
    },
  },
  '/api/learners/{learner}/phrase': {
    post: {
      summary: 'Set a new phrase for a learner of one’s own group',
      requestParams: { path: learnerParamsSchema },
      requestBody: json(resetPhraseSchema),
      responses: { '204': nothing('It is set.'), ...problems, ...signedIn, ...refusals },
    },
  },
};
