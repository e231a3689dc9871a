import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import { type Stage, stageWords } from '@sleetcrest/core';
import { approachesOf } from '@sleetcrest/core/engine/run';
import {
  type Asked,
  dayNumber,
  type Grasp,
  leastOf,
  type Review,
} from '@sleetcrest/core/learner/answers';
import { cardsOnPath, freshOnPath } from '@sleetcrest/core/learner/exercises';
import type { PathCase, PathStage } from '@sleetcrest/core/learner/path';
import { type Approach, caseTitle } from '@sleetcrest/core/teaching/approaches';
import { v4 as uuid } from 'uuid';
import { type CaseKnown, PracticeBook } from '../../subjects/practice';
import { LearningWork } from '../../subjects/practice/work';
import { entryFeature } from '../../subjects/cube';
import { type Reader, readerFeature, SettingsPage } from '../../subjects/settings';
import { selectFirstSide, selectMethodChosen } from '../../subjects/method';
import { momentHere, today } from '../../base/words/days';
import { reading } from '../../base/reading/reading';

/** A case on the path, with its stage and how far one is with it. */
export interface LearnCase extends PathCase {
  readonly stage: Stage;
  readonly approach: string;
  readonly grasp: Grasp;
  readonly skipped: boolean;
  readonly see: number | null;
  readonly turn: number | null;
}

/** A stage of the path as this person stands in it. */
export interface LearnStage {
  readonly stage: Stage;
  readonly title: string;
  readonly short: string;
  readonly approach: string;
  readonly cases: readonly LearnCase[];
  readonly grasp: Grasp;
  /** Over how many starts of how many its cases' worth was counted. */
  readonly tried: number;
  readonly starts: number;
}

/** The part of an answer that a card tells; the rest is known by who asked. */
export type Answered = Pick<Review, 'right' | 'seconds' | 'answer' | 'turns' | 'by'>;

/** The path of the method chosen, what of it is known, and where answers go. */
@Injectable({ providedIn: 'root' })
export class Learning {
  private readonly store = inject(Store);
  private readonly work = inject(LearningWork);
  readonly book = inject(PracticeBook);
  readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  readonly method = this.store.selectSignal(selectMethodChosen);
  readonly first = this.store.selectSignal(selectFirstSide);
  /** Goes up with each answer given here. */
  private readonly answers = signal(0);
  readonly share = signal(0);

  readonly approaches = computed(() => approachesOf(this.method()));
  private readonly pathing = reading(
    () => this.method(),
    async (method, unwanted) => {
      const tell = (share: number): void => {
        if (!unwanted.aborted) this.share.set(share);
      };
      return { method, path: await this.work.path(method, tell) };
    },
  );
  /** The path of the method as it is; null while it is made. */
  readonly path = computed((): readonly PathStage[] | null => {
    const made = this.pathing.value();
    return made?.method === this.method() ? made.path : null;
  });
  readonly trouble = this.pathing.trouble;
  private readonly knowing = reading(
    () => ({
      path: this.path(),
      whose: this.book.reader(),
      arrivals: this.book.arrivals(),
      answers: this.answers(),
    }),
    async ({ path }) => {
      const cases = (path ?? []).flatMap((stage) =>
        stage.cases.map((one) => ({ case: one.case, sequence: one.drill })),
      );
      const known = await this.book.ask((practice) => practice.cases(cases, this.today()));
      return new Map(known.map((one) => [one.case, one]));
    },
  );
  readonly known = computed((): ReadonlyMap<string, CaseKnown> => this.knowing.value() ?? NONE);

  readonly stages = computed((): readonly LearnStage[] =>
    (this.path() ?? []).map(({ stage, approach, cases, tried, starts }) => {
      const all = cases.map((one): LearnCase => {
        const known = this.known().get(one.case);
        return {
          ...one,
          title: caseTitle(one, this.first(), this.scheme()),
          stage,
          approach,
          grasp: known?.grasp ?? 'new',
          see: known?.see ?? null,
          turn: known?.turn ?? null,
          skipped: this.skipped().has(one.case),
        };
      });
      const { title, short } = stageWords(stage, this.first(), this.scheme());
      const counted = all.filter(({ skipped }) => !skipped);
      const grasp = counted.length > 0 ? leastOf(counted.map((one) => one.grasp)) : 'new';
      return { stage, approach, title, short, cases: all, grasp, tried, starts };
    }),
  );
  readonly cases = computed(() => this.stages().flatMap(({ cases }) => cases));
  readonly skipped = computed(() => new Set(this.reader().learning.skipped));

  /** The first stage that is not sure, where one is. */
  readonly here = computed(() => this.stages().find(({ grasp }) => grasp !== 'sure'));
  /** What is new next: the first case on the path that was never begun. */
  readonly nextNew = computed(() =>
    this.cases().find(({ grasp, skipped }) => grasp === 'new' && !skipped),
  );

  /** The cards of what is on the path, so that no other is asked. */
  readonly wanted = computed(() => cardsOnPath(this.cases()));
  /** Cards that were never asked, in the order of the path. */
  readonly fresh = computed(() => freshOnPath(this.cases()));

  constructor() {
    // Whoever it is now: what they answered elsewhere is fetched.
    effect(() => {
      this.book.reader();
      untracked(() => void this.book.settle());
    });
  }

  today(): number {
    return dayNumber(today());
  }

  again(): void {
    this.pathing.again();
  }

  approachOf(caseId: string): Approach | undefined {
    return this.approaches().find(({ cases }) => cases.some(({ id }) => id === caseId));
  }

  caseCalled(id: string): LearnCase | undefined {
    return this.cases().find((one) => one.case === id);
  }

  /** Keeps an answer, given now. */
  async answer({ kind, item }: Pick<Asked, 'kind' | 'item'>, given: Answered): Promise<Review> {
    const review: Review = { id: uuid(), kind, item, at: momentHere(new Date()), ...given };
    await this.book.add(review);
    this.answers.update((count) => count + 1);
    return review;
  }

  change(change: Partial<Reader['learning']>): void {
    const learning = { ...this.reader().learning, ...change };
    this.store.dispatch(SettingsPage.settingChanged({ change: { learning } }));
  }

  skip(caseId: string, skipped: boolean): void {
    const others = this.reader().learning.skipped.filter((one) => one !== caseId);
    this.change({ skipped: skipped ? [...others, caseId] : others });
  }
}

const NONE: ReadonlyMap<string, CaseKnown> = new Map();
