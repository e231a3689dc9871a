import { Readable } from 'node:stream';
import { groupParamsSchema } from '@sleetcrest/contract/accounts';
import type { GroupDocument } from '@sleetcrest/contract/table';
import type { Handlers } from '../access/admit.js';
import { accountOf } from '../access/caller.js';
import { zipOf } from '../accounts/everything.js';
import { asList } from '../database/pages.js';
import { leaving } from '../http/leaving.js';
import { streamed } from '../http/streamed.js';
import { paramsOf } from '../http/validate.js';
import { matrixCsv } from '../matrix/csv.js';
import type { AssignmentService } from '../assignments/service.js';
import type { MatrixService } from '../matrix/service.js';
import type { PlanService } from '../plans/service.js';
import type { WorkService } from '../work/service.js';
import type { GroupService } from './service.js';

const README = `A group, in open files: what its coach has of it.

group.json   sleetcrest/group@1: who teaches it and who belongs to it; how each learner stands and
             what that rests on; the sessions that were planned; what was set, and how far each
             learner came; what was handed in, and the words on it
matrix.csv   how each learner stands with each case, on the day of this file

Of a learner who has left there is nothing more in here.
`;

interface Parts {
  groups: GroupService;
  matrix: MatrixService;
  plans: PlanService;
  assignments: AssignmentService;
  work: WorkService;
}

/** All that a coach has of a group, as one ZIP file; also of one that is archived. */
export const groupExportHandler = ({
  groups,
  matrix,
  plans,
  assignments,
  work,
}: Parts): Pick<Handlers, 'GET /api/groups/:id/export'> => ({
  'GET /api/groups/:id/export': async (request, response) => {
    const { id } = paramsOf(request, groupParamsSchema);
    const group = await groups.one(accountOf(request), id);
    const [stands, planned, set] = await Promise.all([
      matrix.of(group, new Date().toISOString().slice(0, 10), leaving(response)),
      plans.list(id),
      assignments.ofGroup(id),
    ]);
    const { code: _, rights: __, ...of } = group;
    const document: Omit<GroupDocument, 'work'> = {
      format: 'sleetcrest/group@1',
      group: of,
      matrix: stands,
      sessions: planned,
      assignments: set,
    };
    // What was handed in may be more than fits into memory: it is written as it is read.
    const before = JSON.stringify(document).slice(0, -1);
    const written = () => asList(work.ofGroup(id), `${before},"work":[`, '\n]}\n');
    response
      .type('application/zip')
      .set('content-disposition', 'attachment; filename="sleetcrest-group.zip"');
    await streamed(
      response,
      zipOf([
        { name: 'README.txt', content: () => README },
        { name: 'group.json', content: () => Readable.from(written(), { objectMode: false }) },
        { name: 'matrix.csv', content: () => Readable.from([matrixCsv(stands)]) },
      ]),
    );
  },
});
