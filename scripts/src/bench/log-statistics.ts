import { randomFrom } from '@sleetcrest/core';
import { LogService, LogStatistics, openDatabase } from '@sleetcrest/server';
import { overThrowaway } from '../postgres/throwaway.js';
import { say } from '../said.js';
import { rounded } from './median.js';

const ACCOUNTS = 200;
/** Learners of a group: as many as sit round a large table. */
const GROUP = 20;
const SIZES = [10_000, 1_000_000];
const ASKED = 120;
const TODAY = '2026-11-25';

/** Fills the log evenly: each account has as many solves, spread over two years of days. */
const fill = (solves: number): string => `
  INSERT INTO log_entries (account_id, id, kind, stage, began_at, utc_offset, hundredths, outcome,
    reason, note, method, cube, scramble, turns, split_stages, split_hundredths, split_turns, tags)
  SELECT accounts.id, gen_random_uuid(), 'solve', NULL,
    timestamptz '${TODAY} 20:00Z' - (n * interval '730 days' / ${solves / ACCOUNTS}), 60,
    5000 + (random() * 6000)::int, 'finished', '', '', 'gentle', 'grey', 'R U2 F D L', '',
    ARRAY['daisy','cross','corners','middle','yellow-cross','yellow-edges','corner-places','corner-twists'],
    ARRAY[900, 800, 2400, 2700, 700, 800, 1400, 2000],
    ARRAY[8, 7, 27, 36, 10, 8, 15, 34], '{}'
  FROM accounts, generate_series(1, ${solves / ACCOUNTS}) n`;

const PEOPLE = `
  INSERT INTO accounts (id, role, name, name_key, phrase_hash)
  SELECT gen_random_uuid(), 'learner', 'Learner ' || n, 'learner ' || n, 'none'
  FROM generate_series(1, ${ACCOUNTS}) n;
  INSERT INTO groups (id, coach_id, name, code)
  SELECT gen_random_uuid(), id, 'Group', 'AAAAAAAA' FROM accounts LIMIT 1;
  INSERT INTO group_members (group_id, learner_id)
  SELECT groups.id, accounts.id FROM groups, (SELECT id FROM accounts LIMIT ${GROUP}) accounts;`;

/**
 * Fills the log anew. The rows are made in the database itself, so there is nothing to COPY into it;
 * what costs is each index, which is made once at the end instead of row by row.
 */
async function refill(sequelize: ReturnType<typeof openDatabase>, filling: string): Promise<void> {
  const [found] = await sequelize.query(`
    SELECT indexname AS name, indexdef AS made FROM pg_indexes
    WHERE tablename = 'log_entries' AND indexname NOT IN (SELECT conname FROM pg_constraint)`);
  const indexes = found as { name: string; made: string }[];
  await sequelize.query('TRUNCATE log_entries CASCADE');
  for (const { name } of indexes) await sequelize.query(`DROP INDEX "${name}"`);
  await sequelize.query(filling);
  for (const { made } of indexes) await sequelize.query(made);
  await sequelize.query('VACUUM ANALYZE log_entries');
}

interface Figures {
  p50: number;
  p95: number;
}

async function times(ask: (k: number) => Promise<unknown>): Promise<Figures> {
  const taken: number[] = [];
  // The first few find nothing in memory, as the first of a day would.
  for (let k = 0; k < ASKED; k++) {
    const begun = performance.now();
    await ask(k);
    taken.push(performance.now() - begun);
  }
  taken.sort((a, b) => a - b);
  return { p50: rounded(taken[ASKED / 2]!), p95: rounded(taken[Math.floor(ASKED * 0.95)]!) };
}

/** How long the log's pages and charts take, in milliseconds, as the database fills. */
export async function logStatistics(): Promise<object> {
  return overThrowaway('bench', async ({ databaseUrl }) => {
    const sequelize = openDatabase(databaseUrl, { patient: true });
    await sequelize.query(PEOPLE);
    const [rows] = await sequelize.query('SELECT id FROM accounts');
    const [members] = await sequelize.query('SELECT learner_id AS id FROM group_members');
    const ids = (rows as { id: string }[]).map(({ id }) => id);
    const inGroup = (members as { id: string }[]).map(({ id }) => id);
    const statistics = new LogStatistics(sequelize);
    const log = new LogService(sequelize);
    const measured: Record<string, Record<string, Figures>> = {};
    for (const size of SIZES) {
      say(`Filling the log with ${size.toLocaleString('en')} solves …`);
      await refill(sequelize, fill(size));
      const random = randomFrom(7);
      const anyone = (): string => ids[random(ids.length)]!;
      const month = { from: '2026-10-27', to: TODAY };
      measured[String(size)] = {
        overview: await times(() => statistics.overview(anyone(), {}, TODAY)),
        overviewOfMonth: await times(() => statistics.overview(anyone(), month, TODAY)),
        overviewInGroup: await times((k) =>
          statistics.overview(inGroup[k % inGroup.length]!, month, TODAY),
        ),
        days: await times(() => statistics.groups(anyone(), {}, 'day')),
        page: await times(() => log.page(anyone(), {}, random(40), 100)),
      };
    }
    await sequelize.close();
    const [small, large] = SIZES.map((size) => measured[String(size)]!) as [
      Record<string, Figures>,
      Record<string, Figures>,
    ];
    return {
      unit: 'ms',
      allowed: 60,
      accounts: ACCOUNTS,
      ...measured,
      growth: Object.fromEntries(
        Object.keys(large).map((name) => [name, rounded(large[name]!.p50 / small[name]!.p50)]),
      ),
    };
  });
}
