import { Injectable } from '@angular/core';
import type { Colour, Method } from '@sleetcrest/core';
import type { PlanAsked, Planned, PlanTable, Prepared } from '@sleetcrest/core/group/planning';
import { computing } from '../../../base/work/computing';
import type { planningDeeds, PlanJudged } from './planning-deeds';

/** What of the worker is asked here. */
interface Part {
  planning: typeof planningDeeds;
}

/** Plans sessions in workers: one proposes, which takes a second, the other answers at once. */
@Injectable({ providedIn: 'root' })
export class PlanningWork {
  private readonly proposing = computing<Part>();
  private readonly judging = computing<Part>();

  /** @throws Error with a sentence where it cannot be planned. */
  async plan(asked: PlanAsked): Promise<Planned> {
    const planned = await this.proposing.ask(({ planning }) => planning.plan(asked));
    if (!planned.ok) throw new Error(planned.error);
    return planned.value;
  }

  judge(asked: PlanAsked, tables: readonly PlanTable[]): Promise<PlanJudged> {
    return this.judging.ask(({ planning }) => planning.judge(asked, tables));
  }

  prepare(
    tables: readonly PlanTable[],
    method: Method,
    firstColour: Colour,
    seed: number,
  ): Promise<Prepared[][][]> {
    return this.judging.ask(({ planning }) => planning.prepare(tables, method, firstColour, seed));
  }
}
