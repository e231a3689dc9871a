import { randomUUID } from 'node:crypto';
import type { Client } from 'pg';
import { randomCube, randomFrom, writeCubeDocument } from '@sleetcrest/core';

/**
 * Lays a table of two groups, so that what is asked of a session, plan, work or task hits one that there is: with
 * people in it who may, and others who may not. Gives the ids.
 */
export async function layTable(
  client: Client,
  coaches: readonly string[],
  learners: readonly string[],
): Promise<string[]> {
  const ids: string[] = [];
  for (const [k, coach] of coaches.entries()) {
    const [group, live, plan, work, task, print] = Array.from({ length: 6 }, () => randomUUID());
    ids.push(group!, live!, plan!, work!, task!, print!);
    const own = learners.filter((_, which) => which % coaches.length === k);
    const [first] = own;
    const helper = coaches[(k + 1) % coaches.length];
    const put = (sql: string, values: unknown[]) => client.query(sql, values);
    await put(`INSERT INTO groups (id, coach_id, name, code) VALUES ($1, $2, 'Table', $3)`, [
      group,
      coach,
      `AAAAAAA${k + 3}`,
    ]);
    await put(`INSERT INTO group_members SELECT $1, unnest($2::uuid[])`, [group, own]);
    await put(`INSERT INTO group_assistants VALUES ($1, $2, '{see,answer}')`, [group, helper]);
    await put(`INSERT INTO live_sessions (id, group_id, code) VALUES ($1, $2, $3)`, [
      live,
      group,
      `AAAAA${k + 3}`,
    ]);
    await put(`INSERT INTO live_presence (session_id, account_id) SELECT $1, unnest($2::uuid[])`, [
      live,
      own,
    ]);
    await put(`INSERT INTO session_plans (group_id, id, plan) VALUES ($1, $2, $3)`, [
      group,
      plan,
      {
        id: plan,
        on: '2026-12-03',
        at: '17:30',
        minutes: 60,
        repeats: 'weekly',
        until: null,
        cubes: 4,
        comes: own,
        warmUp: [],
        tables: [],
        note: '',
        seed: 1,
      },
    ]);
    await put(
      `INSERT INTO assignments (id, group_id, task, note, for_all) VALUES ($1, $2, $3, '', true)`,
      [task, group, { do: 'lesson', case: 'middle-turn/right' }],
    );
    const cube = writeCubeDocument(randomCube(randomFrom(k + 1)));
    await put(
      `INSERT INTO work (id, group_id, learner_id, handed, words) VALUES ($1, $2, $3, $4, 'Where?')`,
      [work, group, first, { what: 'question', cube }],
    );
    await put(`INSERT INTO print_jobs (id, group_id, asked_by, asked) VALUES ($1, $2, $3, $4)`, [
      print,
      group,
      coach,
      { id: print, kind: 'pack', day: '2026-12-03', paper: 'A4', for: null },
    ]);
  }
  return ids;
}
