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
import { listensTo } from '../../base/keys/keyboard';
import { TURN_KEYS } from './turn.keys';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../ui/sentence/sentence';

/** A turn told by a key or a button, and when. */
export interface TurnTold {
  turn: Turn;
  at: number;
  by: 'keys' | 'touch';
}

/** All turns of the sides of the hold, to be told by buttons, or by letters: with Shift the other way. */
@Component({
  selector: 'sc-turn-keys',
  imports: [Sentence, SentenceSlot, MatButton],
  template: `
    <div role="group" [attr.aria-label]="say.turn">
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
    <p>
      <sc-sentence [of]="say.orByLettersForWith" [with]="{ right: name(right) }">
        <kbd *scSlot="'key'">r</kbd>
      </sc-sentence>
    </p>
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
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TurnKeys {
  protected readonly say = SAY;
  readonly dialect = input.required<Dialect>();
  readonly told = output<TurnTold>();

  protected readonly right = turnOf(RIGHT, 1);
  protected readonly rows = SIDES.map((side) => ({
    side,
    turns: [1, 3, 2].map((quarters) => turnOf(side, quarters)),
  }));

  constructor() {
    listensTo(TURN_KEYS, {
      turn: (event) => this.tellByKey(event, 1),
      back: (event) => this.tellByKey(event, 3),
    });
  }

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

  private tellByKey({ key, timeStamp }: KeyboardEvent, quarters: 1 | 3): void {
    const side = SIDE_LETTERS.indexOf(key.toUpperCase()) as Side;
    this.told.emit({ turn: turnOf(side, quarters), at: timeStamp, by: 'keys' });
  }
}
