import { ChangeDetectionStrategy, Component, input, model, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import type { ColourScheme } from '@sleetcrest/core';
import { SAY } from './words';

/** Asks for the turns of a solve that is to be taken apart. */
@Component({
  selector: 'sc-review-asked',
  imports: [MatButton, MatFormField, MatInput, MatLabel],
  template: `
    <form class="asked" (submit)="$event.preventDefault(); given.emit()">
      <p>
        {{ say.giveTheTurnsThatMixed }}
      </p>
      <mat-form-field appearance="outline" class="mono" subscriptSizing="dynamic">
        <mat-label>{{ say.scramble }}</mat-label>
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
        <mat-label>{{ say.turnsDone }}</mat-label>
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
        {{ say.heldWithUpAndIn({ up: scheme()[0]!, front: scheme()[2]! }) }}
      </p>
      <button
        matButton="filled"
        type="submit"
        [disabled]="turns().trim() === '' || scramble().trim() === ''"
      >
        {{ say.reviewThisSolve }}
      </button>
    </form>
  `,
  styleUrl: './review-asked.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReviewAsked {
  protected readonly say = SAY;
  readonly scheme = input.required<ColourScheme>();
  readonly scramble = model.required<string>();
  readonly turns = model.required<string>();
  /** Both are given. */
  readonly given = output();
}
