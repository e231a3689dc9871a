import { computed, signal } from '@angular/core';
import type { KeptPlan, SessionPlanDocument } from '@sleetcrest/contract/table';

/** Changes that can be taken back. */
const MOST_UNDONE = 40;

/** In the address of a plan that was not kept yet. */
export const NEW = 'new';

/** The plan that is changed, what it was before, and which kept one it was made from. */
export class PlanInHand {
  private readonly now = signal<SessionPlanDocument | null>(null);
  private readonly before = signal<readonly SessionPlanDocument[]>([]);
  readonly plan = this.now.asReadonly();
  readonly canUndo = computed(() => this.before().length > 0);
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
    this.before.set([]);
  }

  change(change: Partial<SessionPlanDocument>): void {
    const plan = this.now();
    if (!plan) return;
    this.before.update((all) => [...all.slice(-MOST_UNDONE + 1), plan]);
    this.now.set({ ...plan, ...change });
  }

  undo(): void {
    const last = this.before().at(-1);
    if (!last) return;
    this.before.update((all) => all.slice(0, -1));
    this.now.set(last);
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
