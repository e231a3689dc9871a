import type { Account } from '@sleetcrest/contract/accounts';
import { casesOf, taskWords } from '@sleetcrest/core/group/tasks';
import type { Sequelize } from 'sequelize';
import type { AssignmentService } from '../assignments/service.js';
import { modelsOf } from '../database/models/index.js';
import type { GroupService } from '../groups/service.js';
import type { Jobs } from '../jobs/jobs.js';
import { methodOf, type MatrixService } from '../matrix/service.js';
import type { PageAsked } from './asked.js';
import { caseCalled } from './pictured.js';
import {
  abandonedPrints,
  keepPrint,
  lookedAfter,
  seasonDays,
  takePrint,
  tellPrint,
  type Taken,
} from './queries.js';
import { bound, pageOf } from './thinking.js';

/** Seconds of silence after which paper is taken over: whoever worked at it has ended. */
const SILENT = 15;
/** Milliseconds between looks for paper that nobody works at. */
const LOOK = 5000;

/** Makes paper for a group, learner by learner, as jobs that any process may take. */
export class PrintMaking {
  private timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly sequelize: Sequelize,
    private readonly jobs: Jobs,
    private readonly groups: GroupService,
    private readonly matrix: MatrixService,
    private readonly assignments: AssignmentService,
  ) {
    jobs.on('print', ({ print }, signal) => this.make(print, signal));
    jobs.on('print-given-up', ({ print }) => this.giveUp(print));
  }

  /** Looks from now on for what nobody works at. */
  begin(): void {
    this.timer ??= setInterval(() => void this.look().catch(() => undefined), LOOK).unref();
  }

  close(): void {
    clearInterval(this.timer);
  }

  /** What was left by a process that has ended is tried again; what was never told is told. */
  async look(): Promise<void> {
    for (const { id, state } of await abandonedPrints(this.sequelize, SILENT)) {
      await lookedAfter(this.sequelize, id);
      if (state === 'working') await this.jobs.takeBack('print', id);
      await this.jobs.send('print', { print: id }, { id });
    }
  }

  private async make(id: string, signal: AbortSignal): Promise<void> {
    const taken = await takePrint(this.sequelize, id);
    if (!taken) return;
    const pages = await this.pages(taken, signal);
    if (!(await tellPrint(this.sequelize, taken, 0, pages.length))) return;
    const parts: Uint8Array[] = [];
    for (const page of pages) {
      // A process that ends hands it back, to be begun anew by another.
      signal.throwIfAborted();
      parts.push(await pageOf(page, signal));
      // Gone means cancelled, or taken by another.
      if (!(await tellPrint(this.sequelize, taken, parts.length, pages.length))) return;
    }
    await keepPrint(this.sequelize, taken, Buffer.from(await bound(parts, signal)));
  }

  /** Tried as often as it may be: it is told that it cannot be made. */
  private async giveUp(id: string): Promise<void> {
    await modelsOf(this.sequelize).prints.update(
      { state: 'failed' },
      { where: { id, state: ['waiting', 'working'] } },
    );
  }

  /** What goes on each learner's pages. */
  private async pages(taken: Taken, signal: AbortSignal): Promise<PageAsked[]> {
    const { asked, group_id, asked_by } = taken;
    const coachName = taken.coach_name ?? '';
    const coach: Account = { id: asked_by, name: coachName, role: 'coach' };
    const group = await this.groups.one(coach, group_id);
    const { columns, stages, rows } = await this.matrix.of(group, asked.day, signal);
    const set = await this.assignments.ofGroup(group_id);
    const meant = rows.filter(({ id }) => asked.for === null || asked.for.includes(id));
    const ids = meant.map(({ id }) => id);
    const days = await seasonDays(this.sequelize, ids, asked.day);
    const method = methodOf(group.method);
    const titles = new Map<string, string>(stages.map(({ stage, title }) => [stage, title]));
    const named = (id: string): string =>
      titles.get(id) ?? caseCalled(method, group.firstColour, id);
    const still = set.filter(({ until }) => until === null || until >= asked.day);
    return meant.map((row) => ({
      kind: asked.kind,
      paper: asked.paper,
      day: asked.day,
      group: group.name,
      coach: coachName,
      method,
      firstColour: group.firstColour,
      stages,
      columns,
      row,
      days: days.get(row.id) ?? 0,
      set: still
        .filter(({ progress }) =>
          progress.some(({ learner, doneAt }) => learner === row.id && doneAt === null),
        )
        .map(({ task, until, note }) => ({
          words: taskWords(task, named),
          until,
          note,
          cases: casesOf(task),
        })),
    }));
  }
}
