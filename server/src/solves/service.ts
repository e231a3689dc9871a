import { isDeepStrictEqual } from 'node:util';
import type {
  CreateSolve,
  Position,
  SavedSolve,
  SolvePage,
  UpdateSolve,
} from '@sleetcrest/contract';
import { Op, type ModelStatic, type Sequelize, type Transaction } from 'sequelize';
import { PAGE, pages } from '../database/pages.js';
import { HttpProblem, refusal } from '../http/problem.js';
import { planned } from '../threads/thinking.js';
import { makeRoom } from '../upkeep/room.js';
import { methodColumns, methodIn, savedSolveOf, solveModel, type SolveRow } from './model.js';

/** Keeps solves, each for its owner alone: what it has answered is in the database. */
export class SolveService {
  private readonly rows: ModelStatic<SolveRow>;

  constructor(private readonly sequelize: Sequelize) {
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
    const { stepCount, turnCount } = await planned(kept);
    checkPosition(position, stepCount);
    await makeRoom(this.sequelize, 'cubes', owner, kept.id, transaction);
    const [row, created] = await this.rows.findOrCreate({
      where: { id: kept.id },
      defaults: {
        ...kept,
        ownerId: owner,
        ...methodColumns(kept.method),
        ...{ stepCount, turnCount },
        positionStep: position?.step ?? 0,
        positionTurn: position?.turn ?? 0,
      },
      paranoid: false,
      transaction: transaction ?? null,
    });
    const same =
      !row.deletedAt &&
      row.ownerId === owner &&
      isDeepStrictEqual(methodIn(row), kept.method) &&
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

  /** All of them, page by page, deleted ones that can still be brought back too, oldest first. */
  async *all(owner: string): AsyncGenerator<(SavedSolve & { deletedAt: string | null })[]> {
    const rows = pages<SolveRow>((last) =>
      this.rows.findAll({
        where: {
          ownerId: owner,
          ...(last && {
            [Op.or]: [
              { createdAt: { [Op.gt]: last.createdAt } },
              { createdAt: last.createdAt, id: { [Op.gt]: last.id } },
            ],
          }),
        },
        order: ['createdAt', 'id'],
        limit: PAGE,
        paranoid: false,
      }),
    );
    for await (const page of rows) {
      yield page.map((row) => ({
        ...savedSolveOf(row),
        deletedAt: row.deletedAt?.toISOString() ?? null,
      }));
    }
  }

  async read(owner: string, id: string): Promise<SavedSolve> {
    return savedSolveOf(await this.row(owner, id));
  }

  async update(
    owner: string,
    id: string,
    { name, position: asked, from, method, ...plan }: UpdateSolve,
  ): Promise<SavedSolve> {
    const row = await this.row(owner, id);
    const position = asked && from ? furtherWhereMoved(row, from, asked) : asked;
    const replanned = { ...plan, ...(method === undefined ? {} : methodColumns(method)) };
    const anew = Object.values(replanned).some((part) => part !== undefined);
    if (anew) row.set({ ...replanned, positionStep: 0, positionTurn: 0 });
    if (anew || position) {
      // Also for a mere position: a later version may plan the same cube in another number of steps.
      const { start, firstColour } = row;
      row.set(await planned({ start, firstColour, method: methodIn(row) }));
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
  throw refusal('position', `this solve has ${stepCount} steps, and at its end no turn is left`);
}

/**
 * Where a walk goes that was moved here from `from` to `to`: if it was moved elsewhere meanwhile, as on
 * another device without a network, the further of both.
 */
function furtherWhereMoved(row: SolveRow, from: Position, to: Position): Position {
  const now = { step: row.positionStep, turn: row.positionTurn };
  if (now.step === from.step && now.turn === from.turn) return to;
  return now.step > to.step || (now.step === to.step && now.turn > to.turn) ? now : to;
}
