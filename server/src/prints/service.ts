import type { Account } from '@sleetcrest/contract/accounts';
import type { AskPrint, PrintJob } from '@sleetcrest/contract/table';
import { Op, type Sequelize } from 'sequelize';
import { modelsOf, type Models } from '../database/models/index.js';
import type { PrintRow } from '../database/models/table.js';
import { transaction } from '../database/transaction.js';
import { HttpProblem, idTaken, refusal } from '../http/problem.js';
import type { Sending } from '../jobs/jobs.js';
import { MOST_KEPT } from '../upkeep/limits.js';
import { noRoom } from '../upkeep/room.js';
import { SAY } from './words.js';

/** Prints that are listed, newest first: more than anybody looks at. */
const LISTED = 20;
/** What is told of a print: without what was made, which may be large. */
const TOLD = ['id', 'groupId', 'asked', 'state', 'done', 'of', 'askedAt'];

/** Paper for a group: asked for, listed, fetched, thrown away. */
export class PrintService {
  private readonly models: Models;

  constructor(
    private readonly sequelize: Sequelize,
    private readonly jobs: Sending,
  ) {
    this.models = modelsOf(sequelize);
  }

  async list(groupId: string): Promise<PrintJob[]> {
    const rows = await this.models.prints.findAll({
      attributes: TOLD,
      where: { groupId },
      order: [['askedAt', 'DESC'], 'id'],
      limit: LISTED,
    });
    return rows.map(told);
  }

  /** Asks for paper; sent again it is the same job. */
  async ask(account: Account, groupId: string, asked: AskPrint): Promise<PrintJob> {
    const { id } = asked;
    await transaction(this.sequelize, async (whole) => {
      const at = { transaction: whole };
      await this.models.groups.findByPk(groupId, { lock: whole.LOCK.NO_KEY_UPDATE, ...at });
      if (asked.for !== null) {
        const meant = [...new Set(asked.for)];
        const where = { groupId, learnerId: { [Op.in]: meant } };
        if ((await this.models.members.count({ where, ...at })) < meant.length) {
          throw refusal('for', SAY.notOfThisGroup);
        }
      }
      const others = { groupId, id: { [Op.ne]: id } };
      if ((await this.models.prints.count({ where: others, ...at })) >= MOST_KEPT.printsOfGroup) {
        throw noRoom('prints', MOST_KEPT.printsOfGroup);
      }
      await this.models.prints.bulkCreate([{ id, groupId, askedBy: account.id, asked }], {
        ignoreDuplicates: true,
        ...at,
      });
    });
    const row = await this.models.prints.findOne({ attributes: TOLD, where: { id, groupId } });
    if (!row) throw idTaken();
    // What cannot be told now is found by whoever looks after what nobody works at.
    if (row.state === 'waiting') await this.jobs.send('print', { print: id }, { id });
    return told(row);
  }

  /** The file, once it is made. */
  async pdf(groupId: string, id: string): Promise<{ name: string; pdf: Buffer }> {
    const row = await this.models.prints.findOne({ where: { id, groupId } });
    if (!row) throw unknownJob();
    if (!row.pdf) throw new HttpProblem(409, SAY.notYet);
    return { name: `sleetcrest-${row.asked.kind}-${row.asked.day}.pdf`, pdf: row.pdf };
  }

  /** Cancels it, or throws away what was made. */
  async remove(groupId: string, id: string): Promise<void> {
    const gone = await this.models.prints.destroy({ where: { id, groupId } });
    if (gone === 0) throw unknownJob();
  }
}

const told = (row: PrintRow): PrintJob => ({
  id: row.id,
  kind: row.asked.kind,
  day: row.asked.day,
  state: row.state,
  done: row.done,
  of: row.of,
  askedAt: row.askedAt.toISOString(),
});

const unknownJob = (): HttpProblem => new HttpProblem(404, SAY.noSuchPrint);
