import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import pg from 'pg';
import { Page } from '../page.js';
import { freePort } from '../ports.js';
import { overThrowaway } from '../postgres/throwaway.js';
import { say } from '../said.js';
import { WebServer } from '../web-server.js';
import { median, rounded } from './median.js';

const LEARNERS = 200;
const ANSWERS = 20_000;
const DAY = '2026-11-25';
const TIMES = 7;
/** In so long the first time is over. */
const MOST_SECONDS = 600;

/** The most a process has held, in MB. */
function mostHeld(pid: number): number {
  const status = readFileSync(`/proc/${pid}/status`, 'utf8');
  return Math.round(Number(/VmHWM:\s+(\d+)/.exec(status)![1]) / 1024);
}

const PEOPLE = `
  INSERT INTO accounts (id, role, name, name_key, phrase_hash)
  SELECT gen_random_uuid(), 'learner', 'Learner ' || n, 'learner ' || n, 'none' FROM generate_series(1, $1) n`;

/** So many answers of each learner, spread over some months. */
const FILL = `
  INSERT INTO practice_reviews (account_id, id, kind, item, at, utc_offset, is_right, hundredths, answer,
    turns, given_by, arrived_at)
  SELECT accounts.id, gen_random_uuid(), 'see', ($2::text[])[1 + (n * 7) % cardinality($2::text[])], moment, 0,
    random() > 0.2, 200 + (random() * 400)::int, '', 0, 'keys', moment
  FROM accounts, generate_series(1, $1) n,
    LATERAL (SELECT timestamptz '${DAY} 12:00Z' - ($1 - n) * interval '10 minutes' AS moment) moments
  WHERE role = 'learner'`;

/** One more answer of each, given some minutes after all others. */
const ADD = `
  INSERT INTO practice_reviews (account_id, id, kind, item, at, utc_offset, is_right, hundredths, answer,
    turns, given_by)
  SELECT id, gen_random_uuid(), 'see', $2, timestamptz '${DAY} 12:00Z' + $1 * interval '1 minute', 0, true,
    300, '', 0, 'keys' FROM accounts WHERE role = 'learner'`;

/** How long a matrix of a whole school takes, and what the server then holds, where each has years of answers. */
export const standings = (): Promise<object> =>
  overThrowaway('standings', async ({ databaseUrl }) => {
    const client = new pg.Client(databaseUrl);
    await client.connect();
    const options = { databaseUrl, port: await freePort(), logLevel: 'silent' };
    let server = await WebServer.start(options);
    const coach = new Page(() => server.address);
    const group = randomUUID();
    try {
      await coach.right('POST', '/api/accounts', {
        name: 'Coach',
        phrase: 'three larches by the shore',
        role: 'coach',
      });
      await coach.right('POST', '/api/groups', { id: group, name: 'School' });
      await client.query(PEOPLE, [LEARNERS]);
      await client.query(
        `INSERT INTO group_members SELECT $1, id FROM accounts WHERE role = 'learner'`,
        [group],
      );
      const ask = async (): Promise<number> => {
        const begun = performance.now();
        const matrix = await coach.right<{ rows: object[] }>(
          ...(['GET', `/api/groups/${group}/matrix?day=${DAY}`] as const),
        );
        if (matrix.rows.length !== LEARNERS) throw new Error('not all of them are in it');
        return performance.now() - begun;
      };
      const { columns } = await coach.right<{ columns: { case: string }[] }>(
        ...(['GET', `/api/groups/${group}/matrix?day=${DAY}`] as const),
      );
      const cases = columns.map((one) => one.case);
      say(`Filling ${LEARNERS} × ${ANSWERS.toLocaleString('en')} answers …`);
      await client.query(FILL, [ANSWERS, cases]);
      await client.query(
        `INSERT INTO practice_facts (account_id, total) SELECT id, $1 FROM accounts WHERE role = 'learner'
         ON CONFLICT (account_id) DO UPDATE SET total = $1`,
        [ANSWERS],
      );
      await client.query('VACUUM ANALYZE practice_reviews');
      say('Reckoning with them for the first time, as a night does …');
      const begun = performance.now();
      let asked = 1;
      // Whoever asks meanwhile is told to try again; what was reckoned until then is kept.
      for (; !(await ask().catch(() => false)); asked++) {
        if (performance.now() - begun > MOST_SECONDS * 1000)
          throw new Error('it is never reckoned');
      }
      const first = { seconds: rounded((performance.now() - begun) / 1000), asked };
      const firstMegabytes = mostHeld(server.pid);
      // What is held in memory is not what is measured.
      await server.stop();
      server = await WebServer.start(options);
      const taken: number[] = [];
      for (let k = 0; k < TIMES; k++) {
        await client.query(ADD, [k + 1, cases[k]]);
        await client.query('UPDATE practice_facts SET total = total + 1');
        taken.push(await ask());
      }
      return {
        learners: LEARNERS,
        answers: ANSWERS,
        first,
        unit: 'ms',
        allowed: 1000,
        afterAnAnswerOfEach: { median: rounded(median(taken)), worst: rounded(Math.max(...taken)) },
        peakMegabytes: { first: firstMegabytes, after: mostHeld(server.pid) },
        allowedMegabytes: 300,
      };
    } finally {
      await server.stop();
      await client.end();
    }
  });
