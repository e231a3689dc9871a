import type { Account } from '@sleetcrest/contract/accounts';
import type { HandIn, Work, WriteNote } from '@sleetcrest/contract/table';
import { FOR_ONESELF } from '@sleetcrest/core/learner/log';
import type { Sequelize } from 'sequelize';
import type { Side } from '../access/caller.js';
import { modelsOf, type Models } from '../database/models/index.js';
import { asList, pages } from '../database/pages.js';
import { transaction } from '../database/transaction.js';
import { notYours } from '../groups/service.js';
import { HttpProblem, idTaken } from '../http/problem.js';
import type { LogService } from '../log/service.js';
import { MOST_KEPT } from '../upkeep/limits.js';
import { noRoom } from '../upkeep/room.js';
import {
  handedBefore,
  handedIn,
  notesBy,
  readBy,
  workPage,
  type Which,
  type WorkTold,
} from './queries.js';
import { SAY } from './words.js';

/** What is handed in, and the words on it: only ever added to, so that nothing is lost when both write. */
export class WorkService {
  private readonly models: Models;

  constructor(
    private readonly sequelize: Sequelize,
    private readonly log: LogService,
  ) {
    this.models = modelsOf(sequelize);
  }

  /** What the learners of a group handed in, unread first, page by page. Who has left is not among them. */
  ofGroup(group: string): AsyncGenerator<Work[]> {
    return this.all('coach', { group });
  }

  /** What a learner handed in, page by page. */
  ofLearner(learner: string): AsyncGenerator<Work[]> {
    return this.all('learner', { learner });
  }

  /** Hands something in; sent again it is the same. */
  async handIn(learner: Account, given: HandIn): Promise<Work> {
    const handed = await this.asItIs(learner.id, given.handed);
    const { id, group, words } = given;
    await transaction(this.sequelize, async (whole) => {
      const before = await handedBefore(this.sequelize, learner.id, group, id, whole);
      if (before.all >= MOST_KEPT.workOfLearner) {
        throw noRoom('work', MOST_KEPT.workOfLearner);
      }
      if (before.today >= MOST_KEPT.workOfDay) {
        throw new HttpProblem(409, SAY.enoughToday({ most: MOST_KEPT.workOfDay }));
      }
      const work = { id, group, learner: learner.id, handed, words };
      if (!(await handedIn(this.sequelize, work, whole))) {
        throw notYours();
      }
    });
    const [kept] = await workPage(this.sequelize, 'learner', { id });
    if (kept?.learner.id !== learner.id) {
      throw idTaken();
    }
    return told(kept);
  }

  /** Writes on it: the learner, or whoever may answer in the group. */
  async write(
    account: Account,
    side: Side,
    id: string,
    { id: note, place, words }: WriteNote,
  ): Promise<Work> {
    await transaction(this.sequelize, async (whole) => {
      const at = { transaction: whole };
      // Those on one piece of work come in one after the other.
      const work = await this.models.work.findByPk(id, { lock: whole.LOCK.NO_KEY_UPDATE, ...at });
      if (!work) throw unknownWork();
      if (await this.models.notes.findByPk(note, at)) return;
      const count = await this.models.notes.count({ where: { workId: id }, ...at });
      if (count >= MOST_KEPT.notesOfWork) throw noRoom('notes', MOST_KEPT.notesOfWork);
      await this.models.notes.create(
        { id: note, workId: id, authorId: account.id, place, words },
        at,
      );
    });
    return this.one(side, id);
  }

  /** Whoever asks has read all of it up to now. */
  async read(side: Side, id: string): Promise<Work> {
    await readBy(this.sequelize, side, id);
    return this.one(side, id);
  }

  /** Marks it as answered, or takes that back. */
  async mark(id: string, marked: boolean): Promise<Work> {
    await transaction(this.sequelize, async (whole) => {
      const work = await this.models.work.findByPk(id, { lock: true, transaction: whole });
      if (!work) throw unknownWork();
      const markedAt = marked ? (work.markedAt ?? new Date()) : null;
      await work.update({ markedAt }, { transaction: whole });
    });
    return this.one('coach', id);
  }

  /** What a person handed in, and wrote, for the export of all that is kept for them. */
  async *allOf(account: string): AsyncGenerator<string> {
    yield* asList(this.ofLearner(account), '{"handedIn":[', '\n],');
    const written = pages<Awaited<ReturnType<typeof notesBy>>[number]>((last) =>
      notesBy(this.sequelize, account, last),
    );
    yield* asList(written, '"written":[', '\n]}\n');
  }

  /** A record is handed in as it stands now; what is for oneself alone is not. */
  private async asItIs(learner: string, handed: HandIn['handed']): Promise<Work['handed']> {
    if (handed.what === 'question') return handed;
    const entry = await this.log.read(learner, handed.entry);
    if (entry.tags.includes(FOR_ONESELF)) {
      throw new HttpProblem(409, SAY.isPrivate);
    }
    return { what: 'record', entry };
  }

  private async one(side: Side, id: string): Promise<Work> {
    const [work] = await workPage(this.sequelize, side, { id });
    if (!work) throw unknownWork();
    return told(work);
  }

  private async *all(side: Side, which: Which): AsyncGenerator<Work[]> {
    // What is read meanwhile stands further on then: it is told once.
    const before = new Set<string>();
    const found = pages<WorkTold>((last) => workPage(this.sequelize, side, which, last));
    for await (const page of found) {
      const others = page.filter(({ id }) => !before.has(id));
      for (const { id } of others) before.add(id);
      yield others.map(told);
    }
  }
}

function told({ handed_exactly: _, ...work }: WorkTold): Work {
  return work;
}

const unknownWork = (): HttpProblem => new HttpProblem(404, SAY.noSuchWork);
