import { CdkDrag, CdkDropList, CdkDropListGroup, type CdkDragDrop } from '@angular/cdk/drag-drop';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import { MatIcon } from '@angular/material/icon';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Router } from '@angular/router';
import {
  sessionPlanSchema,
  type KeptPlan,
  type Matrix,
  type SessionPlanDocument,
} from '@sleetcrest/contract/table';
import { describeErrors, fieldErrors } from '@sleetcrest/contract';
import {
  LEAST_MINUTES,
  MOST_MINUTES,
  partsOf,
  type PlanAsked,
  type Planned,
  type PlanTable,
  type Remark,
  type Slot,
} from '@sleetcrest/core/planning';
import isEqual from 'fast-deep-equal';
import { LearningWork } from '../../../asking/learning-work';
import { PlanningWork } from '../../../asking/planning-work';
import { today } from '../../../keeping/log/moments';
import { Notices } from '../../../keeping/notices';
import { DateField } from '../../../parts/dates/date-field';
import { counted } from '../../../parts/words/counted';
import { reading } from '../../../reading/reading';
import { apiFailure } from '../../../sending/failure';
import { Deed } from '../../../sending/deed';
import { TableApi } from '../../../sending/table-api';
import { GroupTitles } from '../group-titles';
import { TableGroups } from '../table-groups';
import { askedOf, moved, newPlan, nextWeek } from './draft';
import { PlanCalendar } from './plan-calendar';

const freshSeed = (): number => crypto.getRandomValues(new Uint32Array(1))[0]!;
/** A number of a plan that the coach tells, and its bounds. */
interface Bounded {
  name: 'minutes' | 'cubes';
  label: string;
  least: number;
  most: number;
}
const NUMBERS: readonly Bounded[] = [
  { name: 'minutes', label: 'Minutes', least: LEAST_MINUTES, most: MOST_MINUTES },
  { name: 'cubes', label: 'Cubes', least: 1, most: 200 },
];
/** Changes that can be taken back. */
const MOST_UNDONE = 40;

/** Plans a session: proposes who sits together and what each table does, and says what a change costs. */
@Component({
  selector: 'sc-planner',
  imports: [
    CdkDrag,
    CdkDropList,
    CdkDropListGroup,
    DateField,
    FormsModule,
    MatButton,
    MatCheckbox,
    MatFormField,
    MatIcon,
    MatInput,
    MatLabel,
    MatProgressBar,
    PlanCalendar,
  ],
  templateUrl: './planner.html',
  styleUrls: ['../table-page.scss', './planner.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Planner {
  /** The plan that is looked at, from the address. */
  readonly id = input<string>();

  protected readonly groups = inject(TableGroups);
  protected readonly titles = inject(GroupTitles);
  private readonly api = inject(TableApi);
  private readonly work = inject(PlanningWork);
  private readonly learning = inject(LearningWork);
  private readonly notices = inject(Notices);
  private readonly router = inject(Router);
  protected readonly counted = counted;
  protected readonly numbers = NUMBERS;

  private readonly keeping = reading(
    () => this.groups.group()?.id,
    async (group) => ({
      group,
      plans: await this.api.plans(group),
      matrix: await this.api.matrix(group, today()),
    }),
  );
  protected readonly readTrouble = this.keeping.trouble;
  protected readonly isBusy = this.keeping.isBusy;
  private readonly read = computed(() => {
    const read = this.keeping.value();
    return read?.group === this.groups.group()?.id ? read : undefined;
  });
  protected readonly matrix = computed((): Matrix | undefined => this.read()?.matrix);
  protected readonly plans = computed((): readonly KeptPlan[] => this.read()?.plans ?? []);
  /** In which order cases are worth learning; it takes some seconds the first time. */
  private readonly path = reading(
    () => (this.matrix() ? this.titles.method() : undefined),
    async (method) => {
      const stages = await this.learning.path(method, () => undefined);
      return stages.flatMap(({ cases }) => cases.map((one) => one.case));
    },
  );

  /** The plan in hand, and when the one it was changed from was kept. */
  protected readonly plan = signal<SessionPlanDocument | null>(null);
  private readonly basis = signal<string | null>(null);
  private readonly undone = signal<readonly SessionPlanDocument[]>([]);
  protected readonly canUndo = computed(() => this.undone().length > 0);
  /** What was proposed last for the same people and minutes. */
  protected readonly proposed = signal<(Planned & { for: PlanAsked }) | null>(null);
  protected readonly isProposing = signal(false);
  private readonly deed = new Deed();
  protected readonly busy = this.deed.busy;
  protected readonly trouble = this.deed.trouble;
  /** Who is moved by keyboard or touch, without dragging. */
  protected readonly moving = signal<string | null>(null);

  protected readonly parts = computed(() => partsOf(this.plan()?.minutes ?? 60));
  protected readonly blocks = computed(() =>
    Array.from({ length: this.parts().blocks }, (_, k) => k),
  );
  /** Null while it is worked out; as they are listed where it cannot be. */
  private readonly order = computed(() => this.path.value() ?? (this.path.trouble() ? [] : null));
  protected readonly isOrdering = computed(() => this.order() === null);
  private readonly askedParts = computed(
    () => {
      const plan = this.plan();
      return (
        plan && { comes: plan.comes, minutes: plan.minutes, cubes: plan.cubes, seed: plan.seed }
      );
    },
    { equal: isEqual },
  );
  protected readonly asked = computed(() => {
    const [plan, matrix, order] = [this.askedParts(), this.matrix(), this.order()];
    return plan && matrix && order ? askedOf(plan, matrix, order) : null;
  });
  private readonly judging = reading(
    () => {
      const [asked, plan] = [this.asked(), this.plan()];
      return asked && plan && plan.tables.length > 0 ? { asked, tables: plan.tables } : undefined;
    },
    ({ asked, tables }) => this.work.judge(asked, tables).then((judged) => ({ ...judged, tables })),
  );
  protected readonly judged = computed(() => {
    const judged = this.judging.value();
    return judged?.tables === this.plan()?.tables ? judged : null;
  });
  private readonly preparing = reading(
    () => {
      const [plan, group] = [this.plan(), this.groups.group()];
      return plan && group && plan.tables.length > 0
        ? { tables: plan.tables, seed: plan.seed, first: group.firstColour }
        : undefined;
    },
    ({ tables, seed, first }) =>
      this.work
        .prepare(tables, this.titles.method(), first, seed)
        .then((cubes) => ({ tables, cubes })),
  );
  protected readonly prepared = computed(() => {
    const prepared = this.preparing.value();
    return prepared?.tables === this.plan()?.tables ? prepared?.cubes : undefined;
  });
  protected readonly isKept = computed(() => {
    const plan = this.plan();
    const kept = this.plans().find((one) => one.plan.id === plan?.id);
    return kept !== undefined && JSON.stringify(kept.plan) === JSON.stringify(plan);
  });

  /** How good it is, and what a change cost. */
  protected readonly worth = computed(() => {
    const [judged, proposed] = [this.judged(), this.proposed()];
    if (!judged) return '';
    const minutes = this.parts().blocks * this.parts().block * (this.plan()?.comes.length ?? 0);
    const rate =
      minutes > 0 ? `, one for every ${Math.round(minutes / judged.value)} learner-minutes` : '';
    const expected = `About ${judged.value.toFixed(1)} cases made sure are to be expected${rate}.`;
    // What was proposed for other people, minutes or another order says nothing of this.
    if (proposed?.for !== this.asked()) return expected;
    const less = proposed.value - judged.value;
    if (less > 0.05) return `${expected} What was changed costs ${less.toFixed(1)}.`;
    if (less < -0.05) return `${expected} What was changed gains ${(-less).toFixed(1)}.`;
    if (proposed.exact) return `${expected} No plan is worth more.`;
    const short = Math.ceil((1 - proposed.value / proposed.bound) * 100);
    return `${expected} No plan is worth ${Math.max(1, short)} % more.`;
  });

  constructor() {
    effect(() => {
      const [read, id] = [this.read(), this.id()];
      if (!read) return;
      untracked(() => this.take(read.plans, id));
    });
  }

  /** Takes up the plan the address names, the next one, or a new one. */
  private take(plans: readonly KeptPlan[], id: string | undefined): void {
    if (this.plan()?.id === id && id !== undefined) return;
    const coming = [...plans].reverse().find(({ plan }) => plan.on >= today());
    const kept =
      plans.find(({ plan }) => plan.id === id) ?? (id === undefined ? coming : undefined);
    if (kept) this.put(kept.plan, kept.changedAt);
    else this.begin();
  }

  private put(plan: SessionPlanDocument, basis: string | null): void {
    this.plan.set(plan);
    this.basis.set(basis);
    this.undone.set([]);
    this.proposed.set(null);
    this.deed.forget();
  }

  protected begin(): void {
    const learners = this.groups.group()?.learners.map(({ id }) => id) ?? [];
    this.put(newPlan(today(), learners, freshSeed()), null);
  }

  protected open(id: string): void {
    const kept = this.plans().find(({ plan }) => plan.id === id);
    if (kept) this.put(kept.plan, kept.changedAt);
    else this.begin();
    void this.router.navigate([], { queryParams: { id: kept ? id : null }, replaceUrl: true });
  }

  protected change(change: Partial<SessionPlanDocument>): void {
    const plan = this.plan();
    if (!plan) return;
    this.undone.update((all) => [...all.slice(-MOST_UNDONE), plan]);
    this.plan.set({ ...plan, ...change });
  }

  /** People, minutes and cubes: what was proposed for others says nothing of these. */
  protected changeAsked(change: Partial<SessionPlanDocument>): void {
    this.proposed.set(null);
    this.change(change);
  }

  protected number(field: HTMLInputElement, { name, least, most }: Bounded): void {
    const given = Math.min(most, Math.max(least, Math.round(field.valueAsNumber)));
    if (!Number.isNaN(given)) {
      this.changeAsked({ [name]: given, ...(name === 'minutes' ? { tables: [] } : {}) });
    }
    field.value = String(this.plan()?.[name] ?? '');
  }

  protected undo(): void {
    const last = this.undone().at(-1);
    if (!last) return;
    this.undone.update((all) => all.slice(0, -1));
    this.plan.set(last);
  }

  protected comes(id: string, on: boolean): void {
    const plan = this.plan();
    if (!plan) return;
    const comes = on ? [...plan.comes, id] : plan.comes.filter((one) => one !== id);
    const tables = plan.tables
      .map((table) => ({ ...table, learners: table.learners.filter((one) => one !== id || on) }))
      .filter(({ learners }) => learners.length > 0);
    this.changeAsked({ comes, tables });
  }

  protected async propose(): Promise<void> {
    const [asked, plan] = [this.asked(), this.plan()];
    if (!asked || !plan) return;
    this.isProposing.set(true);
    this.deed.forget();
    try {
      const proposed = await this.work.plan(asked);
      // The people or minutes may have been changed meanwhile.
      if (this.plan()?.id !== plan.id) return;
      this.change({
        tables: proposed.plan.tables.map((table) => ({
          learners: [...table.learners],
          slots: [...table.slots],
        })),
        warmUp: [...proposed.plan.warmUp],
      });
      this.proposed.set({ ...proposed, for: asked });
    } catch (error) {
      this.deed.refuse(apiFailure(error).message);
    } finally {
      this.isProposing.set(false);
    }
  }

  protected nameOf(id: string): string {
    return this.groups.group()?.learners.find((one) => one.id === id)?.name ?? 'somebody who left';
  }

  protected dropped({ item, container }: CdkDragDrop<number, number, string>): void {
    this.move(item.data, container.data);
  }

  /** Moves somebody to a table; a number beyond all is a new one. */
  protected move(learner: string, to: number): void {
    const plan = this.plan();
    this.moving.set(null);
    if (!plan || plan.tables[to]?.learners.includes(learner)) return;
    const solve: Slot = { kind: 'solve', case: '', other: '' };
    this.changeTables(
      moved(
        plan.tables,
        learner,
        to,
        this.blocks().map(() => solve),
      ),
    );
  }

  protected changeSlot(table: number, block: number, value: string): void {
    const plan = this.plan();
    if (!plan) return;
    const [kind, id = '', other = ''] = value.split('|') as [Slot['kind'], string?, string?];
    this.changeTables(
      plan.tables.map((one, k) =>
        k === table
          ? {
              ...one,
              slots: one.slots.map((slot, b) => (b === block ? { kind, case: id, other } : slot)),
            }
          : one,
      ),
    );
  }

  private changeTables(tables: readonly PlanTable[]): void {
    this.change({
      tables: tables.map(({ learners, slots }) => ({ learners: [...learners], slots: [...slots] })),
    });
  }

  protected slotValue = ({ kind, case: id, other }: Slot): string => `${kind}|${id}|${other}`;

  protected slotWords({ kind, case: id, other }: Slot): string {
    if (kind === 'solve') return 'Whole solves';
    if (kind === 'new') return `New, with you: ${this.titles.of(id)}`;
    if (kind === 'apart') return `Tell apart: ${this.titles.of(id)} and ${this.titles.of(other)}`;
    return `Make sure: ${this.titles.of(id)}`;
  }

  /** What a slot can be changed to. */
  protected readonly slotChoices = computed(() =>
    this.titles.approaches().map(({ stage, cases }) => ({
      title: this.titles.of(stage),
      cases: cases.map(({ id, title }) => ({ id, title })),
    })),
  );

  protected remarkWords({ kind, block, learners }: Remark): string {
    const names = learners.map((id) => this.nameOf(id)).join(', ');
    switch (kind) {
      case 'two-new-at-once':
        return `In block ${block + 1} two tables would need you at once.`;
      case 'new-twice':
        return `${names} would meet two new cases in one session.`;
      case 'too-many':
        return `More than six sit together: ${names}.`;
      case 'nothing-of-theirs':
        return `Nothing in it is ${learners.length === 1 ? 'theirs' : 'of their own'}: ${names}.`;
      case 'left-out':
        return `Sits nowhere yet: ${names}.`;
    }
  }

  protected async keep(): Promise<void> {
    const [group, plan] = [this.groups.group(), this.plan()];
    if (!group || !plan) return;
    const parsed = sessionPlanSchema.safeParse(plan);
    if (!parsed.success) {
      this.deed.refuse(`${describeErrors(fieldErrors(parsed.error))}.`);
      return;
    }
    await this.deed.do(async () => {
      const kept = await this.api.keepPlan(group.id, { plan: parsed.data, basis: this.basis() });
      this.basis.set(kept.changedAt);
      this.plan.set(kept.plan);
      this.tell([...this.plans().filter((one) => one.plan.id !== kept.plan.id), kept]);
      void this.router.navigate([], { queryParams: { id: kept.plan.id }, replaceUrl: true });
      void this.notices.say('The plan is kept.');
    });
  }

  protected copy(): void {
    const plan = this.plan();
    if (!plan) return;
    this.put(nextWeek(plan, freshSeed()), null);
    void this.notices.say('This is next week’s now; keep it when it is as you want it.');
  }

  protected async remove(): Promise<void> {
    const [group, plan] = [this.groups.group(), this.plan()];
    if (!group || !plan) return;
    await this.deed.do(async () => {
      if (this.basis() !== null) await this.api.removePlan(group.id, plan.id);
      this.tell(this.plans().filter((one) => one.plan.id !== plan.id));
      this.begin();
      void this.router.navigate([], { queryParams: { id: null }, replaceUrl: true });
      const back = (): void => this.put(plan, null);
      void this.notices.offerUndo('The plan is deleted.', () => {
        back();
        void this.keep();
      });
    });
  }

  protected print(): void {
    window.print();
  }

  private tell(plans: readonly KeptPlan[]): void {
    const read = this.keeping.value();
    if (!read) return;
    const sorted = [...plans].sort((a, b) => (a.plan.on < b.plan.on ? 1 : -1));
    this.keeping.set({ ...read, plans: sorted });
  }
}
