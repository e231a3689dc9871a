import { Readable } from 'node:stream';
import { ZipArchive } from 'archiver';
import type { Sequelize } from 'sequelize';
import type { Account } from '@sleetcrest/contract/accounts';
import type { Handlers } from '../access/admit.js';
import { accountOf } from '../access/caller.js';
import type { GroupService } from '../groups/service.js';
import { asList } from '../database/pages.js';
import { streamed } from '../http/streamed.js';
import { asCsv, asJson, deletedEntriesOf, entriesOf } from '../log/export.js';
import type { MethodService } from '../methods/service.js';
import type { PracticeService } from '../practice/service.js';
import type { SettingsService } from '../settings/service.js';
import type { SolveService } from '../solves/service.js';
import type { AssignmentService } from '../assignments/service.js';
import type { WorkService } from '../work/service.js';
import { KEPT_DAYS } from '../upkeep/purge.js';
import { aboutAccount, placesKept, sessionsKept } from './queries.js';

const README = `Everything Sleetcrest keeps for you, in open files.

account.json       your name, what you are here for, and since when
groups.json        the groups you coach or belong to
sessions.json      where you are signed in: since when, and when that was last used
places.json        when you last signed in from each place; where it is, is not kept
log.csv            your log: one record a line (docs/formats says the columns)
log.json           the same as a Log document, with every field
practice.json      every answer you gave in practice
assignments.json   what was set for you, and how far you came
work.json          what you handed in, and what you wrote on what was
cubes.json         the cubes you saved, and how far each walk has come
methods/           methods of your own, each a Method document
settings.json      how you read: the settings you ever changed

What you deleted is kept for ${KEPT_DAYS.deleted} days, so that it can be brought back:

deleted/log.json   records, as a Log document
deleted/cubes.json saved cubes, with the moment each was deleted
deleted/methods/   methods of your own

Your passphrase is kept as a check that does not tell it; it is not in here.
`;

interface Parts {
  sequelize: Sequelize;
  groups: GroupService;
  solves: SolveService;
  methods: MethodService;
  settings: SettingsService;
  practice: PracticeService;
  assignments: AssignmentService;
  work: WorkService;
}

/** A file of the ZIP: its name, and what is in it, read when its turn comes. */
export interface File {
  name: string;
  content: () => string | Readable;
}

/** All that is kept for an account, as one ZIP file. */
export const exportHandler = (parts: Parts): Pick<Handlers, 'GET /api/account/export'> => ({
  'GET /api/account/export': async (request, response) => {
    // What may fail is asked for before the first byte is sent.
    const files = await filesOf(parts, accountOf(request));
    response
      .type('application/zip')
      .set('content-disposition', 'attachment; filename="sleetcrest-everything.zip"');
    await streamed(response, zipOf(files));
  },
});

/** One stream that owns all others: they are read one after the other, and end when it does. */
export function zipOf(files: readonly File[]): Readable {
  const zip = new ZipArchive({ zlib: { level: 6 } });
  // As many listen to its end as there are files.
  zip.setMaxListeners(0);
  for (const { name, content } of files) {
    const source = Readable.from(begunWhenRead(content), { objectMode: false });
    source.once('error', (error) => zip.destroy(error));
    zip.once('close', () => source.destroy());
    zip.append(source, { name });
  }
  zip.finalize().catch((error: unknown) => zip.destroy(error as Error));
  return zip;
}

async function* begunWhenRead(content: File['content']): AsyncGenerator<string | Buffer> {
  const begun = content();
  if (typeof begun === 'string') yield begun;
  else yield* begun as AsyncIterable<Buffer>;
}

async function filesOf(
  { sequelize, groups, solves, methods, settings, practice, assignments, work }: Parts,
  account: Account,
): Promise<File[]> {
  const [about, sessions, places, itsGroups, itsMethods, itsSettings, set] = await Promise.all([
    aboutAccount(sequelize, account.id),
    sessionsKept(sequelize, account.id),
    placesKept(sequelize, account.id),
    groups.list(account),
    methods.all(account.id),
    settings.read(account.id),
    assignments.ofLearner(account.id),
  ]);
  const json = (name: string, value: unknown): File => ({
    name,
    content: () => `${JSON.stringify(value, null, 2)}\n`,
  });
  const cubes = (deleted: boolean) => () =>
    Readable.from(asList(some(solves.all(account.id), deleted), '[', '\n]\n'), {
      objectMode: false,
    });
  const entries = () => entriesOf(sequelize, account.id, {});
  return [
    { name: 'README.txt', content: () => README },
    json('account.json', { ...account, ...about }),
    json('groups.json', itsGroups),
    json('settings.json', itsSettings.settings),
    json('sessions.json', sessions),
    json('places.json', places),
    json('assignments.json', set),
    {
      name: 'work.json',
      content: () => Readable.from(work.allOf(account.id), { objectMode: false }),
    },
    ...itsMethods.map(({ method, deletedAt }) =>
      json(`${deletedAt === null ? '' : 'deleted/'}methods/${method.id}.json`, method),
    ),
    { name: 'cubes.json', content: cubes(false) },
    { name: 'deleted/cubes.json', content: cubes(true) },
    {
      name: 'practice.json',
      content: () =>
        Readable.from(asList(practice.all(account.id), '[', '\n]\n'), { objectMode: false }),
    },
    { name: 'log.csv', content: () => asCsv(entries()) },
    { name: 'log.json', content: () => asJson(entries()) },
    { name: 'deleted/log.json', content: () => asJson(deletedEntriesOf(sequelize, account.id)) },
  ];
}

/** Those of the cubes that are deleted, or those that are not. */
async function* some(
  cubes: ReturnType<SolveService['all']>,
  deleted: boolean,
): AsyncGenerator<object[]> {
  for await (const page of cubes) {
    const meant = page.filter(({ deletedAt }) => (deletedAt !== null) === deleted);
    yield meant.map(({ deletedAt, ...cube }) => (deleted ? { ...cube, deletedAt } : cube));
  }
}
