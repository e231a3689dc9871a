import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { MatIcon } from '@angular/material/icon';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { type Colour, sideOfColour, stageWords, wayTo, methodTitle } from '@sleetcrest/core';
import { casesSeen } from '@sleetcrest/core/engine/find';
import type { MethodSurvey } from '@sleetcrest/core/engine/prove';
import { approachesOf, type CaseSurvey, meanOf } from '@sleetcrest/core/engine/run';
import type { CaseCard } from '@sleetcrest/core/shown/cases';
import { entryFeature } from '../../subjects/cube';
import { selectFirstSide, selectMethodChosen } from '../../subjects/method';
import { Work } from '../../subjects/method/work';
import { MethodChoice, type MethodChosen } from '../../subjects/method/parts/method-choice';
import { copied, readerFeature, SettingsPage } from '../../subjects/settings';
import { Picture } from '../../subjects/settings/parts/picture';
import { reading } from '../../base/reading/reading';
import { Crown, type Stroke } from '../../ui/crown/crown';
import { Pots } from '../../ui/pots/pots';
import { Ridge, type RidgeStage } from '../../ui/ridge/ridge';
import { CaseDetail } from './case-detail';
import { ofCubes } from '../../base/words/percent';
import { Trouble } from '../../ui/trouble';
import { Page } from '../../ui/page';
import { SAY } from './words';
import { approachTitle } from '@sleetcrest/core/teaching/approaches';

/** Every case of the chosen method: what is seen, how often it comes up, what to turn. */
@Component({
  selector: 'sc-cases',
  imports: [
    Page,
    CaseDetail,
    Crown,
    MatButton,
    MatIcon,
    MatProgressBar,
    MethodChoice,
    Picture,
    Pots,
    Ridge,
    Trouble,
  ],
  templateUrl: './cases.html',
  styleUrl: './cases.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Cases {
  protected readonly say = SAY;
  protected readonly approachTitle = approachTitle;
  protected readonly methodTitle = methodTitle;
  /** The case shown, from the address. */
  readonly case = input<string>();

  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly dialog = inject(MatDialog);
  private readonly work = inject(Work);
  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  protected readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  protected readonly ofCubes = ofCubes;

  protected readonly method = this.store.selectSignal(selectMethodChosen);
  protected readonly first = this.store.selectSignal(selectFirstSide);
  private readonly approaches = computed(() => approachesOf(this.method()));

  private readonly carded = reading(
    () => ({ method: this.method(), first: this.reader().firstColour, scheme: this.scheme() }),
    async (wanted) => {
      const cards = await this.work.cards(wanted.method, wanted.first, wanted.scheme);
      if (!cards.ok) throw new Error(cards.error);
      return { wanted, cards: cards.value };
    },
  );
  /** Those of the method as it is; null while they are made. */
  protected readonly cards = computed((): readonly CaseCard[] | null => {
    const made = this.carded.value();
    return made?.wanted.method === this.method() ? made.cards : null;
  });
  private readonly surveying = reading(
    () => this.method(),
    async (method, unwanted) => {
      const tell = (share: number): void => {
        if (!unwanted.aborted) this.share.set(share);
      };
      this.share.set(0);
      return { method, survey: await this.work.survey(method, tell) };
    },
  );
  private readonly share = signal(0);
  protected readonly survey = computed((): MethodSurvey | null => {
    const made = this.surveying.value();
    return made?.method === this.method() ? made.survey : null;
  });
  /** How much of it is counted; null while nothing is. */
  protected readonly surveyed = computed(() => (this.surveying.isBusy() ? this.share() : null));
  protected readonly stopped = computed(() => this.surveying.trouble() !== null);
  protected readonly failure = computed(
    () => this.carded.trouble() ?? (this.halted() ? null : this.surveying.trouble()),
  );
  /** Whether counting was stopped by a press. */
  private readonly halted = signal(false);
  protected readonly stage = signal<string | null>(null);

  /** What someone sees, by sticker: the colour. */
  protected readonly seen = signal<ReadonlyMap<number, Colour>>(new Map());
  protected readonly brush = signal<Colour | null>(null);
  protected readonly paint = computed(() => this.brush() ?? this.scheme()[(this.first() + 3) % 6]!);
  protected readonly stickers = computed(() =>
    Array.from({ length: 54 }, (_, sticker) => this.seen().get(sticker) ?? null),
  );

  protected readonly here = computed(
    () =>
      this.approaches().find(({ stage }) => stage === this.stage()) ??
      this.approaches().find(({ cases }) => cases.some(({ id }) => id === this.case())) ??
      this.approaches()[0],
  );
  /** The cases that can be what is seen, and in which hold. */
  private readonly fitting = computed(() => {
    const seen = new Map(
      [...this.seen()].map(([sticker, colour]) => [sticker, sideOfColour(this.scheme(), colour)]),
    );
    return new Map(
      this.approaches().flatMap((approach) => [...casesSeen(approach, seen, this.first())]),
    );
  });
  /** Those of the stage, or of all stages those that can be what is seen. */
  protected readonly shown = computed((): readonly CaseCard[] => {
    const cards = this.cards() ?? [];
    if (this.seen().size === 0) return cards.filter(({ stage }) => stage === this.here()?.stage);
    const fitting = this.fitting();
    const elsewhere = ({ stage }: CaseCard): number => Number(stage !== this.here()?.stage);
    // This stage first; then cases that ask about most of what is seen.
    return cards
      .filter(({ id }) => fitting.has(id))
      .sort(
        (a, b) =>
          elsewhere(a) - elsewhere(b) || fitting.get(b.id)!.asked - fitting.get(a.id)!.asked,
      );
  });

  /** How to come from the hold that was painted to that of a case; empty where nothing of it was. */
  protected turnFirst(id: string): string {
    const fits = this.fitting().get(id);
    if (!fits || fits.asked === 0) return '';
    const way = wayTo(fits.painted, fits.hold);
    return way === '' ? SAY.holdItAsYouPainted : SAY.fromHowYouPaintedIt({ way });
  }

  protected readonly chosen = computed(
    () => this.shown().find(({ id }) => id === this.case()) ?? this.shown().at(0),
  );

  protected readonly ridge = computed((): RidgeStage[] => {
    const survey = this.survey();
    return this.approaches().map((approach, k) => ({
      id: approach.stage,
      title: stageWords(approach.stage, this.first(), this.scheme()).title,
      short: stageWords(approach.stage, this.first(), this.scheme()).short,
      turns: survey ? Math.round(meanOf(survey.stages[k]!.turns)) : null,
      state: approach === this.here() ? 'here' : 'ahead',
      fraction: 0,
    }));
  });

  /** Tries once more what failed, or counts again after it was stopped. */
  protected count(): void {
    this.halted.set(false);
    if (this.carded.trouble() !== null) this.carded.again();
    this.surveying.again();
  }

  protected stopCounting(): void {
    this.halted.set(true);
    this.work.stopSurveys();
  }

  protected surveyOf(id: string): CaseSurvey | undefined {
    return this.survey()
      ?.stages.flatMap(({ cases }) => cases)
      .find((one) => one.case === id);
  }

  protected readonly ridgeTitle = computed(
    () => this.ridge().find(({ state }) => state === 'here')?.title ?? '',
  );

  protected stageTitle({ stage }: CaseCard): string {
    return stageWords(stage, this.first(), this.scheme()).title;
  }

  protected chooseMethod(method: MethodChosen): void {
    this.store.dispatch(SettingsPage.settingChanged({ change: { method: copied(method) } }));
    this.clear();
  }

  protected pick(stage: string): void {
    this.stage.set(stage);
    this.clear();
    void this.router.navigate(['/cases']);
  }

  protected open(id: string): void {
    void this.router.navigate(['/cases'], { queryParams: { case: id }, replaceUrl: true });
  }

  protected see({ sticker, colour }: Stroke): void {
    // Read anew each time: several strokes may come before the page is drawn again.
    const seen = new Map(this.seen());
    const paint = colour === undefined ? this.paint() : colour;
    if (paint === null || (colour === undefined && seen.get(sticker) === paint)) {
      seen.delete(sticker);
    } else seen.set(sticker, paint);
    this.seen.set(seen);
  }

  protected clear(): void {
    this.seen.set(new Map());
  }

  protected async print(): Promise<void> {
    const { HandoutDialog } = await import('./handout-dialog');
    this.dialog.open(HandoutDialog, {
      data: { method: this.reader().method, stage: this.here()?.stage ?? null },
      width: '520px',
    });
  }
}
