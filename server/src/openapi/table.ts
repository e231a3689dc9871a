import {
  assistantParamsSchema,
  changeGroupSchema,
  groupParamsSchema,
  groupSchema,
  invitationSchema,
  inviteSchema,
  memberParamsSchema,
  moveSchema,
} from '@sleetcrest/contract/accounts';
import {
  addLearnersSchema,
  askPrintSchema,
  assignmentListSchema,
  assignmentParamsSchema,
  assignmentSchema,
  beginLiveSchema,
  boardEventSchema,
  calendarParamsSchema,
  calendarSchema,
  changeLiveSchema,
  checkedNamesSchema,
  checkNamesSchema,
  handInSchema,
  hereSchema,
  joinLiveSchema,
  keepPlanSchema,
  keptPlanAnswerSchema,
  liveListSchema,
  liveParamsSchema,
  liveSessionSchema,
  markWorkSchema,
  matrixQuerySchema,
  matrixSchema,
  ownAssignmentParamsSchema,
  planListSchema,
  planParamsSchema,
  presentParamsSchema,
  presentSchema,
  printJobListSchema,
  printJobSchema,
  printParamsSchema,
  sayDoneSchema,
  setAssignmentSchema,
  slipsSchema,
  workListSchema,
  workParamsSchema,
  workSchema,
  writeNoteSchema,
} from '@sleetcrest/contract/table';
import type { ZodOpenApiPathsObject } from 'zod-openapi';
import { answer, json, nothing, problem, problems, refusals, signedIn } from './answers.js';

const asks = { ...problems, ...signedIn, '403': problem('It is not among what you may do here.') };
const changes = { ...asks, ...refusals };
const group = { requestParams: { path: groupParamsSchema } };
const live = { requestParams: { path: liveParamsSchema } };
const work = { requestParams: { path: workParamsSchema } };
const session = answer('The session.', liveSessionSchema);
const piece = answer('What was handed in, with the words on it.', workSchema);
const stream = {
  '200': {
    description: 'Events as they happen.',
    content: { 'text/event-stream': { schema: boardEventSchema } },
  },
  ...asks,
};

/** A coach's group: who belongs to it, how they stand, what is planned, set, shown and answered. */
export const tablePaths: ZodOpenApiPathsObject = {
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
      summary: 'Move a learner to another group',
      requestParams: { path: memberParamsSchema },
      requestBody: json(moveSchema),
      responses: { '204': nothing('They are there.'), ...changes },
    },
  },
  '/api/groups/{id}/matrix': {
    get: {
      summary: 'How each learner stands with each stage and case',
      requestParams: { path: groupParamsSchema, query: matrixQuerySchema },
      responses: { '200': answer('The matrix.', matrixSchema), ...asks },
    },
  },
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
  '/api/live': {
    get: {
      summary: 'Sessions that are being held where one teaches, sits or belongs',
      responses: { '200': answer('Each.', liveListSchema), ...problems },
    },
  },
  '/api/live/join': {
    post: {
      summary: 'Sit down by the code on the board; a guest by a nickname',
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
    delete: { summary: 'Get up', ...live, responses: { '204': nothing('Done.'), ...asks } },
  },
  '/api/live/{live}/hands/{learner}': {
    delete: {
      summary: 'A hand was seen: it goes down',
      requestParams: { path: presentParamsSchema },
      responses: { '204': nothing('It is down.'), ...asks },
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
