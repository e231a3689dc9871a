import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Store } from '@ngrx/store';
import {
  countTurns,
  cubeAfter,
  HOME_HOLD,
  paintedFromCube,
  readMoves,
  stickersSeen,
} from '@sleetcrest/core';
import { entryFeature } from '../../subjects/cube';
import { readerFeature } from '../../subjects/settings';
import { Tiles } from '../../subjects/settings/parts/tiles';
import { Crown } from '../../ui/crown/crown';
import { SAY } from './words';

/** The turns that mix the cube, and how it must look after them. */
@Component({
  selector: 'sc-scramble-panel',
  imports: [Crown, MatButton, MatProgressBar, Tiles],
  template: `
    @if (scramble(); as turns) {
      <h2>
        {{ ofStage() ? say.mixToThisPositionFrom : say.turnsToMixIt }}
        <span class="quieter">{{
          say.held({ turns: count(), up: scheme()[0]!, front: scheme()[2]! })
        }}</span>
      </h2>
      <div class="mixing">
        <sc-tiles [turns]="turns" />
        <figure>
          <sc-crown
            [label]="say.theCubeAfterTheScramble"
            [stickers]="picture()"
            [letters]="letters()"
          />
          <figcaption class="quieter">{{ say.itMustLookLikeThis }}</figcaption>
        </figure>
      </div>
      <button matButton [disabled]="isLooking()" (click)="another.emit()">
        {{ say.anotherOne }}
      </button>
    } @else if (isMixing()) {
      <p class="quieter">{{ say.preparingAScrambleSlowOnly }}</p>
      <mat-progress-bar mode="indeterminate" [aria-label]="say.mixing" />
    }
  `,
  styles: `
    @use 'shapes';
    h2 {
      margin-bottom: 8px;
      font-size: var(--type-lead);
    }
    .mixing {
      display: grid;
      grid-template-columns: minmax(0, 1fr) 176px;
      gap: 12px;
    }
    figure {
      margin: 0;
    }
    @include shapes.up-to(shapes.$phone) {
      .mixing {
        grid-template-columns: minmax(0, 1fr);
      }
      figure {
        justify-self: center;
        order: -1;
        width: 150px;
      }
    }
    @media (max-height: 30em) {
      figure {
        width: 110px;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ScramblePanel {
  protected readonly say = SAY;
  /** The turns from solved; null until they are made. */
  readonly scramble = input.required<string | null>();
  readonly ofStage = input(false);
  readonly isLooking = input(false);
  readonly isMixing = input(true);
  readonly another = output();

  private readonly store = inject(Store);
  protected readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  protected readonly letters = this.store.selectSignal(readerFeature.selectLetters);
  private readonly moves = computed(() => {
    const read = readMoves(this.scramble() ?? '');
    return read.ok ? read.value : [];
  });
  protected readonly count = computed(() => countTurns(this.moves()));
  protected readonly picture = computed(() =>
    stickersSeen(paintedFromCube(cubeAfter(this.moves())), this.scheme(), HOME_HOLD),
  );
}
