import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { Turn } from '@sleetcrest/core';
import { DevicePanel } from '../../../devices/cube/device-panel';
import { SimulatedCube } from '../../../devices/cube/simulated-cube';
import { readerFeature } from '../../../subjects/settings';
import type { WalkScene } from '../../../subjects/walk';
import { FollowedCube } from './followed-cube';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

/** Below a walk that follows a connected cube: what the cube just did, and the cube itself. */
@Component({
  selector: 'sc-following-panel',
  imports: [Sentence, SentenceSlot, DevicePanel, MatButton],
  template: `
    @if (followed.slip(); as slip) {
      <div class="slip" role="alert">
        <p>
          <sc-sentence [of]="say.aSlip">
            <span *scSlot="'did'" class="mono">{{ slip.did }}</span>
            <span *scSlot="'meant'" class="mono">{{ slip.meant }}</span>
          </sc-sentence>
        </p>
        <button matButton="filled" (click)="doubted.emit()">{{ say.whatSlipped }}</button>
      </div>
    } @else if (followed.halfWay()) {
      <p class="half">{{ say.halfOfItIsDone }}</p>
    }
    <sc-device-panel
      [scheme]="scene().timeline.scheme"
      [hold]="scene().hold"
      [dialect]="dialect()"
      (turned)="turned($event)"
      (disconnected)="followed.disconnect()"
    />
  `,
  styleUrl: './following-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FollowingPanel {
  protected readonly say = SAY;
  readonly scene = input.required<WalkScene>();
  readonly doubted = output();
  protected readonly followed = inject(FollowedCube);
  private readonly device = inject(SimulatedCube);
  protected readonly dialect = inject(Store).selectSignal(readerFeature.selectDialect);

  /** The simulated cube is turned on the screen. */
  protected turned(turn: Turn): void {
    this.device.turn(turn, performance.now());
  }
}
