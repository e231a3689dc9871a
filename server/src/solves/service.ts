import { isDeepStrictEqual } from 'node:util';
import type {
  CreateSolve,
  Position,
  SavedSolve,
  SolvePage,
  UpdateSolve,
} from '@sleetcrest/contract';
import { Model, Op, type Sequelize, type Transaction } from 'sequelize';
import { modelsOf, type Models } from '../database/models/index.js';
import { methodColumns, methodIn, savedSolveOf, type SolveRow } from '../database/models/solve.js';
import { PAGE, pages } from '../database/pages.js';
import { inside, transaction } from '../database/transaction.js';
import { HttpProblem, refusal } from '../http/problem.js';
import { planned } from '../threads/thinking.js';
import { makeRoom } from '../upkeep/room.js';
import { SAY } from './words.js';

/** Keeps solves, each for its owner alone: what it has answered is in the database. */
export class SolveService {
  private readonly rows: Models['solves'];

  constructor(private readonly sequelize: Sequelize) {
    this.rows = modelsOf(sequelize).solves;
  }

  /**
   * Keeps a new solve. The same request sent again, because its answer was lost, finds the solve
   * that is there already; another solve under the same id is refused.
   */
  async create(
    owner: string,
    given: CreateSolve,
    within?: Transaction,
  ): Promise<{ solve: SavedSolve; created: boolean }> {
    const { position, ...kept } = given;
    const { stepCount, turnCount } = await planned(kept);
    checkPosition(position, stepCount);
    return transaction(
      this.sequelize,
      async (whole) => {
        // Of one owner they come in one after the other: of two at one moment one finds the other's.
        const { accounts } = modelsOf(this.sequelize);
        await accounts.findByPk(owner, { lock: whole.LOCK.NO_KEY_UPDATE, transaction: whole });
        await makeRoom(this.sequelize, 'cubes', owner, kept.id, whole);
        const before = await this.rows.findByPk(kept.id, { paranoid: false, transaction: whole });
        const fresh = {
          ...kept,
          ownerId: owner,
          ...methodColumns(kept.method),
          stepCount,
          turnCount,
          positionStep: position?.step ?? 0,
          positionTurn: position?.turn ?? 0,
        };
        await this.rows.bulkCreate([fresh], { ignoreDuplicates: true, transaction: whole });
        const row = await this.rows.findByPk(kept.id, { paranoid: false, transaction: whole });
        const same =
          row &&
          !row.deletedAt &&
          row.ownerId === owner &&
          isDeepStrictEqual(methodIn(row), kept.method) &&
          row.firstColour === kept.firstColour &&
          isDeepStrictEqual(row.start, kept.start);
        if (!same) {
          throw new HttpProblem(409, SAY.idOfAnother);
        }
        return { solve: savedSolveOf(row), created: before === null };
      },
      within,
    );
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

  /**
   * Changes a solve. How long its walk is, is worked out before it is held; where it was planned otherwise
   * meanwhile, it is worked out again.
   */
  async update(owner: string, id: string, change: UpdateSolve): Promise<SavedSolve> {
    let basis = await this.row(owner, id);
    for (;;) {
      const plan = planOf(basis, change);
      const needsPlan = change.position !== undefined || !samePlan(planOf(basis, {}), plan);
      const length = needsPlan ? await planned(plan) : undefined;
      const saved = await transaction(this.sequelize, async (whole) => {
        const row = await this.row(owner, id, { lock: whole });
        if (length && !samePlan(planOf(row, change), plan)) return row;
        return this.changed(row, change, length, whole);
      });
      if (!(saved instanceof Model)) return saved;
      basis = saved;
    }
  }

  private async changed(
    row: SolveRow,
    { name, position: asked, from, method, start, firstColour }: UpdateSolve,
    length: { stepCount: number; turnCount: number } | undefined,
    whole: Transaction,
  ): Promise<SavedSolve> {
    const position = asked && from ? furtherWhereMoved(row, from, asked) : asked;
    if (start !== undefined || firstColour !== undefined || method !== undefined) {
      row.set({ positionStep: 0, positionTurn: 0 });
    }
    if (start !== undefined) row.start = start;
    if (firstColour !== undefined) row.firstColour = firstColour;
    if (method !== undefined) row.set(methodColumns(method));
    // Also for a mere position: a later version may plan the same cube in another number of steps.
    if (length) row.set(length);
    checkPosition(position, row.stepCount);
    if (position) row.set({ positionStep: position.step, positionTurn: position.turn });
    if (name !== undefined) row.name = name;
    return savedSolveOf(await row.save({ transaction: whole }));
  }

  async remove(owner: string, id: string): Promise<void> {
    await (await this.row(owner, id)).destroy();
  }

  /** Brings a deleted solve back; one that was not deleted is left as it is. */
  async restore(owner: string, id: string): Promise<SavedSolve> {
    const row = await this.row(owner, id, { paranoid: false });
    if (row.deletedAt) await row.restore();
    return savedSolveOf(row);
  }

  private async row(
    owner: string,
    id: string,
    { paranoid = true, lock }: { paranoid?: boolean; lock?: Transaction } = {},
  ): Promise<SolveRow> {
    const row = await this.rows.findOne({
      where: { id, ownerId: owner },
      paranoid,
      ...inside(lock),
      ...(lock ? { lock: true } : {}),
    });
    if (!row) throw new HttpProblem(404, SAY.notKept);
    return row;
  }
}

type WalkPlan = Pick<CreateSolve, 'start' | 'firstColour' | 'method'>;

/** How a solve is walked once a change is made. */
function planOf(row: SolveRow, { start, firstColour, method }: UpdateSolve): WalkPlan {
  return {
    start: start ?? row.start,
    firstColour: firstColour ?? row.firstColour,
    method: method ?? (methodIn(row) as WalkPlan['method']),
  };
}

const samePlan = (a: WalkPlan, b: WalkPlan): boolean => isDeepStrictEqual(a, b);

function checkPosition(position: UpdateSolve['position'], stepCount: number): void {
  if (
    !position ||
    position.step < stepCount ||
    (position.step === stepCount && position.turn === 0)
  ) {
    return;
  }
  throw refusal('position', SAY.beyondEnd({ steps: stepCount }));
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
