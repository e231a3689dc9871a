import { computed, inject, type Signal } from '@angular/core';
import type { Matrix, SessionPlanDocument } from '@sleetcrest/contract/table';
import isEqual from 'fast-deep-equal';
import { LearningWork } from '../../../subjects/practice/work';
import { GroupTitles, GroupStore } from '../../../subjects/group';
import { PlanningWork } from '../../../subjects/group/work';
import { reading } from '../../../base/reading/reading';
import { askedOf } from './draft';

/**
 * What is found, in workers, of the plan in hand: what it is planned from, how good it is as it stands and
 * why, and the cubes to prepare. Made where things are injected.
 */
export class PlanFound {
  private readonly groups = inject(GroupStore);
  private readonly titles = inject(GroupTitles);
  private readonly work = inject(PlanningWork);
  private readonly learning = inject(LearningWork);

  constructor(
    private readonly plan: Signal<SessionPlanDocument | null>,
    private readonly matrix: Signal<Matrix | undefined>,
  ) {}

  /** In which order cases are worth learning; it takes some seconds the first time. */
  private readonly path = reading(
    () => (this.matrix() ? this.titles.method() : undefined),
    async (method) => {
      const stages = await this.learning.path(method, () => undefined);
      return stages.flatMap(({ cases }) => cases.map((one) => one.case));
    },
  );
  /** Null while it is worked out; as they are listed where it cannot be. */
  private readonly order = computed(() => this.path.value() ?? (this.path.trouble() ? [] : null));
  readonly isOrdering = computed(() => this.order() === null);

  private readonly parts = computed(
    () => {
      const plan = this.plan();
      return (
        plan && { comes: plan.comes, minutes: plan.minutes, cubes: plan.cubes, seed: plan.seed }
      );
    },
    { equal: isEqual },
  );
  /** What it is planned from; null while that is not known. */
  readonly asked = computed(() => {
    const [plan, matrix, order] = [this.parts(), this.matrix(), this.order()];
    return plan && matrix && order ? askedOf(plan, matrix, order) : null;
  });

  private readonly tables = computed(() => {
    const tables = this.plan()?.tables ?? [];
    return tables.length > 0 ? tables : undefined;
  });
  private readonly judging = reading(
    () => {
      const [asked, tables] = [this.asked(), this.tables()];
      return asked && tables ? { asked, tables } : undefined;
    },
    ({ asked, tables }) => this.work.judge(asked, tables).then((judged) => ({ ...judged, tables })),
  );
  /** Null while these tables are not judged yet. */
  readonly judged = computed(() => {
    const judged = this.judging.value();
    return judged?.tables === this.tables() ? (judged ?? null) : null;
  });

  private readonly preparing = reading(
    () => {
      const [tables, plan, group] = [this.tables(), this.plan(), this.groups.group()];
      return tables && plan && group
        ? { tables, seed: plan.seed, first: group.firstColour }
        : undefined;
    },
    ({ tables, seed, first }) =>
      this.work
        .prepare(tables, this.titles.method(), first, seed)
        .then((cubes) => ({ tables, cubes })),
  );
  /** By table and block, the cubes to prepare; undefined while they are not known. */
  readonly prepared = computed(() => {
    const prepared = this.preparing.value();
    return prepared?.tables === this.tables() ? prepared?.cubes : undefined;
  });
}
