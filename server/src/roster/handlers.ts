import { groupIn } from '../access/group-in.js';
import { accountOf, addressOf } from '../access/caller.js';
import type { Handlers } from '../access/admit.js';
import type { Tries } from '../accounts/tries.js';
import type { GroupRights } from '../groups/rights.js';
import type { GroupService } from '../groups/service.js';
import { HttpProblem } from '../http/problem.js';
import { bodyOf, paramsOf } from '../http/validate.js';
import { memberParamsSchema, moveSchema } from '@sleetcrest/contract/accounts';
import { addLearnersSchema, checkNamesSchema } from '@sleetcrest/contract/table';
import type { RosterService } from './service.js';

export const rosterHandlers = (
  roster: RosterService,
  groups: GroupService,
  rights: GroupRights,
  tries: Tries,
) =>
  ({
    'POST /api/groups/:id/roster/check': async (request, response) => {
      const { names } = bodyOf(request, checkNamesSchema);
      // Which names are taken is not to be gone through at will.
      await tries.phraseSet(accountOf(request).id);
      response.json(await roster.check(names));
    },

    'POST /api/groups/:id/roster': async (request, response) => {
      const given = bodyOf(request, addLearnersSchema);
      await Promise.all(given.learners.map(() => tries.made('signUp', addressOf(request))));
      response.status(201).json(await roster.add(groupIn(request), given));
    },

    'POST /api/groups/:id/learners/:learner/move': async (request, response) => {
      const { id, learner } = paramsOf(request, memberParamsSchema);
      const { to } = bodyOf(request, moveSchema);
      const into = await rights.inGroup(accountOf(request).id, to);
      if (!into.rights.includes('roster') || into.archived) {
        throw new HttpProblem(404, 'The group to move to is none that you may change.');
      }
      await groups.move(id, learner, to);
      response.status(204).end();
    },
  }) satisfies Partial<Handlers>;
