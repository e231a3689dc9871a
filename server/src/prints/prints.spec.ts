import { randomUUID } from 'node:crypto';
import { printJobListSchema, printJobSchema, type PrintJob } from '@sleetcrest/contract/table';
import { aReview } from '@sleetcrest/contract/testing';
import { PDFDocument } from 'pdf-lib';
import { pino } from 'pino';
import type { Sequelize } from 'sequelize';
import { AGroup } from '../groups/group.spec-support.js';
import { AssignmentService } from '../assignments/service.js';
import { GroupService } from '../groups/service.js';
import { Jobs } from '../jobs/jobs.js';
import { MatrixService } from '../matrix/service.js';
import { PracticeService } from '../practice/service.js';
import { PrintMaking } from './making.js';
import { keepPrint, takePrint, tellPrint } from './queries.js';
import { until } from '../until.spec-support.js';

describe('paper for a group', () => {
  let here: AGroup;
  beforeAll(async () => {
    here = await AGroup.working('Amalie', 'Teo');
    const reviews = ['2026-11-20', '2026-11-24'].map((day) =>
      aReview({
        kind: 'both',
        item: 'daisy/middle-right',
        at: `${day}T10:00:00.000Z`,
        right: true,
        answer: '',
      }),
    );
    await here.learners[0]!.ask('POST', '/api/practice/reviews', { reviews });
  });
  afterAll(() => here.app.stop());

  const at = (id = ''): string => `${here.at}/prints${id && `/${id}`}`;
  const list = async (): Promise<PrintJob[]> =>
    printJobListSchema.parse((await here.coach.ask('GET', at())).body).items;
  const ask = (kind: PrintJob['kind'], change: object = {}) =>
    here.coach.ask('POST', at(), {
      id: randomUUID(),
      kind,
      day: '2026-11-26',
      paper: 'A4',
      for: null,
      ...change,
    });
  /** Asks, and waits until it is made. */
  async function made(kind: PrintJob['kind'], change: object = {}): Promise<Buffer> {
    const { id } = printJobSchema.parse((await ask(kind, change)).body);
    for (;;) {
      const job = (await list()).find((one) => one.id === id)!;
      if (job.state === 'done') return Buffer.from(await here.coach.askForBytes(at(id)));
      if (job.state === 'failed') throw new Error('it failed');
    }
  }
  const pages = async (pdf: Buffer): Promise<number> =>
    (await PDFDocument.load(pdf, { updateMetadata: false })).getPageCount();

  it('is a page or two for each, the same for the same', async () => {
    const [first, again] = [await made('pack'), await made('pack')];
    expect(first.subarray(0, 5).toString()).toBe('%PDF-');
    expect(first.equals(again)).toBeTrue();
    const count = await pages(first);
    expect(count).toBeGreaterThanOrEqual(2);
    expect(count).toBeLessThanOrEqual(4);
    const one = await pages(await made('pack', { for: [here.accounts[0]!.id] }));
    expect(one).toBeLessThan(count);
  });

  it('is one page for each family, and one certificate for each learner', async () => {
    expect(await pages(await made('letters'))).toBe(2);
    expect(await pages(await made('certificates', { paper: 'LETTER' }))).toBe(2);
  });

  it('is asked for once however often it is sent, and is gone once it is cancelled', async () => {
    const id = randomUUID();
    await ask('letters', { id });
    await ask('letters', { id });
    expect((await list()).filter((one) => one.id === id).length).toBe(1);
    expect((await here.coach.ask('DELETE', at(id))).status).toBe(204);
    expect((await here.coach.ask('GET', at(id))).status).toBe(404);
    expect((await list()).some((one) => one.id === id)).toBeFalse();
    expect((await ask('letters', { for: [randomUUID()] })).status).toBe(422);
  });

  it('is taken over where whoever worked at it has ended', async () => {
    const id = randomUUID();
    const asked = { id, kind: 'letters', day: '2026-11-26', paper: 'A4', for: null };
    await here.app.database.sequelize.query(
      `INSERT INTO print_jobs (id, group_id, asked_by, asked, state, seen_at)
       SELECT $1, id, coach_id, $3::jsonb, 'working', now() - interval '1 minute'
       FROM groups WHERE id = $2`,
      { bind: [id, here.group.id, JSON.stringify(asked)] },
    );
    // Every process looks now and again for what nobody works at.
    await until(async () => (await list()).find((one) => one.id === id)!.state === 'done');
    expect((await here.coach.askForBytes(at(id))).byteLength).toBeGreaterThan(1000);
  });

  it('is the same paper when it is sent again after twenty others', async () => {
    const id = randomUUID();
    const [day, paper] = ['2026-11-26', 'A4'];
    const asked = { id, kind: 'letters', day, paper, for: [here.accounts[0]!.id] };
    expect((await here.coach.ask('POST', at(), asked)).status).toBe(202);
    await here.app.database.sequelize.query(
      `INSERT INTO print_jobs (id, group_id, asked_by, asked, state, asked_at)
       SELECT gen_random_uuid(), group_id, asked_by, asked, 'done', now() + interval '1 minute'
       FROM print_jobs, generate_series(1, 20) WHERE id = $1`,
      { bind: [id] },
    );
    const again = printJobSchema.parse((await here.coach.ask('POST', at(), asked)).body);
    expect(again.id).toBe(id);
    await here.app.database.sequelize.query(`DELETE FROM print_jobs WHERE asked_at > now()`);
  });
});

/** Has what is to be tried again tried at once; gives for how many seconds it was put off. */
async function hurried(sequelize: Sequelize): Promise<number[]> {
  const [rows] = await sequelize.query(
    `WITH later AS (
       SELECT id, extract(epoch FROM start_after - started_on)::float8 AS seconds FROM pgboss.job
       WHERE name = 'print' AND state = 'retry' AND start_after > now())
     UPDATE pgboss.job SET start_after = now() FROM later WHERE job.id = later.id
     RETURNING later.seconds`,
  );
  return (rows as { seconds: number }[]).map((row) => row.seconds);
}

describe('paper that cannot be made', () => {
  it('is tried three times, later each time, and then told', async () => {
    const here = await AGroup.start('Amalie');
    const { sequelize } = here.app.database;
    const jobs = new Jobs(sequelize, pino({ level: 'silent' }));
    const practice = new PracticeService(sequelize);
    const making = new PrintMaking(
      sequelize,
      jobs,
      new GroupService(sequelize),
      new MatrixService(sequelize, practice.facts),
      new AssignmentService(sequelize),
    );
    let tries = 0;
    jobs.on('print', () => Promise.reject(new Error(`try ${++tries}`)));
    const id = randomUUID();
    const asked = { id, kind: 'letters', day: '2026-11-26', paper: 'A4', for: null };
    await here.coach.ask('POST', `${here.at}/prints`, asked);
    await jobs.begin();
    await jobs.send('print', { print: id }, { id });
    const state = async (): Promise<string> => {
      const { body } = await here.coach.ask('GET', `${here.at}/prints`);
      return printJobListSchema.parse(body).items[0]!.state;
    };
    // Nobody waits here as long as a try does: it is noted how long that would be.
    const waits: number[] = [];
    await until(async () => {
      waits.push(...(await hurried(sequelize)));
      return (await state()) === 'failed';
    });
    expect(tries).toBe(3);
    expect(waits.length).toBe(2);
    expect(waits[1]).toBeGreaterThan(waits[0]!);
    expect((await here.coach.ask('GET', `${here.at}/prints/${id}`)).status).toBe(409);
    making.close();
    await jobs.close();
    await here.app.stop();
  });

  it('is made by one alone: whoever had it before writes no more', async () => {
    const here = await AGroup.start('Amalie');
    const { sequelize } = here.app.database;
    const id = randomUUID();
    const asked = { id, kind: 'letters', day: '2026-11-26', paper: 'A4', for: null };
    await here.coach.ask('POST', `${here.at}/prints`, asked);
    const [first, second] = [await takePrint(sequelize, id), await takePrint(sequelize, id)];
    expect(await tellPrint(sequelize, first!, 1, 1)).toBeFalse();
    expect(await keepPrint(sequelize, first!, Buffer.from('old'))).toBe(0);
    expect(await tellPrint(sequelize, second!, 1, 1)).toBeTrue();
    expect(await keepPrint(sequelize, second!, Buffer.from('%PDF'))).toBe(1);
    expect(await takePrint(sequelize, id)).toBeUndefined();
    await here.app.stop();
  });
});
