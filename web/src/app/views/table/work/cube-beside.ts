import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { type CubeDocument, HOME_HOLD, readCubeDocument, stickersSeen } from '@sleetcrest/core';
import { EntryPage } from '../../../subjects/cube';
import { Crown } from '../../../ui/crown/crown';
import { SAY } from './words';

/** A cube that was handed in with a question; the Bench says what comes next on it. */
@Component({
  selector: 'sc-cube-beside',
  imports: [Crown, MatButton],
  template: `
    @if (picture(); as stickers) {
      <sc-crown [label]="say.theCubeThatIsAsked" [stickers]="stickers" [letters]="letters()" />
      <button matButton="outlined" (click)="toBench()">{{ say.lookAtItOnThe }}</button>
    } @else {
      <p>{{ say.thisCubeCannotBeRead }}</p>
    }
  `,
  styles: `
    :host {
      display: grid;
      gap: 8px;
      justify-items: center;
      align-content: start;
    }
    sc-crown {
      width: min(320px, 100%);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CubeBeside {
  protected readonly say = SAY;
  readonly cube = input.required<CubeDocument>();
  readonly letters = input(false);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly read = computed(() => readCubeDocument(this.cube()));
  protected readonly picture = computed(() => {
    const read = this.read();
    return read.ok ? stickersSeen(read.value.painted, read.value.scheme, HOME_HOLD) : null;
  });

  protected toBench(): void {
    const read = this.read();
    if (!read.ok) return;
    const { painted, scheme } = read.value;
    this.store.dispatch(EntryPage.cubeReplaced({ painted: Array.from(painted), scheme }));
    void this.router.navigate(['/bench']);
  }
}
