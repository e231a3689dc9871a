import type { Account } from '@sleetcrest/contract/accounts';
import { BATCH } from '@sleetcrest/contract/log';
import { MOST_REVIEWS } from '@sleetcrest/contract/practice';
import type { SessionPlanDocument } from '@sleetcrest/contract/table';
import { randomCube, randomFrom, writeCubeDocument } from '@sleetcrest/core';
import { planSession } from '@sleetcrest/core/group/planning';
import {
  AssignmentService,
  GroupService,
  LogService,
  MatrixService,
  PlanService,
  PracticeService,
  WorkService,
  type openDatabase,
} from '@sleetcrest/server';
import { idFrom } from './ids.js';
import { demoLog } from './log.js';
import { DEMO_GROUP, type DemoPerson } from './people.js';
import { demoPractice } from './practice.js';

type Sequelize = ReturnType<typeof openDatabase>;

const DAY = 86_400_000;
const THURSDAY = 4;

/** The Thursday of this week or the next one there is, and the one before it. */
export function thursdays(now: Date): { last: string; next: string } {
  const ahead = (THURSDAY - now.getUTCDay() + 7) % 7;
  const day = (days: number): string =>
    new Date(now.getTime() + days * DAY).toISOString().slice(0, 10);
  return { last: day(ahead - 7), next: day(ahead) };
}

/** What somebody practised and recorded in the last ten weeks. */
export async function keepHistory(
  sequelize: Sequelize,
  account: string,
  { name, practice }: DemoPerson,
  now: Date,
): Promise<void> {
  if (!practice) return;
  const log = new LogService(sequelize);
  const entries = demoLog({ name, practice }, now);
  for (let k = 0; k < entries.length; k += BATCH) {
    await log.addAll(account, entries.slice(k, k + BATCH));
  }
  const reviews = demoPractice({ name, practice }, now);
  for (let k = 0; k < reviews.length; k += MOST_REVIEWS) {
    await new PracticeService(sequelize).add(account, reviews.slice(k, k + MOST_REVIEWS));
  }
}

/**
 * The Thursday table: how it learns, last week's session and this week's plan, what is set, and work that
 * waits for an answer.
 */
export async function layTable(sequelize: Sequelize, now: Date): Promise<void> {
  const groups = new GroupService(sequelize);
  const [rows] = await sequelize.query(
    `SELECT accounts.id, accounts.name FROM groups JOIN accounts ON accounts.id = coach_id
     WHERE groups.id = $1`,
    { bind: [DEMO_GROUP.id] },
  );
  const [row] = rows as { id: string; name: string }[];
  if (!row) return;
  const coach: Account = { ...row, role: 'coach' };
  await groups.change(coach, DEMO_GROUP.id, { method: 'gentle', zone: 'Europe/Oslo' });
  const { last, next } = thursdays(now);
  await planFor(sequelize, coach, last, 7, 'Pia came for the first time: daisies from the front.');
  await planFor(sequelize, coach, next, 8, 'The last ferry goes at seven: closing by ten to.');
  await setAndHandedIn(sequelize, coach, next, now);
  // It was set at the end of last week's session.
  await sequelize.query(
    `UPDATE assignments SET set_at = $2::date + interval '18 hours' WHERE group_id = $1`,
    { bind: [DEMO_GROUP.id, last] },
  );
}

async function planFor(
  sequelize: Sequelize,
  coach: Account,
  on: string,
  seed: number,
  note: string,
): Promise<void> {
  const group = await new GroupService(sequelize).one(coach, DEMO_GROUP.id);
  const practice = new PracticeService(sequelize);
  const matrix = await new MatrixService(sequelize, practice.facts).of(group, on);
  const asked = {
    cases: matrix.columns,
    learners: matrix.rows.map(({ cases, ...one }) => ({
      ...one,
      standings: cases.map(({ standing }) => standing),
    })),
    minutes: 60,
    cubes: 9,
    seed,
  };
  const planned = planSession(asked);
  if (!planned.ok) throw new Error(planned.error);
  const plan: SessionPlanDocument = {
    id: idFrom(`plan ${on}`),
    on,
    at: '17:30',
    minutes: 60,
    repeats: 'never',
    until: null,
    cubes: 9,
    comes: matrix.rows.map(({ id }) => id),
    note,
    seed,
    warmUp: [...planned.value.plan.warmUp],
    tables: planned.value.plan.tables.map(({ learners, slots }) => ({
      learners: [...learners],
      slots: [...slots],
    })),
  };
  await new PlanService(sequelize).keep(DEMO_GROUP.id, { plan, basis: null });
}

async function setAndHandedIn(
  sequelize: Sequelize,
  coach: Account,
  next: string,
  now: Date,
): Promise<void> {
  const group = await new GroupService(sequelize).one(coach, DEMO_GROUP.id);
  const called = (name: string): Account => {
    const one = group.learners.find((each) => each.name === name)!;
    return { ...one, role: 'learner' };
  };
  const assignments = new AssignmentService(sequelize);
  await assignments.set(DEMO_GROUP.id, {
    id: idFrom('set corners'),
    note: 'Slowly, and say the words aloud.',
    until: next,
    task: { do: 'stage', stage: 'corners', times: 5 },
    for: null,
  });
  await assignments.set(DEMO_GROUP.id, {
    id: idFrom('set lesson'),
    note: '',
    until: next,
    task: { do: 'lesson', case: 'middle-turn/right' },
    for: ['Vilde', 'Odd'].map((name) => called(name).id),
  });
  const log = new LogService(sequelize);
  const work = new WorkService(sequelize, log);
  const solved = async (name: string): Promise<string> => {
    const { items } = await log.page(called(name).id, { kind: 'solve', outcome: 'finished' }, 0, 1);
    return items[0]!.id;
  };
  const hand = async (name: string, words: string): Promise<string> => {
    const id = idFrom(`work ${name} ${now.toISOString().slice(0, 10)}`);
    await work.handIn(called(name), {
      id,
      group: DEMO_GROUP.id,
      words,
      handed: { what: 'record', entry: await solved(name) },
    });
    return id;
  };
  await hand('Amalie', 'The middle edges went well, then I lost it. Where?');
  const answered = await hand('Nils', 'Faster than last week. What next?');
  await work.write(coach, 'coach', answered, {
    id: idFrom('answer to Nils'),
    place: { turn: 12, stage: null },
    words: 'Look at both corners before this turn: the second is ready too.',
  });
  await work.read('coach', answered);
  await work.mark(answered, true);
  await work.handIn(called('Pia'), {
    id: idFrom('question of Pia'),
    group: DEMO_GROUP.id,
    words: 'What now? One is the wrong way round.',
    handed: { what: 'question', cube: writeCubeDocument(randomCube(randomFrom(51))) },
  });
}
