import { isDeepStrictEqual } from 'node:util';
import type { CreateSolve, SavedSolve, SolvePage, UpdateSolve } from '@sleetcrest/contract';
import type { ModelStatic, Sequelize, Transaction } from 'sequelize';
import { HttpProblem } from '../http/problem.js';
import { methodColumns, methodOf, savedSolveOf, solveModel, type SolveRow } from './model.js';
import { planOf } from './plan.js';

/** Keeps solves, each for its owner alone: what it has answered is in the database. */
export class SolveService {
  private readonly rows: ModelStatic<SolveRow>;

  constructor(sequelize: Sequelize) {
    this.rows = solveModel(sequelize);
  }

  /**
   * Keeps a new solve. The same request sent again, because its answer was lost, finds the solve
   * that is there already; another solve under the same id is refused.
   */
  async create(
    owner: string,
    given: CreateSolve,
    transaction?: Transaction,
  ): Promise<{ solve: SavedSolve; created: boolean }> {
    const { position, ...kept } = given;
    const { steps, turnCount } = planOf(kept);
    checkPosition(position, steps.length);
    const [row, created] = await this.rows.findOrCreate({
      where: { id: kept.id },
      defaults: {
        ...kept,
        ownerId: owner,
        ...methodColumns(kept.method),
        stepCount: steps.length,
        turnCount,
        positionStep: position?.step ?? 0,
        positionTurn: position?.turn ?? 0,
      },
      paranoid: false,
      transaction: transaction ?? null,
    });
    const same =
      !row.deletedAt &&
      row.ownerId === owner &&
      isDeepStrictEqual(methodOf(row), kept.method) &&
      row.firstColour === kept.firstColour &&
      isDeepStrictEqual(row.start, kept.start);
    if (!created && !same) {
      throw new HttpProblem(409, 'Another cube is kept under this id; make a new id.');
    }
    return { solve: savedSolveOf(row), created };
  }

  /** One page, newest first. */
  async list(owner: string, page: number, size: number): Promise<SolvePage> {
    const { rows, count } = await this.rows.findAndCountAll({
      where: { ownerId: owner },
      order: [
        ['createdAt', 'DESC'],
        ['id', 'DESC'],
      ],
      limit: size,
      offset: (page - 1) * size,
    });
    return { items: rows.map(savedSolveOf), page, size, total: count };
  }

  async read(owner: string, id: string): Promise<SavedSolve> {
    return savedSolveOf(await this.row(owner, id));
  }

  async update(
    owner: string,
    id: string,
    { name, position, method, ...plan }: UpdateSolve,
  ): Promise<SavedSolve> {
    const row = await this.row(owner, id);
    const replanned = { ...plan, ...(method === undefined ? {} : methodColumns(method)) };
    const planned = Object.values(replanned).some((part) => part !== undefined);
    if (planned) row.set({ ...replanned, positionStep: 0, positionTurn: 0 });
    if (planned || position) {
      // Also for a mere position: a later version may plan the same cube in another number of steps.
      const { start, firstColour } = row;
      const { steps, turnCount } = planOf({ start, firstColour, method: methodOf(row) });
      row.set({ stepCount: steps.length, turnCount });
    }
    checkPosition(position, row.stepCount);
    if (position) row.set({ positionStep: position.step, positionTurn: position.turn });
    if (name !== undefined) row.name = name;
    return savedSolveOf(await row.save());
  }

  async remove(owner: string, id: string): Promise<void> {
    await (await this.row(owner, id)).destroy();
  }

  /** Brings a deleted solve back; one that was not deleted is left as it is. */
  async restore(owner: string, id: string): Promise<SavedSolve> {
    const row = await this.row(owner, id, false);
    if (row.deletedAt) await row.restore();
    return savedSolveOf(row);
  }

  private async row(owner: string, id: string, paranoid = true): Promise<SolveRow> {
    const row = await this.rows.findOne({ where: { id, ownerId: owner }, paranoid });
    if (!row)
      throw new HttpProblem(404, 'No cube is kept under this id; it may have been deleted.');
    return row;
  }
}

function checkPosition(position: UpdateSolve['position'], stepCount: number): void {
  if (
    !position ||
    position.step < stepCount ||
    (position.step === stepCount && position.turn === 0)
  ) {
    return;
  }
  const message = `this solve has ${stepCount} steps, and at its end no turn is left`;
  throw new HttpProblem(422, `The request was refused: position: ${message}.`, [
    { path: 'position', message },
  ]);
}
