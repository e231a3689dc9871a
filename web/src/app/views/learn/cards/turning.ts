import {
  ChangeDetectionStrategy,
  Component,
  inject,
  input,
  output,
  type Signal,
} from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { MatButton } from '@angular/material/button';
import { type Hold, type Turn, turnSeenInHold } from '@sleetcrest/core';
import { DevicePanel } from '../../../devices/cube/device-panel';
import { SimulatedCube } from '../../../devices/cube/simulated-cube';
import { TurnKeys } from '../../../devices/keyboard/turn-keys';
import { Learning, type Answered } from '../learning';
import { SAY } from './words';

/** A turn as it is in the hold of the moment, when it was done, and with what. */
export interface Turned extends Pick<Answered, 'by'> {
  readonly turn: Turn;
  readonly at: number;
}

/** Turns told by letters, buttons or the connected cube; beside them what else there is to press. */
@Component({
  selector: 'sc-turning',
  imports: [DevicePanel, MatButton, TurnKeys],
  template: `
    @if (connected()) {
      <sc-device-panel
        [scheme]="learning.scheme()"
        [hold]="hold()()"
        [dialect]="learning.reader().dialect"
        [follows]="follows()"
        (turned)="device.turn($event, now())"
        (disconnected)="device.disconnect()"
      />
    } @else {
      <sc-turn-keys [dialect]="learning.reader().dialect" (told)="turned.emit($event)" />
      <p>
        <button matButton (click)="device.connect()">{{ say.connectTheSimulatedCube }}</button>
        <ng-content />
      </p>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Turning {
  protected readonly say = SAY;
  /** The hold of the moment, itself: turns may come faster than it can be drawn. */
  readonly hold = input.required<Signal<Hold>>();
  /** What follows the connected cube, in a sentence's end. */
  readonly follows = input.required<string>();
  readonly turned = output<Turned>();

  protected readonly learning = inject(Learning);
  protected readonly device = inject(SimulatedCube);
  protected readonly connected = this.device.isConnected;

  constructor() {
    this.device.turns.pipe(takeUntilDestroyed()).subscribe(({ turn, at }) => {
      this.turned.emit({ turn: turnSeenInHold(this.hold()(), turn), at, by: 'cube' });
    });
  }

  protected now(): number {
    return performance.now();
  }
}
