import {
  assistantParamsSchema,
  changeGroupSchema,
  createGroupSchema,
  groupParamsSchema,
  invitationParamsSchema,
  inviteSchema,
  joinGroupSchema,
  learnerParamsSchema,
  memberParamsSchema,
  moveSchema,
  resetPhraseSchema,
  type Group,
  type Right,
} from '@sleetcrest/contract/accounts';
import type { Request } from 'express';
import type { Handlers } from '../access/admit.js';
import { groupIn } from '../access/group-in.js';
import { readsLoosely } from '../http/reads.js';
import { accountOf, addressOf } from '../access/caller.js';
import type { AccountService } from '../accounts/service.js';
import type { Sessions } from '../accounts/sessions.js';
import type { Tries } from '../accounts/tries.js';
import { bodyOf, paramsOf } from '../http/validate.js';
import { methodOf } from '../matrix/service.js';
import { refuseUnusable } from '../threads/thinking.js';
import type { GroupService } from './service.js';

export function groupHandlers(
  groups: GroupService,
  accounts: AccountService,
  sessions: Sessions,
  tries: Tries,
) {
  return {
    'GET /api/groups': async (request, response) => {
      const items = await groups.list(accountOf(request));
      response.json({ items: items.map((group) => told(request, group)) });
    },

    'POST /api/groups': async (request, response) => {
      const given = bodyOf(request, createGroupSchema);
      response.status(201).json(told(request, await groups.create(accountOf(request), given)));
    },

    'POST /api/groups/join': async (request, response) => {
      const { code } = bodyOf(request, joinGroupSchema);
      const learner = accountOf(request);
      const trier = { account: learner.id, address: addressOf(request) };
      response.json(told(request, await tries.code(trier, () => groups.join(learner, code))));
    },

    'PATCH /api/groups/:id': async (request, response) => {
      const { id } = paramsOf(request, groupParamsSchema);
      const change = bodyOf(request, changeGroupSchema);
      if (change.method !== undefined) await refuseUnusable(methodOf(change.method), 'method');
      response.json(told(request, await groups.change(accountOf(request), id, change)));
    },

    'POST /api/groups/:id/assistants': async (request, response) => {
      const { id } = paramsOf(request, groupParamsSchema);
      const { rights } = bodyOf(request, inviteSchema);
      response.status(201).json(await groups.invite(id, rights));
    },

    'DELETE /api/groups/:id/assistants/:coach': async (request, response) => {
      const { id, coach } = paramsOf(request, assistantParamsSchema);
      await groups.endHelp(id, coach);
      response.status(204).end();
    },

    'GET /api/groups/:id/invitations': async (request, response) => {
      response.json({ items: await groups.invitations(groupIn(request)) });
    },

    'DELETE /api/groups/:id/invitations/:code': async (request, response) => {
      const { id, code } = paramsOf(request, invitationParamsSchema);
      await groups.withdraw(id, code);
      response.status(204).end();
    },

    'POST /api/groups/:id/code': async (request, response) => {
      const account = accountOf(request);
      response.json(told(request, await groups.renewCode(account, groupIn(request))));
    },

    'DELETE /api/groups/:id': async (request, response) => {
      await groups.remove(groupIn(request));
      response.status(204).end();
    },

    'GET /api/groups/:id/leaving': async (request, response) => {
      response.json(await accounts.leaving(accountOf(request).id, groupIn(request)));
    },

    'DELETE /api/groups/:id/learners/:learner': async (request, response) => {
      const { id, learner } = paramsOf(request, memberParamsSchema);
      await groups.leave(accountOf(request), id, learner);
      response.status(204).end();
    },

    'POST /api/groups/:id/learners/:learner/move': async (request, response) => {
      const { id, learner } = paramsOf(request, memberParamsSchema);
      const { to } = bodyOf(request, moveSchema);
      response.json({ moved: await groups.move(accountOf(request), id, learner, to) });
    },

    'GET /api/moves': async (request, response) => {
      response.json(await groups.moves(accountOf(request).id));
    },

    'POST /api/moves/:to': async (request, response) => {
      const { to } = paramsOf(request, moveSchema);
      await groups.answerMove(accountOf(request).id, to, true);
      response.status(204).end();
    },

    'DELETE /api/moves/:to': async (request, response) => {
      const { to } = paramsOf(request, moveSchema);
      await groups.answerMove(accountOf(request).id, to, false);
      response.status(204).end();
    },

    'POST /api/learners/:learner/phrase': async (request, response) => {
      const { learner } = paramsOf(request, learnerParamsSchema);
      const { phrase } = bodyOf(request, resetPhraseSchema);
      await tries.phraseSet(accountOf(request).id);
      await accounts.setPhrase(learner, phrase, (transaction) =>
        sessions.endAll(learner, transaction),
      );
      response.status(204).end();
    },
  } satisfies Partial<Handlers>;
}

/** Pages of the version before know of no right to set phrases, and refuse a group in which somebody has it. */
function told(request: Request, group: Group): Group {
  if (readsLoosely(request)) return group;
  const known = (rights: readonly Right[]): Right[] => rights.filter((one) => one !== 'phrase');
  return {
    ...group,
    rights: known(group.rights),
    assistants: group.assistants.map((one) => ({ ...one, rights: known(one.rights) })),
  };
}
