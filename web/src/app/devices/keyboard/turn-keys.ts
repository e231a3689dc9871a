import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  type Dialect,
  RIGHT,
  type Side,
  SIDE_LETTERS,
  SIDES,
  type Turn,
  turnOf,
  writeMove,
} from '@sleetcrest/core';
import { isFree } from '../../base/keys/keys';

/** A turn told by a key or a button, and when. */
export interface TurnTold {
  turn: Turn;
  at: number;
  by: 'keys' | 'touch';
}

/** All turns of the sides of the hold, to be told by buttons, or by letters: with Shift the other way. */
@Component({
  selector: 'sc-turn-keys',
  imports: [MatButton],
  template: `
    <div role="group" aria-label="Turn">
      @for (row of rows; track row.side) {
        <span>
          @for (turn of row.turns; track turn) {
            <button
              matButton="outlined"
              [attr.aria-label]="says(turn)"
              (click)="told.emit({ turn, at: $event.timeStamp, by: by($event) })"
            >
              {{ name(turn) }}
            </button>
          }
        </span>
      }
    </div>
    <p>Or by letters: <kbd>r</kbd> for {{ name(right) }}, with Shift the other way.</p>
  `,
  styles: `
    div {
      display: flex;
      flex-wrap: wrap;
      gap: 6px 14px;
    }
    span {
      display: inline-flex;
      gap: 4px;
    }
    button {
      --mat-button-outlined-horizontal-padding: 6px;
      min-width: 48px;
      min-height: 44px;
      font-family: var(--mono);
    }
    p {
      margin: 6px 0 0;
      color: var(--quiet);
      font-size: var(--type-note);
    }
  `,
  host: { '(document:keydown)': 'key($event)' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TurnKeys {
  readonly dialect = input.required<Dialect>();
  readonly told = output<TurnTold>();

  protected readonly right = turnOf(RIGHT, 1);
  protected readonly rows = SIDES.map((side) => ({
    side,
    turns: [1, 3, 2].map((quarters) => turnOf(side, quarters)),
  }));

  /** Words are long for a button: letters name it, words say it. */
  protected name(turn: Turn): string {
    const dialect = this.dialect() === 'words' ? 'prime' : this.dialect();
    return writeMove(turn, dialect);
  }

  protected says(turn: Turn): string {
    return writeMove(turn, 'words');
  }

  /** A button pressed by Enter or Space was pressed by a key. */
  protected by(event: MouseEvent): 'keys' | 'touch' {
    return event.detail === 0 ? 'keys' : 'touch';
  }

  protected key(event: KeyboardEvent): void {
    if (!isFree(event) || event.ctrlKey || event.metaKey || event.altKey) return;
    const side = SIDE_LETTERS.indexOf(event.key.toUpperCase());
    if (side < 0 || event.key.length !== 1) return;
    event.preventDefault();
    event.stopPropagation();
    const turn = turnOf(side as Side, event.shiftKey ? 3 : 1);
    this.told.emit({ turn, at: event.timeStamp, by: 'keys' });
  }
}
