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
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { stageWords } from '@sleetcrest/core';
import { apiFailure } from '../../base/api/failure';
import { SavedWalks, walkFeature, WalkPage } from '../../subjects/walk';
import { MethodStages } from '../../subjects/walk/work';
import { selectFirstSide } from '../../subjects/method';
import { entryFeature } from '../../subjects/cube';
import { Ridge, type RidgeStage } from '../../ui/ridge/ridge';
import { Entry } from './entry/entry';
import { Walk } from './walk/walk';
import { SAY } from './words';

/** The Bench: enter a cube, walk the solve. The ridge above shows how far it is. */
@Component({
  selector: 'sc-bench',
  imports: [Entry, MatButton, MatProgressBar, Ridge, RouterLink, Walk],
  template: `
    <sc-ridge [stages]="stages()" [walkable]="scene() !== null" (jumped)="jump($event)" />
    @if (!id()) {
      <sc-entry />
    } @else if (scene(); as shown) {
      @defer (on immediate) {
        <sc-walk [scene]="shown" />
      } @loading (after 100ms; minimum 300ms) {
        <mat-progress-bar mode="indeterminate" [aria-label]="say.fetchingTheWalk" />
      } @error {
        <div class="message" role="alert">
          <h1>{{ say.thisWalkCannotBeShown }}</h1>
          <p>{{ say.aPartOfThePage }}</p>
        </div>
      }
    } @else if (failure(); as message) {
      <div class="message" role="alert">
        <h1>{{ say.thisWalkCannotBeShown }}</h1>
        <p>{{ message }}</p>
        <div>
          @if (canRetry()) {
            <button matButton="outlined" (click)="tryAgain()">{{ say.tryAgain }}</button>
          }
          <a matButton="filled" routerLink="/bench">{{ say.enterACube }}</a>
        </div>
      </div>
    } @else {
      <mat-progress-bar mode="indeterminate" [aria-label]="say.findingTheWay" />
    }
  `,
  styles: `
    @use 'blocks';

    .message {
      @include blocks.set-off($bar: trouble);
      padding: 20px 24px;
      display: grid;
      gap: 12px;
      max-width: 40rem;
      margin: 48px auto;
    }
    .message div {
      display: flex;
      gap: 8px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Bench {
  protected readonly say = SAY;
  /** The id of the walk, from the address; none while a cube is entered. */
  readonly id = input<string>();

  private readonly store = inject(Store);
  private readonly saved = inject(SavedWalks);
  private readonly record = this.store.selectSignal(walkFeature.selectRecord);
  private readonly made = this.store.selectSignal(walkFeature.selectScene);
  private readonly walkFailure = this.store.selectSignal(walkFeature.selectFailure);
  private readonly first = this.store.selectSignal(selectFirstSide);
  private readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  private readonly notFound = signal<string | null>(null);
  protected readonly canRetry = computed(() =>
    this.record()?.id === this.id() ? this.walkFailure() !== null : this.isCutOff(),
  );
  private readonly isCutOff = signal(false);
  private readonly ahead = inject(MethodStages).stages;

  /** What is shown, if the walk in hand is the one the address names. */
  protected readonly scene = computed(() =>
    this.id() !== undefined && this.record()?.id === this.id() ? this.made() : null,
  );
  protected readonly failure = computed(() =>
    this.record()?.id === this.id() ? this.walkFailure() : this.notFound(),
  );
  protected readonly stages = computed((): readonly (RidgeStage & { firstStep?: number })[] => {
    const scene = this.scene();
    if (scene) return scene.ridge;
    const scheme = this.scheme();
    const first = this.first();
    return this.ahead().map((stage) => ({
      id: stage,
      title: stageWords(stage, first, scheme).title,
      short: stageWords(stage, first, scheme).short,
      turns: null,
      state: 'ahead',
      fraction: 0,
    }));
  });

  constructor() {
    effect(() => {
      const id = this.id();
      untracked(() => {
        if (id !== undefined && this.record()?.id !== id) this.fetch();
      });
    });
  }

  /** Fetches the walk the address names. */
  protected fetch(): void {
    const id = this.id();
    if (id === undefined) return;
    this.notFound.set(null);
    void this.saved.read(id).then(
      (record) => {
        // Another may have been asked for meanwhile.
        if (id === this.id()) this.store.dispatch(WalkPage.savedWalkOpened({ record }));
      },
      (error: unknown) => {
        if (id !== this.id()) return;
        const { message, unreachable } = apiFailure(error);
        this.isCutOff.set(unreachable);
        this.notFound.set(message);
      },
    );
  }

  protected tryAgain(): void {
    if (this.record()?.id === this.id()) this.store.dispatch(WalkPage.planAskedAgain());
    else this.fetch();
  }

  protected jump(index: number): void {
    const step = this.stages()[index]?.firstStep;
    if (step !== undefined) this.store.dispatch(WalkPage.stepChosen({ step }));
  }
}
