import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  linkedSignal,
  signal,
  untracked,
} from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import { MatProgressBar } from '@angular/material/progress-bar';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Store } from '@ngrx/store';
import { describeErrors, fieldErrors, methodSchema } from '@sleetcrest/contract';
import {
  DEFAULT_METHOD,
  methodById,
  methodOf,
  stageWords,
  STANDARD_SCHEME,
  UP,
  type Method,
} from '@sleetcrest/core';
import {
  approachById,
  approachesAfter,
  isSearch,
  type Approach,
  type Case,
  type PatternApproach,
} from '@sleetcrest/core/methods';
import isEqual from 'fast-deep-equal';
import { saveAs } from 'file-saver';
import { historyKey } from '../../devices/keyboard/keys';
import { Consent } from '../../person/choosing/consent';
import { MethodChoice, type MethodChosen } from '../../person/choosing/method-choice';
import { MethodsPage } from '../../keeping/methods/methods.actions';
import { methodsFeature } from '../../keeping/methods/methods.feature';
import { copied } from '../../keeping/reader/reader';
import { readerFeature, SettingsPage } from '../../keeping/reader/reader.feature';
import { CaseForm, type CaseChange } from './case-form';
import {
  draftApproaches,
  copyOf,
  draftProblem,
  emptyApproach,
  freeId,
  idOf,
  newCase,
  ownCopy,
  withApproach,
  withApproaches,
  type Draft,
} from './drafting';
import { ProofPanel } from './proof-panel';
import { isProved, Proofs } from './proofs';
import { forgetDraft, rememberDraft, rememberedDraft } from './remembered-draft';
import { workshopFeature, WorkshopPage } from './workshop.feature';

const SETTLED = 250;

/** Where a coach makes a method of their own: swaps, changes, adds, and sees at once if it holds. */
@Component({
  selector: 'sc-workshop',
  imports: [
    CaseForm,
    MatButton,
    MatFormField,
    MatIcon,
    MatIconButton,
    MatInput,
    MatLabel,
    MatProgressBar,
    MethodChoice,
    ProofPanel,
  ],
  providers: [Proofs],
  templateUrl: './workshop.html',
  styleUrl: './workshop.scss',
  host: { '(document:keydown)': 'key($event)' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Workshop {
  private readonly store = inject(Store);
  private readonly consent = inject(Consent);
  private readonly snackBar = inject(MatSnackBar);
  protected readonly proofs = inject(Proofs);
  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  protected readonly own = this.store.selectSignal(methodsFeature.selectOwn);
  protected readonly status = this.store.selectSignal(methodsFeature.selectStatus);
  protected readonly failure = this.store.selectSignal(methodsFeature.selectFailure);
  protected readonly draft = this.store.selectSignal(workshopFeature.selectDraft);
  protected readonly canUndo = this.store.selectSignal(workshopFeature.selectCanUndo);
  protected readonly canRedo = this.store.selectSignal(workshopFeature.selectCanRedo);

  protected readonly base = signal<MethodChosen>(DEFAULT_METHOD.id);
  protected readonly importTrouble = signal<string | null>(null);
  protected readonly slot = signal(0);

  protected readonly approaches = computed((): Approach[] => {
    const draft = this.draft();
    return draft ? draftApproaches(draft).filter((one) => one !== undefined) : [];
  });
  protected readonly chosen = computed(
    () => this.approaches()[Math.min(this.slot(), this.approaches().length - 1)],
  );
  /** The chosen approach when it is one's own and can be changed. */
  protected readonly editable = computed((): PatternApproach | undefined => {
    const chosen = this.chosen();
    return chosen && !this.isBuiltIn(chosen) && !isSearch(chosen) ? chosen : undefined;
  });
  /** Which case is shown; the first one again when another approach is chosen. */
  protected readonly caseIndex = linkedSignal<string | undefined, number>({
    source: () => this.chosen()?.id,
    computation: (id, before) => (before?.source === id ? before!.value : 0),
  });
  protected readonly one = computed((): Case | undefined => {
    const cases = this.editable()?.cases;
    return cases?.[Math.min(this.caseIndex(), cases.length - 1)];
  });
  protected readonly isSearching = computed(() => {
    const chosen = this.chosen();
    return chosen !== undefined && isSearch(chosen);
  });
  protected readonly problem = computed(() => {
    const draft = this.draft();
    return draft ? draftProblem(draft) : undefined;
  });
  protected readonly slots = computed(() =>
    this.approaches().map((approach, k) => {
      const can = approachesAfter(this.approaches()[k - 1]);
      const options = can.some(({ id }) => id === approach.id) ? can : [approach, ...can];
      return {
        approach,
        title: stageWords(approach.stage, UP, STANDARD_SCHEME).title,
        options,
        mark: this.mark(approach),
      };
    }),
  );
  protected readonly proofState = computed(() => this.proofs.state(this.approaches()));
  protected readonly saved = computed(() => {
    const draft = this.draft();
    return this.own().find(({ method }) => method.id === draft?.id);
  });
  // The database gives back the same, its names perhaps in another order.
  protected readonly isSaved = computed(() => isEqual(this.saved()?.method, this.draft()));
  protected readonly isUsed = computed(() => {
    const { method } = this.reader();
    return typeof method !== 'string' && method.id === this.draft()?.id;
  });

  constructor() {
    this.store.dispatch(MethodsPage.opened());
    effect(() => rememberDraft(this.draft()));
    const given = (history.state as { method?: unknown } | null)?.method;
    const handed =
      typeof given === 'string' ? methodById(given) : methodSchema.safeParse(given).data;
    const left = this.draft() ? null : rememberedDraft();
    if (handed) this.takeUp(handed);
    else if (left) this.store.dispatch(WorkshopPage.methodTakenUp({ draft: left }));

    // Proofs follow the editing, the approach in hand first.
    effect((onCleanup) => {
      const chosen = this.chosen();
      const own = this.approaches().filter((one) => one !== chosen && !this.isBuiltIn(one));
      if (!chosen) return;
      const wanted = this.isBuiltIn(chosen) ? own : [chosen, ...own];
      const settle = setTimeout(() => {
        untracked(() => {
          if (wanted.length > 0) this.proofs.want(wanted);
        });
      }, SETTLED);
      onCleanup(() => clearTimeout(settle));
    });
  }

  protected isBuiltIn(approach: Approach): boolean {
    return approachById(approach.id) === approach;
  }

  private mark(approach: Approach): string {
    if (this.isBuiltIn(approach)) return 'built in';
    const verdict = this.proofs.verdict(approach);
    if (!verdict) return this.proofs.share(approach) === undefined ? 'not tried' : 'trying …';
    return isProved(verdict) ? 'proved' : 'fails';
  }

  /** Takes up somebody's own method as it is, a built-in one as a copy. */
  protected takeUp(method: Method): void {
    const taken = new Set(this.own().map((one) => one.method.id));
    const isOwn = !methodById(method.id);
    const draft = isOwn ? (copied(method) as Draft) : copyOf(method, taken);
    this.slot.set(0);
    this.store.dispatch(WorkshopPage.methodTakenUp({ draft }));
  }

  /** Leaves the draft as it is saved, for another one. */
  protected putAway(): void {
    const draft = this.draft();
    const saved = this.isSaved();
    forgetDraft();
    this.store.dispatch(WorkshopPage.draftPutAway());
    if (!draft || saved) return;
    this.snackBar
      .open(`“${draft.title}” was not saved.`, 'Take it up again', { duration: 8000 })
      .onAction()
      .subscribe(() => this.store.dispatch(WorkshopPage.methodTakenUp({ draft })));
  }

  protected takeUpBase(): void {
    const method = methodOf(this.base());
    if (method) this.takeUp(method);
  }

  private change(draft: Draft): void {
    this.store.dispatch(WorkshopPage.draftChanged({ draft }));
  }

  protected rename(title: string): void {
    const draft = this.draft();
    if (!draft || !title.trim() || title.trim() === draft.title) return;
    // A method that was saved keeps its id: other things refer to it.
    const taken = new Set(this.own().map(({ method }) => method.id));
    const id = this.saved()
      ? draft.id
      : freeId(idOf(title), (one) => methodById(one) !== undefined || taken.has(one));
    this.change({ ...draft, id, title: title.trim().slice(0, 120) });
  }

  protected choose(index: number, id: string): void {
    const draft = this.draft();
    if (!draft) return;
    this.slot.set(index);
    this.change(withApproach(draft, index, id));
  }

  protected makeOwn(): void {
    const [draft, chosen] = [this.draft(), this.chosen()];
    const own = draft && chosen && ownCopy(chosen, draft);
    if (own) this.change(withApproach(draft, this.approaches().indexOf(chosen), own));
  }

  protected beginEmpty(): void {
    const [draft, chosen] = [this.draft(), this.chosen()];
    if (!draft || !chosen) return;
    const own = emptyApproach(chosen, draft);
    this.change(withApproach(draft, this.approaches().indexOf(chosen), own));
  }

  private changeApproach(change: Partial<PatternApproach>): void {
    const [draft, chosen] = [this.draft(), this.editable()];
    if (!draft || !chosen) return;
    const approaches = this.approaches().map((one) =>
      one === chosen ? { ...chosen, ...change } : one,
    );
    this.change(withApproaches(draft, approaches));
  }

  protected renameApproach(title: string): void {
    if (title.trim()) this.changeApproach({ title: title.trim().slice(0, 120) });
  }

  protected turnOver(up: string): void {
    if (up === 'first' || up === 'opposite') this.changeApproach({ up });
  }

  protected keepHold(keepsHold: boolean): void {
    this.changeApproach({ keepsHold });
  }

  // By its id: what is typed belongs to the case that is seen, even if another one was just chosen.
  protected changeCase({ id, update }: CaseChange): void {
    const cases = this.editable()?.cases ?? [];
    this.changeApproach({ cases: cases.map((one) => (one.id === id ? update(one) : one)) });
  }

  protected addCase(): void {
    const editable = this.editable();
    if (!editable) return;
    this.changeApproach({ cases: [...editable.cases, newCase(editable.id, editable.cases)] });
    this.caseIndex.set(editable.cases.length);
  }

  protected removeCase(): void {
    const cases = this.editable()?.cases ?? [];
    const index = Math.min(this.caseIndex(), cases.length - 1);
    if (cases.length < 2) return;
    this.changeApproach({ cases: cases.filter((_, k) => k !== index) });
    this.caseIndex.set(Math.max(0, index - 1));
  }

  protected undo(): void {
    this.store.dispatch(WorkshopPage.changeUndone());
  }

  protected redo(): void {
    this.store.dispatch(WorkshopPage.changeRedone());
  }

  protected save(): void {
    const draft = this.draft();
    if (!draft || this.problem()) return;
    const kept = { method: draft, proof: this.proofState() };
    this.store.dispatch(MethodsPage.methodKept({ kept }));
  }

  protected remove(): void {
    const saved = this.saved();
    if (!saved) return;
    const { id, title } = saved.method;
    this.store.dispatch(MethodsPage.methodDeleted({ id, title }));
  }

  protected async use(): Promise<void> {
    const draft = this.draft();
    if (!draft || this.problem()) return;
    if (await this.consent.given(draft.title, this.proofState())) this.setMethod(draft);
  }

  private setMethod(method: Draft): void {
    this.store.dispatch(SettingsPage.settingChanged({ change: { method } }));
    this.snackBar.open(`“${method.title}” is now used everywhere.`, 'Good', { duration: 5000 });
  }

  protected exportFile(): void {
    const draft = this.draft();
    if (!draft) return;
    const text = JSON.stringify(draft, null, 2) + '\n';
    saveAs(new Blob([text], { type: 'application/json' }), `${draft.id}.method.json`);
  }

  /** Reads a Method document; one that cannot be used is refused whole. */
  protected async importFile(picker: HTMLInputElement): Promise<void> {
    const file = picker.files?.[0];
    picker.value = '';
    if (!file) return;
    const refuse = (why: string): void => this.importTrouble.set(`${file.name}: ${why}`);
    let json: unknown;
    try {
      json = JSON.parse(await file.text());
    } catch {
      refuse('this is not JSON. Export a method here to see what one looks like.');
      return;
    }
    const parsed = methodSchema.safeParse(json);
    if (!parsed.success) {
      refuse(describeErrors(fieldErrors(parsed.error)));
      return;
    }
    const problem = draftProblem(parsed.data);
    if (problem) {
      refuse(problem);
      return;
    }
    this.importTrouble.set(null);
    this.takeUp(parsed.data);
  }

  protected key(event: KeyboardEvent): void {
    const asked = historyKey(event);
    if (!asked) return;
    event.preventDefault();
    if (asked === 'redo') this.redo();
    else this.undo();
  }

  protected setSlot(index: number): void {
    this.slot.set(index);
  }
}
