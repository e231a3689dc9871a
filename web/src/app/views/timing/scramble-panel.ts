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
import { counted } from '../../base/words/counted';

/** The turns that mix the cube, and how it must look after them. */
@Component({
  selector: 'sc-scramble-panel',
  imports: [Crown, MatButton, MatProgressBar, Tiles],
  template: `
    @if (scramble(); as turns) {
      <h2>
        {{ ofStage() ? 'Mix to this position (from a solved cube)' : 'Turns to mix it' }}
        <span class="quieter"
          >{{ count() }}, held {{ scheme()[0] }} up, {{ scheme()[2] }} in front</span
        >
      </h2>
      <div class="mixing">
        <sc-tiles [turns]="turns" />
        <figure>
          <sc-crown
            label="The cube after the scramble"
            [stickers]="picture()"
            [letters]="letters()"
          />
          <figcaption class="quieter">It must look like this.</figcaption>
        </figure>
      </div>
      <button matButton [disabled]="isLooking()" (click)="another.emit()">Another one</button>
    } @else if (isMixing()) {
      <p class="quieter">Preparing a scramble (slow only the first time)</p>
      <mat-progress-bar mode="indeterminate" aria-label="Mixing" />
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
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ScramblePanel {
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
  protected readonly count = computed(() => counted(countTurns(this.moves()), 'turn'));
  protected readonly picture = computed(() =>
    stickersSeen(paintedFromCube(cubeAfter(this.moves())), this.scheme(), HOME_HOLD),
  );
}
