import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { type Answered, Learning } from '../learning';
import type { Ready } from '../session';
import { BothCard } from './both-card';
import { ReadCard } from './read-card';
import { SeeCard } from './see-card';
import { TurnCard } from './turn-card';

/** A card as it is asked, of whatever kind it is. */
@Component({
  selector: 'sc-practice-card',
  imports: [BothCard, ReadCard, SeeCard, TurnCard],
  template: `
    @let now = card();
    @switch (now.kind) {
      @case ('see') {
        <sc-see-card
          [approach]="learning.approachOf(now.case.case)!"
          [case]="now.case.case"
          [cube]="now.shown.cube"
          [hold]="now.shown.hold"
          [good]="now.shown.good"
          (answered)="answered.emit($event)"
        />
      }
      @case ('turn') {
        <sc-turn-card
          [sequence]="now.sequence"
          [cases]="ids(now.cases)"
          (answered)="answered.emit($event)"
        />
      }
      @case ('both') {
        <sc-both-card
          [case]="now.case.case"
          [shown]="now.shown"
          [turns]="now.case.turns"
          (answered)="answered.emit($event)"
        />
      }
      @case ('read') {
        <sc-read-card [turn]="now.turn" [seed]="now.seed" (answered)="answered.emit($event)" />
      }
    }
  `,
  styles: `
    :host {
      display: contents;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PracticeCard {
  readonly card = input.required<Ready>();
  readonly answered = output<Answered>();
  protected readonly learning = inject(Learning);

  protected ids(cases: readonly { case: string }[]): string[] {
    return cases.map((one) => one.case);
  }
}
