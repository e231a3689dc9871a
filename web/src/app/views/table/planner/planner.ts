import { CdkDropList, CdkDropListGroup, type CdkDragDrop } from '@angular/cdk/drag-drop';
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
  partsOf,
  type PlanAsked as Asked,
  type Planned,
  type Remark,
  type Slot,
} from '@sleetcrest/core/group/planning';
import isEqual from 'fast-deep-equal';
import { smallSeed } from '../../../base/work/chance';
import { GroupTitles, TableApi, GroupStore } from '../../../subjects/group';
import { PlanningWork } from '../../../subjects/group/work';
import { daySaid, today } from '../../../base/words/days';
import { Notices } from '../../../base/dialogs/notices';
import { reading } from '../../../base/reading/reading';
import { apiFailure } from '../../../base/api/failure';
import { action } from '../../../base/reading/action';
import { moved, newPlan, nextWeek, SOLVES, withSlot, written } from './draft';
import { PlanTableView } from './plan-table';
import { PlanAsked } from './plan-asked';
import { PlanCalendar } from './plan-calendar';
import { PlanFound } from './plan-found';
import { NEW, PlanInHand } from './plan-in-hand';
import { remarkWords, worthWords } from './plan-words';
import { Trouble } from '../../../ui/trouble';
import { Choice, type Option } from '../../../ui/fields/choice';
import { CaseName } from '../../../subjects/method/parts/case-name';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

/** Plans a session: proposes who sits together and what each table does, and says what a change costs. */
@Component({
  selector: 'sc-planner',
  imports: [
    CaseName,
    Sentence,
    SentenceSlot,
    CdkDropList,
    CdkDropListGroup,
    Choice,
    FormsModule,
    MatButton,
    MatFormField,
    MatIcon,
    MatInput,
    MatLabel,
    MatProgressBar,
    PlanAsked,
    PlanCalendar,
    PlanTableView,
    Trouble,
  ],
  templateUrl: './planner.html',
  styleUrls: ['../table-page.scss', './planner.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Planner {
  protected readonly say = SAY;
  /** The plan that is looked at, from the address. */
  readonly id = input<string>();

  protected readonly groups = inject(GroupStore);
  protected readonly titles = inject(GroupTitles);
  private readonly api = inject(TableApi);
  private readonly work = inject(PlanningWork);
  private readonly notices = inject(Notices);
  private readonly router = inject(Router);
  protected readonly day = daySaid;

  private readonly keeping = reading(
    () => this.groups.group()?.id,
    async (group) => ({
      plans: await this.api.plans(group),
      matrix: await this.api.matrix(group, today()),
    }),
    { whenAnother: 'drop' },
  );
  protected readonly readTrouble = this.keeping.trouble;
  protected readonly isBusy = this.keeping.isBusy;
  protected readonly matrix = computed((): Matrix | undefined => this.keeping.value()?.matrix);
  protected readonly sessions = computed((): Option<string>[] => [
    { value: '', name: SAY.aNewOne },
    ...this.plans().map(({ plan: { id, on, at } }) => ({
      value: id,
      name: `${daySaid(on)}, ${at}`,
    })),
  ]);
  protected readonly plans = computed((): readonly KeptPlan[] => this.keeping.value()?.plans ?? []);
  private readonly hand = new PlanInHand();
  protected readonly plan = this.hand.plan;
  protected readonly canUndo = this.hand.canUndo;
  private readonly found = new PlanFound(this.plan, this.matrix);
  protected readonly asked = this.found.asked;
  protected readonly isOrdering = this.found.isOrdering;
  protected readonly judged = this.found.judged;
  protected readonly prepared = this.found.prepared;
  /** What was proposed last for the same people and minutes. */
  protected readonly proposed = signal<(Planned & { for: Asked }) | null>(null);
  protected readonly isProposing = signal(false);
  private readonly action = action();
  protected readonly busy = this.action.busy;
  protected readonly trouble = this.action.trouble;
  /** Who is moved by keyboard or touch, without dragging. */
  protected readonly moving = signal<string | null>(null);

  protected readonly parts = computed(() => partsOf(this.plan()?.minutes ?? 60));
  protected readonly blocks = computed(() =>
    Array.from({ length: this.parts().blocks }, (_, k) => k),
  );
  protected readonly isNew = computed(
    () => !this.plans().some(({ plan }) => plan.id === this.plan()?.id),
  );
  protected readonly isKept = computed(() => {
    const plan = this.plan();
    const kept = this.plans().find((one) => one.plan.id === plan?.id);
    return isEqual(kept?.plan, plan);
  });

  protected readonly worth = computed(() => {
    const [judged, proposed, asked] = [this.judged(), this.proposed(), this.asked()];
    if (!judged || !asked) return '';
    // What was proposed for other people, minutes or another order says nothing of this.
    return worthWords(judged.worth, asked, proposed?.for === asked ? proposed : null);
  });

  constructor() {
    // Which group's plans are there: not what is in them, which keeping one changes.
    const there = computed(() => this.keeping.value() && this.groups.group()?.id);
    effect(() => {
      const [group, id] = [there(), this.id()];
      if (group !== undefined) untracked(() => this.take(group, id));
    });
  }

  /** Takes up the plan the address names, the next one, or a new one. */
  private take(group: string, id: string | undefined): void {
    if (this.hand.isAt(group, id)) return;
    const coming = [...this.plans()].reverse().find(({ plan }) => plan.on >= today());
    const named = this.plans().find(({ plan }) => plan.id === id);
    const kept = named ?? (id === NEW ? undefined : coming);
    if (kept) this.put(kept.plan, kept.changedAt);
    else this.begin();
  }

  private put(plan: SessionPlanDocument, basis: string | null): void {
    this.hand.put(this.groups.group()!.id, plan, basis);
    this.proposed.set(null);
    this.action.forget();
  }

  private begin(): void {
    const learners = this.groups.group()!.learners.map(({ id }) => id);
    this.put(newPlan(today(), learners, smallSeed()), null);
  }

  /** Says in the address what is in hand, so that it is there again after a reload. */
  private goTo(id: string): void {
    void this.router.navigate([], { queryParams: { id }, replaceUrl: true });
  }

  protected open(id: string): void {
    const kept = this.plans().find(({ plan }) => plan.id === id);
    if (kept) this.put(kept.plan, kept.changedAt);
    else this.begin();
    this.goTo(kept ? id : NEW);
  }

  protected change(change: Partial<SessionPlanDocument>): void {
    this.hand.change(change);
  }

  /** People, minutes and cubes: what was proposed for others says nothing of these. */
  protected changeAsked(change: Partial<SessionPlanDocument>): void {
    this.proposed.set(null);
    this.change(change);
  }

  protected undo(): void {
    this.hand.undo();
  }

  protected async propose(): Promise<void> {
    const [asked, plan] = [this.asked(), this.plan()];
    if (!asked || !plan) return;
    this.isProposing.set(true);
    this.action.forget();
    try {
      const proposed = await this.work.plan(asked);
      // The people or minutes may have been changed meanwhile.
      if (this.plan()?.id !== plan.id) return;
      const { tables, warmUp } = proposed.plan;
      this.change({ tables: written(tables), warmUp: [...warmUp] });
      this.proposed.set({ ...proposed, for: asked });
    } catch (error) {
      this.action.refuse(apiFailure(error).message);
    } finally {
      this.isProposing.set(false);
    }
  }

  protected readonly nameOf = (id: string): string =>
    this.groups.group()?.learners.find((one) => one.id === id)?.name ?? SAY.somebodyWhoLeft;

  protected dropped({ item, container }: CdkDragDrop<number, number, string>): void {
    this.move(item.data, container.data);
  }

  /** Moves somebody to a table; a number beyond all is a new one. */
  protected move(learner: string, to: number): void {
    const plan = this.plan();
    this.moving.set(null);
    if (!plan || plan.tables[to]?.learners.includes(learner)) return;
    const slots = this.blocks().map(() => SOLVES);
    this.change({ tables: written(moved(plan.tables, learner, to, slots)) });
  }

  protected changeSlot(table: number, { block, slot }: { block: number; slot: Slot }): void {
    const plan = this.plan();
    if (plan) this.change({ tables: written(withSlot(plan.tables, table, block, slot)) });
  }

  protected remarkWords(remark: Remark): string {
    return remarkWords(remark, this.nameOf);
  }

  protected async keep(): Promise<void> {
    const [group, plan] = [this.groups.group(), this.plan()];
    if (!group || !plan) return;
    const parsed = sessionPlanSchema.safeParse(plan);
    if (!parsed.success) {
      this.action.refuse(`${describeErrors(fieldErrors(parsed.error))}.`);
      return;
    }
    await this.action.run(async () => {
      const kept = await this.api.keepPlan(group.id, { plan: parsed.data, basis: this.hand.basis });
      this.hand.kept(kept);
      this.tell([...this.plans().filter((one) => one.plan.id !== kept.plan.id), kept]);
      this.goTo(kept.plan.id);
      void this.notices.say(SAY.thePlanIsKept);
    });
  }

  protected copy(): void {
    const plan = this.plan();
    if (!plan) return;
    this.put(nextWeek(plan, smallSeed()), null);
    this.goTo(NEW);
    void this.notices.say(SAY.thisIsNextWeeksNow);
  }

  protected async remove(): Promise<void> {
    const [group, plan] = [this.groups.group(), this.plan()];
    if (!group || !plan) return;
    await this.action.run(async () => {
      if (this.hand.basis !== null) await this.api.removePlan(group.id, plan.id);
      this.tell(this.plans().filter((one) => one.plan.id !== plan.id));
      this.begin();
      this.goTo(NEW);
      void this.notices.offerUndo(SAY.thePlanIsDeleted, () => {
        this.put(plan, null);
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
