import { createHash } from 'node:crypto';
import type { Group } from '@sleetcrest/contract/accounts';
import type { Matrix, MatrixRow } from '@sleetcrest/contract/table';
import { DEFAULT_METHOD, type Method, methodById, type Stage } from '@sleetcrest/core';
import { type StageDone, stageStanding, standingBySolves } from '@sleetcrest/core/learner/standing';
import { LRUCache } from 'lru-cache';
import type { Sequelize } from 'sequelize';
import type { PracticeFacts } from '../practice/facts.js';
import { solvedBy, stagesDone } from './queries.js';
import type { Columns, PracticeStanding } from './standing-thinker.js';
import { columnsOf, standingsOf } from './thinking.js';

/** Learners of whom what their answers leave is handed to a thread at once. */
const AT_ONCE = 50;
const MOST_REMEMBERED = 2000;

/** A method as a group has it: by name, or written out. */
export const methodOf = (chosen: Group['method']): Method =>
  typeof chosen === 'string' ? (methodById(chosen) ?? DEFAULT_METHOD) : chosen;

/** How each learner of a group stands, from lessons, practice and solves. */
export class MatrixService {
  // Answers are only ever added: what was reckoned from so many stays so for the day.
  private readonly standings = new LRUCache<string, PracticeStanding>({ max: MOST_REMEMBERED });
  private readonly columns = new LRUCache<string, Columns>({ max: 50 });

  constructor(
    private readonly sequelize: Sequelize,
    private readonly facts: PracticeFacts,
  ) {}

  /** `signal` says that nobody waits for it any more. */
  async of(group: Group, day: string, signal?: AbortSignal): Promise<Matrix> {
    const columns = await this.columnsOf(group, signal);
    const ids = group.learners.map(({ id }) => id);
    const [practised, stages, solved] = await Promise.all([
      this.practised(ids, columns, day, signal),
      stagesDone(this.sequelize, ids, day),
      solvedBy(this.sequelize, ids, day),
    ]);
    const rows = group.learners.map(({ id, name }): MatrixRow => {
      const { lastDay, cases, ...own } = practised.get(id)!;
      const whole = solved.get(id);
      const days = [lastDay, whole?.lastDay ?? null].filter((one) => one !== null);
      // Who solves whole cubes has a way through each stage, also one that their own has not got.
      const doneOf = (stage: Stage): StageDone =>
        stages.get(`${id} ${stage}`) ?? whole?.done ?? NEVER;
      const inStage = (stage: Stage) =>
        cases.filter((_, k) => columns.columns[k]!.stage === stage).map((one) => one.standing);
      return {
        ...own,
        id,
        name,
        typical: whole?.typical ?? null,
        lastDay: days.length > 0 ? Math.max(...days) : null,
        cases: cases.map((one, k) => {
          const { stage } = columns.columns[k]!;
          const none = inStage(stage).every((standing) => standing === 'new');
          return { ...one, standing: standingBySolves(one.standing, doneOf(stage), none) };
        }),
        stages: columns.stages.map(({ stage }) => {
          const done = doneOf(stage);
          return { stage, standing: stageStanding(inStage(stage), done), ...done };
        }),
      };
    });
    return { columns: columns.columns, stages: columns.stages, rows, day };
  }

  private async columnsOf({ method, firstColour }: Group, signal?: AbortSignal): Promise<Columns> {
    const key = digest(JSON.stringify([method, firstColour]));
    let columns = this.columns.get(key);
    if (!columns) {
      columns = await columnsOf({ method: methodOf(method), firstColour }, signal);
      this.columns.set(key, columns);
    }
    return columns;
  }

  private async practised(
    ids: readonly string[],
    { cases }: Columns,
    day: string,
    signal?: AbortSignal,
  ): Promise<Map<string, PracticeStanding>> {
    const facts = await this.facts.of(ids, signal);
    const about = digest(JSON.stringify([cases, day]));
    const keyOf = (id: string): string => `${id} ${facts.get(id)?.answers ?? 0} ${about}`;
    const found = new Map<string, PracticeStanding>();
    const missing: string[] = [];
    for (const id of ids) {
      const known = this.standings.get(keyOf(id));
      if (known) found.set(id, known);
      else missing.push(id);
    }
    for (let k = 0; k < missing.length; k += AT_ONCE) {
      const some = missing.slice(k, k + AT_ONCE);
      const learners = some.map((id) => ({ id, facts: facts.get(id)?.facts ?? null }));
      for (const one of await standingsOf({ cases, learners, day }, signal)) {
        this.standings.set(keyOf(one.id), one);
        found.set(one.id, one);
      }
    }
    return found;
  }
}

const NEVER: StageDone = { times: 0, days: 0, lastDay: null, typical: null };
const digest = (text: string): string => createHash('sha256').update(text).digest('base64url');
