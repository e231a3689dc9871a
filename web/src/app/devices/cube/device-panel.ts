import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  type ColourScheme,
  type Dialect,
  type Hold,
  SIDES,
  type Turn,
  turnOf,
  turnSeenInHold,
  writeMove,
} from '@sleetcrest/core';
import { SAY } from './words';

/** The simulated cube's hands: a button for each quarter turn of each side. */
@Component({
  selector: 'sc-device-panel',
  imports: [MatButton],
  template: `
    <p>
      <b>{{ say.simulatedCubeConnected }}</b> {{ say.whatYouTurnHereIs({ follows: follows() }) }}
    </p>
    <div class="sides" role="group" [attr.aria-label]="say.turnTheSimulatedCube">
      @for (side of sides(); track side.side) {
        <span class="side">
          <span class="swatch" [style.background]="'var(--sticker-' + side.colour + ')'"></span>
          <button
            matButton="outlined"
            [attr.aria-label]="side.says[0]"
            (click)="turned.emit(side.turns[0])"
          >
            {{ side.names[0] }}
          </button>
          <button
            matButton="outlined"
            [attr.aria-label]="side.says[1]"
            (click)="turned.emit(side.turns[1])"
          >
            {{ side.names[1] }}
          </button>
        </span>
      }
      <button matButton (click)="disconnected.emit()">{{ say.disconnect }}</button>
    </div>
  `,
  styles: `
    @use 'blocks';

    :host {
      @include blocks.set-off($bar: done);
      display: block;
    }
    .sides {
      display: flex;
      flex-wrap: wrap;
      gap: 6px 14px;
      margin-top: 6px;
    }
    .side {
      display: flex;
      gap: 4px;
      align-items: center;
    }
    .side button {
      --mat-button-outlined-horizontal-padding: 8px;
      min-width: 44px;
    }
    .swatch {
      width: 18px;
      height: 18px;
      border: 1px solid #1b2530;
      border-radius: 4px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DevicePanel {
  protected readonly say = SAY;
  readonly scheme = input.required<ColourScheme>();
  /** Buttons are named as the sides lie in this hold. */
  readonly hold = input.required<Hold>();
  readonly dialect = input.required<Dialect>();
  /** What comes of it. */
  readonly follows = input(SAY.theWalkFollows);
  readonly turned = output<Turn>();
  readonly disconnected = output();

  protected sides() {
    return SIDES.map((side) => {
      const turns = [turnOf(side, 1), turnOf(side, 3)] as const;
      const names = turns.map((turn) =>
        writeMove(turnSeenInHold(this.hold(), turn), this.dialect()),
      );
      const colour = this.scheme()[side]!;
      return {
        side,
        colour,
        turns,
        names,
        says: [SAY.sideClockwise({ colour }), SAY.sideCounterClockwise({ colour })],
      };
    });
  }
}
