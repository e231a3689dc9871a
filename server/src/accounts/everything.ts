import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { ZipArchive } from 'archiver';
import type { Sequelize } from 'sequelize';
import type { Handlers } from '../access/admit.js';
import { accountOf } from '../access/caller.js';
import type { GroupService } from '../groups/service.js';
import { asCsv, asJson, entriesOf } from '../log/export.js';
import type { MethodService } from '../methods/service.js';
import type { SolveService } from '../solves/service.js';

const README = `Everything Sleetcrest keeps for you, in open files.

account.json   your name and what you are here for
groups.json    the groups you coach or belong to
log.csv        your log: one record a line (docs/formats says the columns)
log.json       the same as a Log document, with every field
cubes.json     the cubes you saved, and how far each walk has come
methods/       methods of your own, each a Method document
`;

const MOST_CUBES = 100;

interface Parts {
  sequelize: Sequelize;
  groups: GroupService;
  solves: SolveService;
  methods: MethodService;
}

/** All that is kept for an account, as one ZIP file. */
export const exportHandler = ({
  sequelize,
  groups,
  solves,
  methods,
}: Parts): Pick<Handlers, 'GET /api/account/export'> => ({
  'GET /api/account/export': async (request, response) => {
    const account = accountOf(request);
    const zip = new ZipArchive({ zlib: { level: 6 } });
    response
      .type('application/zip')
      .set('content-disposition', 'attachment; filename="sleetcrest-everything.zip"');
    const sent = pipeline(zip, response);
    const json = (name: string, value: unknown): void => {
      zip.append(`${JSON.stringify(value, null, 2)}\n`, { name });
    };
    zip.append(README, { name: 'README.txt' });
    json('account.json', account);
    json('groups.json', await groups.list(account));
    for (const { method } of (await methods.list(account.id)).items) {
      json(`methods/${method.id}.json`, method);
    }
    zip.append(Readable.from(cubesOf(solves, account.id), { objectMode: false }), {
      name: 'cubes.json',
    });
    zip.append(asCsv(entriesOf(sequelize, account.id, {})), { name: 'log.csv' });
    zip.append(asJson(entriesOf(sequelize, account.id, {})), { name: 'log.json' });
    await Promise.all([zip.finalize(), sent]);
  },
});

/** The saved cubes as a JSON list, read page by page. */
async function* cubesOf(solves: SolveService, account: string): AsyncGenerator<string> {
  yield '[';
  let between = '\n';
  for (let page = 1, more = true; more; page++) {
    const { items, total } = await solves.list(account, page, MOST_CUBES);
    for (const cube of items) {
      yield between + JSON.stringify(cube);
      between = ',\n';
    }
    more = page * MOST_CUBES < total;
  }
  yield '\n]\n';
}
