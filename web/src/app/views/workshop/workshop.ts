import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  signal,
  untracked,
} from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Notices } from '../../base/dialogs/notices';
import { Store } from '@ngrx/store';
import { methodSchema } from '@sleetcrest/contract';
import {
  DEFAULT_METHOD,
  type Method,
  methodById,
  methodOf,
  METHODS,
  stageWords,
  STANDARD_SCHEME,
  UP,
  methodTitle,
} from '@sleetcrest/core';
import { type Approach, approachShort } from '@sleetcrest/core/teaching/approaches';
import { approachesAfter } from '@sleetcrest/core/teaching/methods';
import isEqual from 'fast-deep-equal';
import { listensTo } from '../../base/keys/keyboard';
import { WORKSHOP_KEYS } from './workshop.keys';
import { Consent, MethodStore } from '../../subjects/method';
import { MethodChoice, type MethodChosen } from '../../subjects/method/parts/method-choice';
import { copied, readerFeature, SettingsPage } from '../../subjects/settings';
import { DraftDesk } from './draft-desk';
import { readMethodFile, saveMethod } from './method-file';
import { copyOf, type Draft } from './drafting';
import { ToldField } from '../../ui/fields/told-field';
import { MethodCard } from './method-card';
import { ProofPanel } from './proof-panel';
import { isProved, Proofs } from './proofs';
import { keptDraft } from './remembered-draft';
import { WorkshopPage } from './workshop.feature';
import { Trouble } from '../../ui/trouble';
import { Choice } from '../../ui/fields/choice';
import { ApproachWork } from './approach-work';
import { Page } from '../../ui/page';
import { SAY } from './words';

const SETTLED = 250;

/** Where a coach makes a method of their own: swaps, changes, adds, and sees at once if it holds. */
@Component({
  selector: 'sc-workshop',
  imports: [
    Page,
    ApproachWork,
    Choice,
    MatButton,
    MatIcon,
    MatIconButton,
    MatProgressBar,
    MethodCard,
    MethodChoice,
    ProofPanel,
    ToldField,
    Trouble,
  ],
  providers: [DraftDesk, Proofs],
  templateUrl: './workshop.html',
  styleUrl: './workshop.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Workshop {
  protected readonly say = SAY;
  private readonly store = inject(Store);
  private readonly methods = inject(MethodStore);
  private readonly consent = inject(Consent);
  private readonly notices = inject(Notices);
  protected readonly proofs = inject(Proofs);
  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  protected readonly own = this.methods.own;
  protected readonly status = this.methods.status;
  protected readonly failure = this.methods.failure;
  protected readonly desk = inject(DraftDesk);
  private readonly draft = this.desk.draft;

  protected readonly builtIn = METHODS;
  protected readonly base = signal<MethodChosen>(DEFAULT_METHOD.id);
  protected readonly importTrouble = signal<string | null>(null);

  protected readonly slots = computed(() =>
    this.desk.approaches().map((approach, k) => {
      const can = approachesAfter(this.desk.approaches()[k - 1]);
      const options = can.some(({ id }) => id === approach.id) ? can : [approach, ...can];
      return {
        approach,
        title: stageWords(approach.stage, UP, STANDARD_SCHEME).title,
        options: options.map((one) => ({ value: one.id, name: approachShort(one) })),
        mark: this.mark(approach),
      };
    }),
  );
  protected readonly proofState = computed(() => this.proofs.state(this.desk.approaches()));
  // The database gives back the same, its names perhaps in another order.
  protected readonly isSaved = computed(() => isEqual(this.desk.saved()?.method, this.draft()));
  protected readonly isUsed = computed(() => {
    const { method } = this.reader();
    return typeof method !== 'string' && method.id === this.draft()?.id;
  });

  constructor() {
    listensTo(WORKSHOP_KEYS, { undo: () => this.desk.undo(), redo: () => this.desk.redo() });
    void this.methods.list();
    effect(() => {
      const draft = this.draft();
      if (draft) keptDraft.keep(draft);
    });
    const given = (history.state as { method?: unknown } | null)?.method;
    const handed =
      typeof given === 'string' ? methodById(given) : methodSchema.safeParse(given).data;
    const left = this.draft() ? null : keptDraft.read();
    if (handed) this.takeUp(handed);
    else if (left) this.store.dispatch(WorkshopPage.methodTakenUp({ draft: left }));

    // Proofs follow the editing, the approach in hand first.
    effect((onCleanup) => {
      const chosen = this.desk.chosen();
      const own = this.desk
        .approaches()
        .filter((one) => one !== chosen && !this.desk.isBuiltIn(one));
      if (!chosen) return;
      const wanted = this.desk.isBuiltIn(chosen) ? own : [chosen, ...own];
      const settle = setTimeout(() => {
        untracked(() => {
          if (wanted.length > 0) this.proofs.want(wanted);
        });
      }, SETTLED);
      onCleanup(() => clearTimeout(settle));
    });
  }

  private mark(approach: Approach): string {
    if (this.desk.isBuiltIn(approach)) return SAY.builtIn2;
    const verdict = this.proofs.verdict(approach);
    if (!verdict) return this.proofs.share(approach) === undefined ? SAY.notTried : SAY.trying;
    return isProved(verdict) ? 'proved' : 'fails';
  }

  /** Takes up somebody's own method as it is, a built-in one as a copy. */
  protected takeUp(method: Method): void {
    const taken = new Set(this.own().map((one) => one.method.id));
    const isOwn = !methodById(method.id);
    const draft = isOwn ? (copied(method) as Draft) : copyOf(method, taken);
    this.desk.slot.set(0);
    this.store.dispatch(WorkshopPage.methodTakenUp({ draft }));
  }

  /** Leaves the draft as it is saved, for another one. */
  protected putAway(): void {
    const draft = this.draft();
    const saved = this.isSaved();
    keptDraft.forget();
    this.store.dispatch(WorkshopPage.draftPutAway());
    if (!draft || saved) return;
    void this.notices.offerUndo(
      SAY.wasNotSaved({ title: draft.title }),
      () => this.store.dispatch(WorkshopPage.methodTakenUp({ draft })),
      SAY.takeItUpAgain,
    );
  }

  protected takeUpBase(): void {
    const method = methodOf(this.base());
    if (method) this.takeUp(method);
  }

  protected save(): void {
    const draft = this.draft();
    if (!draft || this.desk.problem()) return;
    const kept = { method: draft, proof: this.proofState() };
    void this.methods.keep(kept);
  }

  protected remove(): void {
    const saved = this.desk.saved();
    if (!saved) return;
    const { id, title } = saved.method;
    void this.methods.remove(id, title);
  }

  protected async use(): Promise<void> {
    const draft = this.draft();
    if (!draft || this.desk.problem()) return;
    if (await this.consent.given(draft.title, this.proofState())) this.setMethod(draft);
  }

  private setMethod(method: Draft): void {
    this.store.dispatch(SettingsPage.settingChanged({ change: { method } }));
    void this.notices.say(SAY.isNowUsedEverywhere({ title: methodTitle(method) }), SAY.good);
  }

  protected exportFile(): void {
    const draft = this.draft();
    if (draft) saveMethod(draft);
  }

  protected async importFile(picker: HTMLInputElement): Promise<void> {
    const file = picker.files?.[0];
    picker.value = '';
    if (!file) return;
    const read = await readMethodFile(file);
    this.importTrouble.set(read.ok ? null : read.error);
    if (read.ok) this.takeUp(read.value);
  }
}
