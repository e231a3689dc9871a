import { ChangeDetectionStrategy, Component } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  MatDialogActions,
  MatDialogClose,
  MatDialogContent,
  MatDialogTitle,
} from '@angular/material/dialog';

const GROUPS = [
  {
    title: 'Everywhere',
    keys: [
      ['?', 'this map'],
      ['S', 'saved cubes'],
      ['N', 'day or night'],
      ['L', 'letters on the stickers'],
      ['H', 'raise the hand, while you sit at a table'],
    ],
  },
  {
    title: 'Entering a cube, on the picture',
    keys: [
      ['← ↑ → ↓', 'go from sticker to sticker'],
      ['1 … 6', 'paint white, red, green, yellow, orange, blue, and go on'],
      ['W R G Y O B', 'the same by first letter'],
      ['0  Delete', 'rub out'],
      ['Enter  Space', 'paint with the chosen colour'],
      ['Ctrl Z', 'undo'],
      ['Ctrl Shift Z', 'redo'],
    ],
  },
  {
    title: 'Walking',
    keys: [
      ['→', 'next turn'],
      ['←', 'turn back'],
      ['↓', 'next step'],
      ['↑', 'step back'],
      ['Space', 'play or pause'],
      ['1 … 9', 'go to that stage'],
    ],
  },
  {
    title: 'Entering a cube, when asked',
    keys: [
      ['1 … 6', 'white, red, green, yellow, orange, blue'],
      ['W R G Y O B', 'the same by first letter'],
      ['Backspace', 'take the last one back'],
      ['Enter', 'walk it, once all is told'],
    ],
  },
  {
    title: 'Read from afar',
    keys: [
      ['any key', 'next turn, and on after a step'],
      ['←  ↑', 'turn back'],
      ['?', 'that is not what I see'],
      ['Esc', 'close'],
    ],
  },
  {
    title: 'Of the table: how they stand',
    keys: [['← →', 'along a row, what each standing rests on']],
  },
  {
    title: 'Timing',
    keys: [
      ['Enter', 'begin the look; the next scramble once it is stopped'],
      ['F and J', 'both hands: hold, let go to start; both down to stop'],
      ['Space', 'the stage is done'],
      ['Backspace', 'take the last mark back'],
      ['Esc', 'give up'],
    ],
  },
  {
    title: 'On a chart of the log',
    keys: [['← → ↑ ↓', 'from point to point']],
  },
  {
    title: 'In the Workshop',
    keys: [
      ['Ctrl Z', 'undo'],
      ['Ctrl Shift Z', 'redo'],
    ],
  },
] as const;

/** The keyboard map. */
@Component({
  selector: 'sc-keyboard-map',
  imports: [MatButton, MatDialogActions, MatDialogClose, MatDialogContent, MatDialogTitle],
  template: `
    <h2 mat-dialog-title>Keyboard map</h2>
    <mat-dialog-content tabindex="0">
      @for (group of groups; track group.title) {
        <section>
          <h3>{{ group.title }}</h3>
          <dl>
            @for (key of group.keys; track key[0]) {
              <dt class="mono">{{ key[0] }}</dt>
              <dd>{{ key[1] }}</dd>
            }
          </dl>
        </section>
      }
      <p>Single keys can be switched off in Settings.</p>
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button matButton matDialogClose>Close</button>
    </mat-dialog-actions>
  `,
  styles: `
    section + section {
      margin-top: 14px;
    }
    h3 {
      color: var(--text);
      font-size: var(--type-body);
    }
    dl {
      display: grid;
      grid-template-columns: 9.5rem 1fr;
      gap: 2px 12px;
      margin: 4px 0 0;
    }
    dd {
      margin: 0;
      color: var(--text);
    }
    p {
      margin-top: 14px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KeyboardMap {
  protected readonly groups = GROUPS;
}
