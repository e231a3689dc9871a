import { computed, inject, Injectable, linkedSignal, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { methodById } from '@sleetcrest/core';
import {
  type Approach,
  approachById,
  type Case,
  isSearch,
  type PatternApproach,
} from '@sleetcrest/core/teaching/approaches';
import { type Saying, sequenceKey } from '@sleetcrest/core/teaching/sayings';
import { MethodStore } from '../../subjects/method';
import type { CaseChange } from './case-form';
import { draftApproaches, withApproach, withApproaches, type Draft, isTaken } from './drafting';
import { emptyApproach, freeId, idOf, newCase, ownCopy } from '@sleetcrest/core/engine/draft';
import { methodProblem } from '@sleetcrest/core/engine/run';
import { workshopFeature, WorkshopPage } from './workshop.feature';

/** The method on the desk: which of its approaches and cases is in hand, and all that changes them. */
@Injectable()
export class DraftDesk {
  private readonly store = inject(Store);
  private readonly own = inject(MethodStore).own;
  readonly draft = this.store.selectSignal(workshopFeature.selectDraft);
  readonly canUndo = this.store.selectSignal(workshopFeature.selectCanUndo);
  readonly canRedo = this.store.selectSignal(workshopFeature.selectCanRedo);
  /** Which of the approaches is in hand. */
  readonly slot = signal(0);

  readonly approaches = computed((): Approach[] => {
    const draft = this.draft();
    return draft ? draftApproaches(draft).filter((one) => one !== undefined) : [];
  });
  readonly chosen = computed(
    () => this.approaches()[Math.min(this.slot(), this.approaches().length - 1)],
  );
  /** The chosen approach when it is one's own and can be changed. */
  readonly editable = computed((): PatternApproach | undefined => {
    const chosen = this.chosen();
    return chosen && !this.isBuiltIn(chosen) && !isSearch(chosen) ? chosen : undefined;
  });
  /** Which case is shown; the first one again when another approach is chosen. */
  readonly caseIndex = linkedSignal<string | undefined, number>({
    source: () => this.chosen()?.id,
    computation: (id, before) => (before?.source === id ? before!.value : 0),
  });
  readonly one = computed((): Case | undefined => {
    const cases = this.editable()?.cases;
    return cases?.[Math.min(this.caseIndex(), cases.length - 1)];
  });
  readonly isSearching = computed(() => {
    const chosen = this.chosen();
    return chosen !== undefined && isSearch(chosen);
  });
  readonly problem = computed(() => {
    const draft = this.draft();
    return draft ? methodProblem(draft) : undefined;
  });
  /** The method as it is saved, where it is. */
  readonly saved = computed(() => {
    const draft = this.draft();
    return this.own().find(({ method }) => method.id === draft?.id);
  });

  isBuiltIn(approach: Approach): boolean {
    return approachById(approach.id) === approach;
  }

  private change(draft: Draft): void {
    this.store.dispatch(WorkshopPage.draftChanged({ draft }));
  }

  rename(title: string): void {
    const draft = this.draft();
    if (!draft || !title.trim() || title.trim() === draft.title) return;
    // A method that was saved keeps its id: other things refer to it.
    const taken = new Set(this.own().map(({ method }) => method.id));
    const id = this.saved()
      ? draft.id
      : freeId(idOf(title), (one) => methodById(one) !== undefined || taken.has(one));
    this.change({ ...draft, id, title: title.trim().slice(0, 120) });
  }

  /** Words of one's own for a sequence, or those that ship. */
  say(sequence: string, saying: Saying | null): void {
    const draft = this.draft();
    if (!draft) return;
    const others = (draft.sayings ?? []).filter(
      (one) => sequenceKey(one.sequence) !== sequenceKey(sequence),
    );
    const sayings = saying ? [...others, saying] : others;
    const { sayings: _, ...rest } = draft;
    this.change(sayings.length > 0 ? { ...rest, sayings } : rest);
  }

  choose(index: number, id: string): void {
    const draft = this.draft();
    if (!draft) return;
    this.slot.set(index);
    this.change(withApproach(draft, index, id));
  }

  makeOwn(): void {
    const [draft, chosen] = [this.draft(), this.chosen()];
    const own = draft && chosen && ownCopy(chosen, isTaken(draft));
    if (own) this.change(withApproach(draft, this.approaches().indexOf(chosen), own));
  }

  beginEmpty(): void {
    const [draft, chosen] = [this.draft(), this.chosen()];
    if (!draft || !chosen) return;
    const own = emptyApproach(chosen, isTaken(draft));
    this.change(withApproach(draft, this.approaches().indexOf(chosen), own));
  }

  private changeApproach(change: Partial<PatternApproach>): void {
    const chosen = this.editable();
    if (chosen) this.replaceApproach({ ...chosen, ...change });
  }

  private replaceApproach(next: PatternApproach): void {
    const [draft, chosen] = [this.draft(), this.editable()];
    if (!draft || !chosen) return;
    const approaches = this.approaches().map((one) => (one === chosen ? next : one));
    this.change(withApproaches(draft, approaches));
  }

  renameApproach(title: string): void {
    const chosen = this.editable();
    if (!title.trim() || !chosen) return;
    // A short title was made for the title before.
    const { short: _, ...rest } = chosen;
    this.replaceApproach({ ...rest, title: title.trim().slice(0, 120) });
  }

  turnOver(up: string): void {
    if (up === 'first' || up === 'opposite') this.changeApproach({ up });
  }

  keepHold(keepsHold: boolean): void {
    this.changeApproach({ keepsHold });
  }

  // By its id: what is typed belongs to the case that is seen, even if another one was just chosen.
  changeCase({ id, update }: CaseChange): void {
    const cases = this.editable()?.cases ?? [];
    this.changeApproach({ cases: cases.map((one) => (one.id === id ? update(one) : one)) });
  }

  addCase(): void {
    const editable = this.editable();
    if (!editable) return;
    this.changeApproach({ cases: [...editable.cases, newCase(editable.id, editable.cases)] });
    this.caseIndex.set(editable.cases.length);
  }

  removeCase(): void {
    const cases = this.editable()?.cases ?? [];
    const index = Math.min(this.caseIndex(), cases.length - 1);
    if (cases.length < 2) return;
    this.changeApproach({ cases: cases.filter((_, k) => k !== index) });
    this.caseIndex.set(Math.max(0, index - 1));
  }

  undo(): void {
    this.store.dispatch(WorkshopPage.changeUndone());
  }

  redo(): void {
    this.store.dispatch(WorkshopPage.changeRedone());
  }

  setSlot(index: number): void {
    this.caseIndex.set(0);
    this.slot.set(index);
  }
}
