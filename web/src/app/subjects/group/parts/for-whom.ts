import { ChangeDetectionStrategy, Component, input, model } from '@angular/core';
import { MatCheckbox } from '@angular/material/checkbox';
import type { Member } from '@sleetcrest/contract/accounts';
import { SAY } from './words';

/** Chooses all learners of a group, or some. */
@Component({
  selector: 'sc-for-whom',
  imports: [MatCheckbox],
  template: `
    <span>{{ say.for }}</span>
    <mat-checkbox [checked]="whom().length === 0" (change)="whom.set([])">{{
      say.all
    }}</mat-checkbox>
    @for (learner of learners(); track learner.id) {
      <mat-checkbox
        [checked]="whom().includes(learner.id)"
        (change)="meant(learner.id, $event.checked)"
        >{{ learner.name }}</mat-checkbox
      >
    }
  `,
  styles: `
    @use 'blocks';

    :host {
      @include blocks.row(0 8px);
    }
  `,
  host: { role: 'group', '[attr.aria-label]': 'say.forWhom' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ForWhom {
  protected readonly say = SAY;
  readonly learners = input.required<readonly Member[]>();
  /** Their ids; none for all, also those who join later. */
  readonly whom = model.required<readonly string[]>();

  protected meant(id: string, on: boolean): void {
    this.whom.update((all) => (on ? [...all, id] : all.filter((one) => one !== id)));
  }
}
