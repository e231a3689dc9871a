import { randomUUID } from 'node:crypto';
import { printJobListSchema, printJobSchema, type PrintJob } from '@sleetcrest/contract/table';
import { aReview } from '@sleetcrest/contract/testing';
import { PDFDocument } from 'pdf-lib';
import { AGroup } from '../groups/group.spec-support.js';

describe('paper for a group', () => {
  let here: AGroup;
  beforeAll(async () => {
    here = await AGroup.start('Amalie', 'Teo');
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
      ...{ id: randomUUID(), kind, day: '2026-11-26', paper: 'A4', for: null, ...change },
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
    // Any process that looks takes it up; one looks as soon as something is asked for.
    await made('certificates');
    expect((await list()).find((one) => one.id === id)!.state).toBe('done');
  });
});
