import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Router, RouterLink } from '@angular/router';
import { shortTitle } from '@sleetcrest/core';
import { caseTitle } from '@sleetcrest/core/teaching/approaches';
import { drilled } from '@sleetcrest/core/learner/path';
import { reading } from '../../../base/reading/reading';
import { smallSeed } from '../../../base/work/chance';
import { SimulatedCube } from '../../../devices/cube/simulated-cube';
import { tellsWhere } from '../../../subjects/group';
import { Work } from '../../../subjects/method/work';
import { LearningWork } from '../../../subjects/practice/work';
import { Trouble } from '../../../ui/trouble';
import { Learning, type Answered } from '../learning';
import { LessonAmong } from './lesson-among';
import { LessonDone } from './lesson-done';
import { LessonWatch } from './lesson-watch';
import { Page } from '../../../ui/page';
import { CaseName } from '../../../subjects/method/parts/case-name';
import { SAY } from './words';

type Part = 'watch' | 'together' | 'alone' | 'among';
const PARTS: readonly { value: Part; name: string }[] = [
  { value: 'watch', name: SAY.watch },
  { value: 'together', name: SAY.together },
  { value: 'alone', name: SAY.aloneFromThePicture },
  { value: 'among', name: SAY.amongOthers },
];

/** A lesson for one case: watched, done together, done alone, and found among others. */
@Component({
  selector: 'sc-lesson',
  imports: [
    CaseName,
    Page,
    LessonAmong,
    LessonDone,
    LessonWatch,
    MatButton,
    MatProgressBar,
    RouterLink,
    Trouble,
  ],
  templateUrl: './lesson.html',
  styleUrls: ['../page.scss', './lesson.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Lesson {
  protected readonly say = SAY;
  /** The case, from the address; empty where that names none. */
  readonly case = input('', { transform: (named: string | undefined) => named ?? '' });

  /** `first` where one came to see what to look at first. */
  readonly look = input<string>();

  protected readonly learning = inject(Learning);
  private readonly work = inject(Work);
  private readonly making = inject(LearningWork);
  private readonly router = inject(Router);
  protected readonly parts = PARTS;

  protected readonly approach = computed(() => this.learning.approachOf(this.case()));
  /** The case and what the hands learn of it; known at once, before the path is worked out. */
  protected readonly about = computed(() => {
    const approach = this.approach();
    const one = approach?.cases.find(({ id }) => id === this.case());
    return (
      approach &&
      one && {
        case: one.id,
        title: caseTitle(one, this.learning.first(), this.learning.scheme()),
        ...drilled(approach, one.id),
      }
    );
  });
  protected readonly part = computed((): Part => {
    const left = this.learning.reader().learning.lesson;
    return left?.case === this.case() ? left.part : 'watch';
  });
  private readonly partAt = computed(() => PARTS.findIndex(({ value }) => value === this.part()));

  private readonly fresh = signal(0);
  /** A cube on which the case waits, another for each part. */
  protected readonly shown = reading(
    () =>
      this.approach() && {
        case: this.case(),
        method: this.learning.method(),
        first: this.learning.first(),
        part: this.part(),
        fresh: this.fresh(),
      },
    ({ case: id, method, first }) => this.making.show(id, method, first, smallSeed()),
    { whenAnother: 'drop' },
  );
  /** What is said where the case asked for is in no lesson of the method. */
  protected readonly noCase = computed(() => {
    const id = this.case();
    return id ? SAY.noSuchCase({ method: shortTitle(this.learning.method()), id }) : SAY.noCase;
  });
  private readonly card_ = reading(
    () => ({ method: this.learning.method(), case: this.case() }),
    async ({ method, case: id }) => {
      const { firstColour } = this.learning.reader();
      const cards = await this.work.cards(method, firstColour, this.learning.scheme());
      return cards.ok ? cards.value.find((one) => one.id === id) : undefined;
    },
    { whenAnother: 'drop' },
  );
  /** What is said of the case. */
  protected readonly card = this.card_.value;

  constructor() {
    tellsWhere(() => {
      const about = this.about();
      return about
        ? { doing: 'lesson', title: about.title, at: this.partAt(), of: PARTS.length, cube: null }
        : null;
    });
    effect(() => {
      if (this.look() !== 'first' || !this.shown.value()) return;
      document.getElementById('look-first')?.scrollIntoView();
    });
    const device = inject(SimulatedCube);
    inject(DestroyRef).onDestroy(() => device.disconnect());
  }

  protected goTo(part: Part): void {
    this.learning.change({ lesson: { case: this.case(), part } });
  }

  protected another(): void {
    this.fresh.update((count) => count + 1);
  }

  /** What was done alone is an answer: of the case, and of the sequence. */
  protected finished(given: Answered): void {
    const one = this.about();
    if (this.part() !== 'alone' || !one) return;
    void this.learning.answer({ kind: 'both', item: one.case }, given);
    if (one.drill === '') return;
    void this.learning.answer({ kind: 'turn', item: one.drill }, { ...given, turns: one.turns });
  }

  protected over(): void {
    this.learning.change({ lesson: null });
    void this.router.navigate(['/learn']);
  }
}
