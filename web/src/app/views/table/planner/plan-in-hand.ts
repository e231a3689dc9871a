import { computed, signal } from '@angular/core';
import { done, NO_PAST, type Past, undone } from '../../../base/undo/undoing';
import type { KeptPlan, SessionPlanDocument } from '@sleetcrest/contract/table';

/** Changes that can be taken back. */
const MOST_UNDONE = 40;

/** In the address of a plan that was not kept yet. */
export const NEW = 'new';

/** The plan that is changed, what it was before, and which kept one it was made from. */
export class PlanInHand {
  private readonly now = signal<SessionPlanDocument | null>(null);
  private readonly before = signal<Past<SessionPlanDocument>>(NO_PAST);
  readonly plan = this.now.asReadonly();
  readonly canUndo = computed(() => this.before().past.length > 0);
  private basis_: string | null = null;
  private group: string | undefined;

  /** When the one it was changed from was kept; null for one that is new. */
  get basis(): string | null {
    return this.basis_;
  }

  put(group: string, plan: SessionPlanDocument, basis: string | null): void {
    this.group = group;
    this.basis_ = basis;
    this.now.set(plan);
    this.before.set(NO_PAST);
  }

  change(change: Partial<SessionPlanDocument>): void {
    const plan = this.now();
    if (!plan) return;
    this.before.update((before) => done(before, plan, MOST_UNDONE));
    this.now.set({ ...plan, ...change });
  }

  undo(): void {
    const plan = this.now();
    const step = plan && undone(this.before(), plan);
    if (!step) return;
    this.before.set({ past: step.past, future: step.future });
    this.now.set(step.now);
  }

  /** It is kept, as the server has it; what was changed can still be taken back. */
  kept({ plan, changedAt }: KeptPlan): void {
    this.basis_ = changedAt;
    this.now.set(plan);
  }

  /** Whether this is what an address of a group names: what is in hand is then left as it is. */
  isAt(group: string, id: string | undefined): boolean {
    const plan = this.now();
    if (!plan || this.group !== group) return false;
    return id === NEW ? this.basis_ === null : plan.id === id;
  }
}
