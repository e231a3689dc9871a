import { BATCH } from '@sleetcrest/contract/log';
import { MOST_REVIEWS } from '@sleetcrest/contract/practice';
import { DEFAULT_METHOD, randomCube, randomFrom, writeCubeDocument } from '@sleetcrest/core';
import { solveAsked } from '@sleetcrest/core/engine/run';
import {
  AccountService,
  GroupService,
  loadOnce,
  LogService,
  migrate,
  MethodService,
  openDatabase,
  PracticeService,
  SolveService,
} from '@sleetcrest/server';
import { demoLog } from './log.js';
import {
  DEMO_GROUP,
  DEMO_PEOPLE,
  DEMO_PEOPLE_NAME,
  DEMO_PRACTICE_NAME,
  DEMO_TABLE_NAME,
  TABLE_PEOPLE,
} from './people.js';
import { keepHistory, layTable } from './table.js';
import { demoPractice } from './practice.js';
import { DEMO_CUBES, DEMO_METHOD, DEMO_METHOD_NAME, DEMO_NAME, type DemoCube } from './scenario.js';

function requestFor({ id, name, seed, firstColour, walked }: DemoCube) {
  const start = writeCubeDocument(randomCube(randomFrom(seed)));
  const plan = { start, method: DEFAULT_METHOD.id, firstColour };
  const walk = solveAsked(plan);
  if (!walk.ok) throw new Error(walk.error.message);
  const step = Math.round(walk.value.steps.length * walked);
  return { id, name, ...plan, position: { step, turn: 0 } };
}

/** By what the demo's group is joined; null where it has been dissolved. */
async function codeOf(sequelize: ReturnType<typeof openDatabase>): Promise<string | null> {
  const [rows] = await sequelize.query('SELECT code FROM groups WHERE id = $1', {
    bind: [DEMO_GROUP.id],
  });
  return (rows as { code: string }[])[0]?.code ?? null;
}

/** Brings the database up to date and puts the demo's people and what they keep in, once. */
export async function loadDemo(databaseUrl: string): Promise<void> {
  await migrate(databaseUrl);
  // Ten weeks of practice are made within one transaction.
  const sequelize = openDatabase(databaseUrl, { patient: true });
  try {
    const accounts = new AccountService(sequelize);
    const groups = new GroupService(sequelize);
    const log = new LogService(sequelize);
    const solves = new SolveService(sequelize);
    const methods = new MethodService(sequelize);
    // Sets of an earlier version are there already, and the coach takes them over.
    await loadOnce(sequelize, DEMO_PEOPLE_NAME, async (transaction) => {
      const now = new Date();
      let code: string | null = null;
      for (const person of DEMO_PEOPLE) {
        const account = await accounts.signUp(person, undefined, transaction);
        if (person.role === 'coach') {
          ({ code } = await groups.create(account, DEMO_GROUP, transaction));
          await loadOnce(
            sequelize,
            DEMO_NAME,
            async (within) => {
              for (const cube of DEMO_CUBES)
                await solves.create(account.id, requestFor(cube), within);
            },
            transaction,
          );
          await loadOnce(
            sequelize,
            DEMO_METHOD_NAME,
            async (within) => {
              const kept = { method: DEMO_METHOD, proof: 'proved' as const };
              await methods.keep(account.id, DEMO_METHOD.id, kept, within);
            },
            transaction,
          );
        } else await groups.join(account, code!, transaction);
        if (!person.practice) continue;
        const entries = demoLog({ ...person, practice: person.practice }, now);
        for (let k = 0; k < entries.length; k += BATCH) {
          await log.addAll(account.id, entries.slice(k, k + BATCH), transaction);
        }
      }
    });
    // People of an earlier version are there already, and get theirs.
    await loadOnce(sequelize, DEMO_PRACTICE_NAME, async (transaction) => {
      const practice = new PracticeService(sequelize);
      for (const person of DEMO_PEOPLE) {
        if (!person.practice) continue;
        const [rows] = await sequelize.query('SELECT id FROM accounts WHERE name = $1', {
          bind: [person.name],
          transaction,
        });
        const [row] = rows as { id: string }[];
        if (!row) continue;
        const reviews = demoPractice({ ...person, practice: person.practice }, new Date());
        for (let k = 0; k < reviews.length; k += MOST_REVIEWS) {
          await practice.add(row.id, reviews.slice(k, k + MOST_REVIEWS), transaction);
        }
      }
    });
    // And the table on Thursdays, with whoever else sits at it.
    await loadOnce(sequelize, DEMO_TABLE_NAME, async () => {
      const now = new Date();
      const code = await codeOf(sequelize);
      for (const person of TABLE_PEOPLE) {
        if (code === null || (await accounts.named(person.name))) continue;
        const account = await accounts.signUp(person);
        await groups.join(account, code);
        await keepHistory(sequelize, account.id, person, now);
      }
      await layTable(sequelize, now);
    });
  } finally {
    await sequelize.close();
  }
}
