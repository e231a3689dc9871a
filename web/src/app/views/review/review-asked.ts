import { ChangeDetectionStrategy, Component, input, model, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import type { ColourScheme } from '@sleetcrest/core';

/** Asks for the turns of a solve that is to be taken apart. */
@Component({
  selector: 'sc-review-asked',
  imports: [MatButton, MatFormField, MatInput, MatLabel],
  template: `
    <form class="asked" (submit)="$event.preventDefault(); given.emit()">
      <p>
        Give the turns that mixed the cube and the turns you did, as they came; slips and all. The
        stages and the way you did them are recognised, whatever method it was.
      </p>
      <mat-form-field appearance="outline" class="mono" subscriptSizing="dynamic">
        <mat-label>Scramble</mat-label>
        <textarea
          #mixed
          matInput
          rows="2"
          spellcheck="false"
          autocapitalize="off"
          [value]="scramble()"
          (input)="scramble.set(mixed.value)"
        ></textarea>
      </mat-form-field>
      <mat-form-field appearance="outline" class="mono" subscriptSizing="dynamic">
        <mat-label>Turns done</mat-label>
        <textarea
          #done
          matInput
          rows="6"
          spellcheck="false"
          autocapitalize="off"
          [value]="turns()"
          (input)="turns.set(done.value)"
        ></textarea>
      </mat-form-field>
      <p class="quiet">
        Held with {{ scheme()[0] }} up and {{ scheme()[2] }} in front at the beginning; write x, y
        or z when you turn the whole cube.
      </p>
      <button
        matButton="filled"
        type="submit"
        [disabled]="turns().trim() === '' || scramble().trim() === ''"
      >
        Review this solve
      </button>
    </form>
  `,
  styleUrl: './review-asked.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReviewAsked {
  readonly scheme = input.required<ColourScheme>();
  readonly scramble = model.required<string>();
  readonly turns = model.required<string>();
  /** Both are given. */
  readonly given = output();
}
