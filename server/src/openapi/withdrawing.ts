import {
  assistantParamsSchema,
  codeParamsSchema,
  coachInvitationsSchema,
  groupSchema,
  invitationListSchema,
  invitationParamsSchema,
  leavingSchema,
  moveSchema,
  movesSchema,
  signedInParamsSchema,
  signedInSchema,
} from '@sleetcrest/contract/accounts';
import {
  calendarsSchema,
  liveParamsSchema,
  liveSessionSchema,
  presentParamsSchema,
} from '@sleetcrest/contract/table';
import type { ZodOpenApiPathsObject } from 'zod-openapi';
import { answer, asks, group, nothing, problems, signedIn } from './answers.js';

const gone = { '204': nothing('It is gone.'), ...asks };

/** Keys, codes and addresses that can be listed, withdrawn and renewed; and what goes with what is deleted. */
export const withdrawingPaths: ZodOpenApiPathsObject = {
  '/api/account/sessions': {
    get: {
      summary: 'Where one is signed in',
      responses: { '200': answer('The newest first.', signedInSchema), ...signedIn },
    },
  },
  '/api/account/sessions/{session}': {
    delete: {
      summary: 'Sign out one browser',
      requestParams: { path: signedInParamsSchema },
      responses: gone,
    },
  },
  '/api/account/leaving': {
    get: {
      summary: 'What of others’ goes with the account',
      responses: { '200': answer('How much.', leavingSchema), ...signedIn },
    },
  },
  '/api/coach-invitations': {
    get: {
      summary: 'Codes by which coaches may sign up',
      responses: { '200': answer('Those that are good.', coachInvitationsSchema), ...asks },
    },
    post: {
      summary: 'Make such a code, good once',
      responses: { '201': answer('Those that are good.', coachInvitationsSchema), ...asks },
    },
  },
  '/api/coach-invitations/{code}': {
    delete: {
      summary: 'Withdraw such a code',
      requestParams: { path: codeParamsSchema },
      responses: gone,
    },
  },
  '/api/groups/{id}/code': {
    post: {
      summary: 'Give the group another code; by the one before nobody joins',
      ...group,
      responses: { '200': answer('As it is now.', groupSchema), ...asks },
    },
  },
  '/api/groups/{id}/leaving': {
    get: {
      summary: 'What of others’ goes with the group',
      ...group,
      responses: { '200': answer('How much.', leavingSchema), ...asks },
    },
  },
  '/api/groups/{id}/invitations': {
    get: {
      summary: 'Codes by which coaches may become assistants',
      ...group,
      responses: { '200': answer('Those that are good.', invitationListSchema), ...asks },
    },
  },
  '/api/groups/{id}/invitations/{code}': {
    delete: {
      summary: 'Withdraw such a code',
      requestParams: { path: invitationParamsSchema },
      responses: gone,
    },
  },
  '/api/groups/{id}/calendars': {
    get: {
      summary: 'Whose calendars read the sessions',
      ...group,
      responses: { '200': answer('By name.', calendarsSchema), ...asks },
    },
  },
  '/api/groups/{id}/calendars/{coach}': {
    delete: {
      summary: 'Withdraw somebody’s address',
      requestParams: { path: assistantParamsSchema },
      responses: gone,
    },
  },
  '/api/moves': {
    get: {
      summary: 'Moves to another coach’s group that wait for one’s word',
      responses: { '200': answer('Those.', movesSchema), ...signedIn },
    },
  },
  '/api/moves/{to}': {
    post: {
      summary: 'Agree to a move',
      requestParams: { path: moveSchema },
      responses: { '204': nothing('You belong to that group now.'), ...problems, ...signedIn },
    },
    delete: {
      summary: 'Say no to a move',
      requestParams: { path: moveSchema },
      responses: { '204': nothing('You stay.'), ...problems, ...signedIn },
    },
  },
  '/api/live/{live}/seats/{learner}': {
    delete: {
      summary: 'Take somebody off the table',
      requestParams: { path: presentParamsSchema },
      responses: gone,
    },
  },
  '/api/live/{live}/code': {
    post: {
      summary: 'Put another code on the board',
      requestParams: { path: liveParamsSchema },
      responses: { '200': answer('As it is now.', liveSessionSchema), ...asks },
    },
  },
};
