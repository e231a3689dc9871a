import {
  beginLiveSchema,
  boardEventSchema,
  changeLiveSchema,
  hereSchema,
  joinLiveSchema,
  liveListSchema,
  liveParamsSchema,
  liveSessionSchema,
  presentParamsSchema,
  presentSchema,
} from '@sleetcrest/contract/table';
import type { ZodOpenApiPathsObject } from 'zod-openapi';
import { answer, asks, changes, group, json, nothing, problems } from './answers.js';

const live = { requestParams: { path: liveParamsSchema } };
const session = answer('The session.', liveSessionSchema);
const stream = {
  '200': {
    description: 'Events as they happen.',
    content: { 'text/event-stream': { schema: boardEventSchema } },
  },
  ...asks,
};

/** Sessions as they are held. */
export const livePaths: ZodOpenApiPathsObject = {
  '/api/live': {
    get: {
      summary: 'Sessions that are being held where one teaches, sits or belongs',
      responses: { '200': answer('Each.', liveListSchema), ...problems },
    },
  },
  '/api/live/join': {
    post: {
      summary: 'Join with the code on the board; a guest by a nickname',
      requestBody: json(joinLiveSchema),
      responses: { '200': session, ...changes },
    },
  },
  '/api/groups/{id}/live': {
    post: {
      summary: 'Begin to hold a session',
      ...group,
      requestBody: json(beginLiveSchema),
      responses: { '201': session, ...changes },
    },
  },
  '/api/groups/{id}/live/join': {
    post: {
      summary: 'Sit down at the session of one’s group',
      ...group,
      responses: { '200': session, ...asks },
    },
  },
  '/api/live/{live}': {
    patch: {
      summary: 'Put something before everybody, or say whether times are shown',
      ...live,
      requestBody: json(changeLiveSchema),
      responses: { '200': session, ...changes },
    },
    delete: {
      summary: 'End it; what it showed is gone',
      ...live,
      responses: { '204': nothing('It is over.'), ...asks },
    },
  },
  '/api/live/{live}/board': {
    get: { summary: 'Who is where, as it happens', ...live, responses: stream },
  },
  '/api/live/{live}/seat': {
    get: { summary: 'What is shown to whoever sits there', ...live, responses: stream },
  },
  '/api/live/{live}/here': {
    put: {
      summary: 'Say where one is',
      ...live,
      requestBody: json(hereSchema),
      responses: { '200': answer('As the board has it.', presentSchema), ...changes },
    },
    delete: {
      summary: 'Leave the table',
      ...live,
      responses: { '204': nothing('Done.'), ...asks },
    },
  },
  '/api/live/{live}/hands/{learner}': {
    delete: {
      summary: 'A hand was seen: it goes down',
      requestParams: { path: presentParamsSchema },
      responses: { '204': nothing('It is down.'), ...asks },
    },
  },
};
