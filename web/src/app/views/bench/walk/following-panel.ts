import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { Turn } from '@sleetcrest/core';
import { DevicePanel } from '../../../devices/cube/device-panel';
import { SimulatedCube } from '../../../devices/cube/simulated-cube';
import { readerFeature } from '../../../subjects/settings';
import type { WalkScene } from '../../../subjects/walk';
import { FollowedCube } from './followed-cube';

/** Below a walk that follows a connected cube: what the cube just did, and the cube itself. */
@Component({
  selector: 'sc-following-panel',
  imports: [DevicePanel, MatButton],
  template: `
    @if (followed.slip(); as slip) {
      <div class="slip" role="alert">
        <p>
          <b>A slip:</b> that was <span class="mono">{{ slip.did }}</span>; meant was
          <span class="mono">{{ slip.meant }}</span>. Turn it back, or see the ways back.
        </p>
        <button matButton="filled" (click)="doubted.emit()">What slipped?</button>
      </div>
    } @else if (followed.halfWay()) {
      <p class="half">Half of it is done: once more the same way.</p>
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
