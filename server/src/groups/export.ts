import { Readable } from 'node:stream';
import { groupParamsSchema } from '@sleetcrest/contract/accounts';
import type { Handlers } from '../access/admit.js';
import { accountOf } from '../access/caller.js';
import { zipOf, type File } from '../accounts/everything.js';
import { streamed } from '../http/streamed.js';
import { paramsOf } from '../http/validate.js';
import { matrixCsv } from '../table/matrix/csv.js';
import type { AssignmentService } from '../table/assignments/service.js';
import type { MatrixService } from '../table/matrix/service.js';
import type { PlanService } from '../table/plans/service.js';
import type { WorkService } from '../table/work/service.js';
import type { GroupService } from './service.js';

const README = `A group, in open files: what its coach has of it.

group.json         its name, who teaches it and who belongs to it
matrix.csv         how each learner stands with each case, on the day of this file
matrix.json        the same, with what it rests on
plans.json         the sessions that were planned
assignments.json   what was set, and how far each learner came
work.json          what was handed in, and the words on it

Of a learner who has left there is nothing more in here.
`;

interface Parts {
  groups: GroupService;
  matrix: MatrixService;
  plans: PlanService;
  assignments: AssignmentService;
  work: WorkService;
}

/** All that a coach has of a group, as one ZIP file; also of one that is put away. */
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
    const [stands, planned, set, handed] = await Promise.all([
      matrix.of(group, new Date().toISOString().slice(0, 10)),
      plans.list(id),
      assignments.ofGroup(id),
      work.ofGroup(id),
    ]);
    const json = (name: string, value: unknown): File => ({
      name,
      content: () => `${JSON.stringify(value, null, 2)}\n`,
    });
    response
      .type('application/zip')
      .set('content-disposition', 'attachment; filename="sleetcrest-group.zip"');
    await streamed(
      response,
      zipOf([
        { name: 'README.txt', content: () => README },
        json('group.json', group),
        { name: 'matrix.csv', content: () => Readable.from([matrixCsv(stands)]) },
        json('matrix.json', stands),
        json('plans.json', planned),
        json('assignments.json', set),
        json('work.json', handed),
      ]),
    );
  },
});
