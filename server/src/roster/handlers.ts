import { groupIn } from '../access/group-in.js';
import { accountOf } from '../access/caller.js';
import type { Handlers } from '../access/admit.js';
import type { Tries } from '../accounts/tries.js';
import { bodyOf } from '../http/validate.js';
import { addLearnersSchema, checkNamesSchema } from '@sleetcrest/contract/table';
import type { RosterService } from './service.js';

export const rosterHandlers = (roster: RosterService, tries: Tries) =>
  ({
    'POST /api/groups/:id/roster/check': async (request, response) => {
      const { names } = bodyOf(request, checkNamesSchema);
      // Which names are taken is not to be gone through at will.
      await tries.checked(accountOf(request).id);
      response.json(await roster.check(names));
    },

    'POST /api/groups/:id/roster': async (request, response) => {
      const given = bodyOf(request, addLearnersSchema);
      await tries.checked(accountOf(request).id);
      response.status(201).json(await roster.add(groupIn(request), given));
    },
  }) satisfies Partial<Handlers>;
