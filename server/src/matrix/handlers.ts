import { groupIn } from '../access/group-in.js';
import { matrixQuerySchema } from '@sleetcrest/contract/table';
import { accountOf } from '../access/caller.js';
import type { Handlers } from '../access/admit.js';
import type { GroupService } from '../groups/service.js';
import { leaving } from '../http/leaving.js';
import { queryOf } from '../http/validate.js';
import type { MatrixService } from './service.js';

export const matrixHandlers = (matrix: MatrixService, groups: GroupService) =>
  ({
    'GET /api/groups/:id/matrix': async (request, response) => {
      const { day } = queryOf(request, matrixQuerySchema);
      const group = await groups.one(accountOf(request), groupIn(request));
      response.json(await matrix.of(group, day, leaving(response)));
    },
  }) satisfies Partial<Handlers>;
