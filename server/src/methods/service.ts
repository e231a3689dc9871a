import { isDeepStrictEqual } from 'node:util';
import type { KeepMethod, MethodList, SavedMethod } from '@sleetcrest/contract';
import { methodById } from '@sleetcrest/core';
import type { Sequelize, Transaction } from 'sequelize';
import { modelsOf, type Models } from '../database/models/index.js';
import { savedMethodOf, type MethodRow } from '../database/models/method.js';
import { transaction } from '../database/transaction.js';
import { HttpProblem, refusal } from '../http/problem.js';
import { refuseUnusable } from '../threads/thinking.js';
import { makeRoom } from '../upkeep/room.js';
import { SAY } from './words.js';

/** Keeps methods that people made, each for its owner: what it has answered is in the database. */
export class MethodService {
  private readonly rows: Models['methods'];

  constructor(private readonly sequelize: Sequelize) {
    this.rows = modelsOf(sequelize).methods;
  }

  /** All of them, by title. */
  async list(owner: string): Promise<MethodList> {
    const rows = await this.rows.findAll({ where: { ownerId: owner } });
    const items = rows.map(savedMethodOf);
    return { items: items.sort((a, b) => a.method.title.localeCompare(b.method.title, 'en')) };
  }

  /**
   * Keeps a method under its id, in place of one that was kept there or deleted before. Of one owner they come in one
   * after the other, so that of two at one moment neither is lost.
   */
  async keep(
    owner: string,
    id: string,
    { method, proof, basis }: KeepMethod,
    within?: Transaction,
  ): Promise<{ saved: SavedMethod; created: boolean }> {
    refuseMisnamed(id, method);
    await refuseUnusable(method, 'method.approaches');
    return transaction(
      this.sequelize,
      async (whole) => {
        const at = { transaction: whole };
        const { accounts } = modelsOf(this.sequelize);
        await accounts.findByPk(owner, { lock: whole.LOCK.NO_KEY_UPDATE, ...at });
        await makeRoom(this.sequelize, 'methods', owner, id, whole);
        const row = await this.rows.findOne({
          where: { ownerId: owner, id },
          paranoid: false,
          ...at,
        });
        if (!row) {
          const made = await this.rows.create({ ownerId: owner, id, document: method, proof }, at);
          return { saved: savedMethodOf(made), created: true };
        }
        const other = basis !== undefined && row.updatedAt.toISOString() !== basis;
        if (other && !row.deletedAt && !isDeepStrictEqual(row.document, method)) {
          return this.keepBeside(owner, { method, proof }, whole);
        }
        if (row.deletedAt) await row.restore(at);
        row.set({ document: method, proof });
        return { saved: savedMethodOf(await row.save(at)), created: false };
      },
      within,
    );
  }

  /**
   * Keeps a method that was changed here while it was changed elsewhere, beside the other: under the
   * next id that is free, and named so. The same sent again finds itself.
   */
  private async keepBeside(
    owner: string,
    { method, proof }: Pick<KeepMethod, 'method' | 'proof'>,
    whole: Transaction,
  ): Promise<{ saved: SavedMethod; created: boolean }> {
    const title = besideTitle(method.title);
    for (let number = 2; ; number++) {
      const id = `${method.id.slice(0, 50)}-${number}`;
      const row = await this.rows.findOne({
        where: { ownerId: owner, id },
        paranoid: false,
        transaction: whole,
      });
      const document = { ...method, id, title };
      if (row && isDeepStrictEqual(row.document, document)) {
        return { saved: savedMethodOf(row), created: false };
      }
      if (row || methodById(id)) continue;
      await makeRoom(this.sequelize, 'methods', owner, id, whole);
      const fresh = { ownerId: owner, id, document, proof };
      const made = await this.rows.create(fresh, { transaction: whole });
      return { saved: savedMethodOf(made), created: true };
    }
  }

  /** All of them, deleted ones that can still be brought back too. */
  async all(owner: string): Promise<(SavedMethod & { deletedAt: string | null })[]> {
    const rows = await this.rows.findAll({
      where: { ownerId: owner },
      order: ['id'],
      paranoid: false,
    });
    return rows.map((row) => ({
      ...savedMethodOf(row),
      deletedAt: row.deletedAt?.toISOString() ?? null,
    }));
  }

  async remove(owner: string, id: string): Promise<void> {
    await (await this.row(owner, id, true)).destroy();
  }

  /** Brings a deleted method back; one that was not deleted is left as it is. */
  async restore(owner: string, id: string): Promise<SavedMethod> {
    const row = await this.row(owner, id, false);
    if (row.deletedAt) await row.restore();
    return savedMethodOf(row);
  }

  private async row(owner: string, id: string, paranoid: boolean): Promise<MethodRow> {
    const row = await this.rows.findOne({ where: { ownerId: owner, id }, paranoid });
    if (!row) throw new HttpProblem(404, SAY.notKept);
    return row;
  }
}

const besideTitle = (title: string): string => SAY.changedElsewhere({ title: title.slice(0, 90) });

function refuseMisnamed(id: string, method: KeepMethod['method']): void {
  if (method.id !== id) throw refusal('method.id', SAY.otherThanAddress({ id }));
  if (methodById(id)) {
    throw refusal('method.id', SAY.builtIn({ id }));
  }
}
