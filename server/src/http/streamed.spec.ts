import { get } from 'node:http';
import { setTimeout as sleep } from 'node:timers/promises';
import { poolUse } from '../database/connection.js';
import { sessionSchema } from '@sleetcrest/contract/accounts';
import { PHRASE, TestApp } from '../app.spec-support.js';

const RECORDS = 3000;
const PATHS = ['/api/account/export', '/api/log/export?as=csv', '/api/log/export?as=json'];

describe('a file that is sent', () => {
  let app: TestApp;
  let cookie: string;
  beforeAll(async () => {
    app = await TestApp.start();
    const answer = await app.ask('POST', '/api/accounts', {
      name: 'Teo',
      phrase: PHRASE,
      role: 'learner',
    });
    cookie = answer.headers.getSetCookie()[0]!.split(';')[0]!;
    await app.database.sequelize.query(
      `INSERT INTO log_entries (account_id, id, kind, began_at, utc_offset, hundredths, outcome, reason,
         note, method, cube, scramble, turns, split_stages, split_hundredths, split_turns, tags)
       SELECT $1::uuid, gen_random_uuid(), 'solve', now() - n * interval '1 hour', 60, n, 'finished', '',
         md5(n::text) || md5('x' || n), '', '', '', '', '{}', '{}', '{}', '{}'
       FROM generate_series(1, ${RECORDS}) n`,
      { bind: [sessionSchema.parse(answer.body).account!.id] },
    );
  });
  afterAll(() => app.stop());

  /** Begins to read, and leaves after so many milliseconds or bytes. */
  const left = (path: string, after: number, bytes: number): Promise<void> =>
    new Promise((resolve) => {
      const asked = get(app.address + path, { headers: { cookie } }, (response) => {
        let come = 0;
        response.on('data', (part: Buffer) => {
          come += part.length;
          if (come > bytes) asked.destroy();
        });
        response.on('error', () => undefined);
      });
      asked.on('error', () => undefined);
      asked.on('close', resolve);
      setTimeout(() => asked.destroy(), after);
    });

  it('may be left at any byte: nothing is held and nobody else notices', async () => {
    const strays: unknown[] = [];
    const stray = (error: unknown) => strays.push(error);
    process.on('unhandledRejection', stray);
    for (let k = 0; k < 24; k++) {
      await Promise.all(PATHS.map((path) => left(path, 1 + k * 4, k * 9000)));
    }
    const { body } = await app.ask('GET', '/api/health');
    expect(body as object).toEqual({ status: 'ok' });
    while (poolUse(app.database.sequelize).lent > 0) await sleep(20);
    expect(poolUse(app.database.sequelize)).toEqual({ lent: 0, waiting: 0 });
    process.off('unhandledRejection', stray);
    expect(strays).toEqual([]);
  }, 30_000);

  it('keeps no connection while slow readers take their time, more of them than there are', async () => {
    const readers = await Promise.all(
      Array.from(
        { length: 20 },
        (_, k) =>
          new Promise<{ destroy(): void }>((resolve) => {
            const asked = get(app.address + PATHS[k % 3]!, { headers: { cookie } }, (response) => {
              response.once('data', () => {
                response.pause();
                resolve(asked);
              });
            });
            asked.on('error', () => undefined);
          }),
      ),
    );
    while (poolUse(app.database.sequelize).lent > 0) await sleep(20);
    const answer = await app.ask('GET', '/api/log', undefined, { cookie });
    expect(answer.status).toBe(200);
    for (const reader of readers) reader.destroy();
  });

  it('is cut, and does not end as if it were whole, when the database goes away', async () => {
    const { sequelize } = app.database;
    const query = sequelize.query.bind(sequelize);
    for (const path of PATHS) {
      let pages = 0;
      sequelize.query = ((...asked: Parameters<typeof query>) => {
        const isPage =
          typeof asked[0] === 'string' && asked[0].includes('ORDER BY began_at, id LIMIT');
        if (isPage && ++pages >= 3) return Promise.reject(new Error('the database is gone'));
        return query(...asked);
      }) as typeof query;
      // It may be cut before its first byte has left.
      const whole = fetch(app.address + path, { headers: { cookie } }).then((response) =>
        response.arrayBuffer(),
      );
      await expectAsync(whole).withContext(path).toBeRejected();
      expect(pages).withContext(path).toBeGreaterThanOrEqual(3);
      sequelize.query = query;
    }
  });

  it('has every record once, over however many pages', async () => {
    const response = await fetch(app.address + PATHS[2]!, { headers: { cookie } });
    const { entries } = (await response.json()) as { entries: { id: string; beganAt: string }[] };
    expect(new Set(entries.map(({ id }) => id)).size).toBe(RECORDS);
    const moments = entries.map(({ beganAt }) => Date.parse(beganAt));
    expect(moments).toEqual([...moments].sort((a, b) => a - b));
  });
});
