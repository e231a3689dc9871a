import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Router, RouterLink } from '@angular/router';
import { dayNamed } from '@sleetcrest/core/learner/answers';
import { MethodChoice, type MethodChosen } from '../../subjects/method/parts/method-choice';
import { copied, SettingsPage } from '../../subjects/settings';
import { accountFeature } from '../../subjects/account';
import { Assignments } from '../../subjects/group/parts/assignments';
import { Store } from '@ngrx/store';
import { Ridge, type RidgeStage } from '../../ui/ridge/ridge';
import { ofCubes, percent } from '../../base/words/percent';
import { reading } from '../../base/reading/reading';
import { Learning, type LearnCase } from './learning';
import { Trouble } from '../../ui/trouble';
import { KINDS } from '../../subjects/practice';
import { Page } from '../../ui/page';
import { daySaid } from '../../base/words/days';
import { CaseName } from '../../subjects/method/parts/case-name';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../ui/sentence/sentence';

const GRASPS = { new: SAY.new, begun: SAY.begun, known: SAY.known, sure: SAY.sure };

/** The path: first things, the stages of the method, whole solves; and what is to be done today. */
@Component({
  selector: 'sc-learn',
  imports: [
    Sentence,
    SentenceSlot,
    CaseName,
    Page,
    Assignments,
    MatButton,
    MatProgressBar,
    MethodChoice,
    Ridge,
    RouterLink,
    Trouble,
  ],
  templateUrl: './learn.html',
  styleUrl: './learn.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Learn {
  protected readonly say = SAY;
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  protected readonly kinds = KINDS;
  protected readonly learning = inject(Learning);
  protected readonly percent = percent;
  protected readonly grasps = GRASPS;
  private readonly account = this.store.selectSignal(accountFeature.selectAccount);
  protected readonly isLearner = computed(() => this.account()?.role === 'learner');
  private readonly picked = signal<string | null>(null);

  /** The stage whose cases are shown: the one picked, or the first that is not sure. */
  protected readonly stage = computed(
    () =>
      this.learning.stages().find(({ stage }) => stage === this.picked()) ??
      this.learning.here() ??
      this.learning.stages().at(0),
  );
  protected readonly ridge = computed((): RidgeStage[] => {
    const { firstPage } = this.learning.reader();
    const stages = this.learning.stages().map((one): RidgeStage => {
      const counting = one.cases.filter(({ skipped }) => !skipped);
      const sure = counting.filter(({ grasp }) => grasp === 'sure').length;
      const known = counting.filter(({ grasp }) => grasp === 'known').length;
      return {
        id: one.stage,
        title: one.title,
        short: one.short,
        turns: null,
        state: one === this.stage() ? 'here' : one.grasp === 'sure' ? 'walked' : 'ahead',
        fraction: counting.length > 0 ? (sure + known / 2) / counting.length : 0,
      };
    });
    return [
      {
        id: 'first',
        title: SAY.firstThings,
        short: SAY.first,
        turns: null,
        state: firstPage >= 8 ? 'walked' : 'ahead',
        fraction: firstPage / 8,
      },
      ...stages,
      {
        id: 'whole',
        title: SAY.wholeSolves,
        short: SAY.solves,
        turns: null,
        state: 'ahead',
        fraction: 0,
      },
    ];
  });

  private readonly outlooking = reading(
    () => {
      const { learning } = this;
      return {
        wanted: learning.wanted(),
        fresh: learning.fresh(),
        known: learning.known(),
        minutes: learning.reader().learning.minutes,
      };
    },
    ({ wanted, fresh, minutes }) =>
      this.learning.book.ask((practice) =>
        practice.outlook(this.learning.today(), wanted, fresh, minutes * 60),
      ),
  );
  protected readonly outlook = this.outlooking.value;
  /** What today's practice will be, and why, in sentences. */
  protected readonly today = computed((): readonly { says: string; case?: string }[] => {
    const outlook = this.outlook();
    // While a method of one's own is counted, what is due of it is not known.
    if (!outlook || !this.learning.path()) return [];
    const minutes = Math.max(1, Math.round(outlook.seconds / 60));
    const fresh = this.learning.nextNew();
    const here = this.learning.here();
    const due =
      outlook.due > 0
        ? SAY.cardsToRepeatAboutMinutes({ cards: outlook.due, minutes })
        : outlook.answers === 0
          ? SAY.nothingToRepeatYet
          : outlook.nextDay === null
            ? SAY.nothingToRepeatNow
            : SAY.nothingToRepeatUntil({ nextDay: this.dayWords(outlook.nextDay) });
    return [
      { says: due },
      ...(fresh && outlook.fresh > 0
        ? [{ says: SAY.oneNewThing, case: fresh.case }]
        : fresh
          ? [{ says: SAY.nothingNewTodayThereIs }]
          : []),
      ...(here ? [{ says: SAY.thenAWholeStageTimed({ title: here.title }) }] : []),
    ];
  });

  /** How far one comes with the cases learned so far, of the stage shown. */
  protected readonly curve = computed(() => {
    const cases = this.stage()?.cases.filter(({ direct }) => direct !== null) ?? [];
    return cases.map(({ direct, title }, k) => ({
      title,
      direct: direct!,
      count: k + 1,
      known: cases.slice(0, k + 1).every(({ grasp }) => grasp === 'known' || grasp === 'sure'),
    }));
  });
  protected readonly curveSays = computed(() => {
    const curve = this.curve();
    const half = curve.find(({ direct }) => direct >= 0.5) ?? curve.at(-1);
    if (!half) return '';
    if (half.direct === 1 && curve.length === 1) return SAY.thisOneCaseIsAll;
    return SAY.canFinish({
      which: whichOf(half.count, curve.length),
      count: half.count,
      all: curve.length,
      cubes: ofCubes(half.direct),
    });
  });

  private dayWords(day: number): string {
    const today = this.learning.today();
    return day === today + 1 ? SAY.tomorrow : daySaid(dayNamed(day));
  }

  protected whyOf({ chance }: LearnCase): string {
    return SAY.comesUpIn({ chance: ofCubes(chance) });
  }

  /** A stage is shown here; what comes before and after the stages has its own view. */
  protected jump(at: number): void {
    const id = this.ridge()[at]?.id;
    if (id === 'first') void this.router.navigate(['/first']);
    else if (id === 'whole') void this.router.navigate(['/timing']);
    else if (id !== undefined) this.picked.set(id);
  }

  protected chooseMethod(method: MethodChosen): void {
    this.store.dispatch(SettingsPage.settingChanged({ change: { method: copied(method) } }));
    this.picked.set(null);
  }

  /** Takes what was written as near as it can be; what is no number changes nothing. */
  protected minutes(field: HTMLInputElement): void {
    const minutes = Math.min(60, Math.max(2, Math.round(field.valueAsNumber)));
    if (!Number.isNaN(minutes)) this.learning.change({ minutes });
    field.value = String(this.learning.reader().learning.minutes);
  }
}

/** How the first so many of all are named. */
function whichOf(count: number, all: number): string {
  if (count === all) return all === 1 ? 'only' : 'all';
  return count === 1 ? 'first' : 'some';
}
