import {
  assistantParamsSchema,
  changeGroupSchema,
  createGroupSchema,
  groupParamsSchema,
  inviteSchema,
  joinGroupSchema,
  learnerParamsSchema,
  memberParamsSchema,
  resetPhraseSchema,
} from '@sleetcrest/contract/accounts';
import type { Handlers } from '../access/admit.js';
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
      response.json({ items: await groups.list(accountOf(request)) });
    },

    'POST /api/groups': async (request, response) => {
      const given = bodyOf(request, createGroupSchema);
      response.status(201).json(await groups.create(accountOf(request), given));
    },

    'POST /api/groups/join': async (request, response) => {
      const { code } = bodyOf(request, joinGroupSchema);
      const learner = accountOf(request);
      const trier = { account: learner.id, address: addressOf(request) };
      response.json(await tries.code(trier, () => groups.join(learner, code)));
    },

    'PATCH /api/groups/:id': async (request, response) => {
      const { id } = paramsOf(request, groupParamsSchema);
      const change = bodyOf(request, changeGroupSchema);
      if (change.method !== undefined) await refuseUnusable(methodOf(change.method), 'method');
      response.json(await groups.change(accountOf(request), id, change));
    },

    'POST /api/groups/:id/assistants': async (request, response) => {
      const { id } = paramsOf(request, groupParamsSchema);
      const { rights } = bodyOf(request, inviteSchema);
      response.status(201).json(await groups.invite(id, rights));
    },

    'DELETE /api/groups/:id/assistants/:coach': async (request, response) => {
      const { id, coach } = paramsOf(request, assistantParamsSchema);
      await groups.endHelp(accountOf(request), id, coach);
      response.status(204).end();
    },

    'DELETE /api/groups/:id': async (request, response) => {
      await groups.remove(accountOf(request), paramsOf(request, groupParamsSchema).id);
      response.status(204).end();
    },

    'DELETE /api/groups/:id/learners/:learner': async (request, response) => {
      const { id, learner } = paramsOf(request, memberParamsSchema);
      await groups.leave(accountOf(request), id, learner);
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
