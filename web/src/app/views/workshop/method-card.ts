import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  type Method,
  aboutMethod,
  shortTitle,
  skyline,
  stageWords,
  STANDARD_SCHEME,
  UP,
} from '@sleetcrest/core';
import { approachesOf } from '@sleetcrest/core/engine/run';
import { demandsOf } from '@sleetcrest/core/shown/cases';
import { SAY } from './words';
import { approachShort } from '@sleetcrest/core/teaching/approaches';

/** A method as it lies on the shelf: its stages as a ridge, its proof, and what it asks of the head. */
@Component({
  selector: 'sc-method-card',
  imports: [MatButton],
  template: `
    <h3>{{ short() }}</h3>
    <p class="quiet">{{ more() }}</p>
    <svg viewBox="0 0 1000 100" preserveAspectRatio="none" aria-hidden="true">
      <title>{{ say.eachRiseIsAsWide }}</title>
      @for (rise of rises(); track $index) {
        <path [attr.d]="rise.path" />
      }
    </svg>
    <ol [attr.aria-label]="say.stagesOf({ short: short() })">
      @for (stage of stages(); track $index) {
        <li>
          <b>{{ stage.title }}</b> {{ stage.how }}
        </li>
      }
    </ol>
    <p class="foot">
      <span class="proof" [class.fails]="proof() === 'fails'">{{ proofSaid() }}</span>
      <span>{{ figures() }}</span>
    </p>
    <button
      matButton="outlined"
      [attr.aria-label]="own() ? say.openOne({ short: short() }) : say.copyOne({ short: short() })"
      (click)="taken.emit()"
    >
      {{ own() ? say.open : say.copyAndChange }}
    </button>
  `,
  styleUrl: './method-card.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MethodCard {
  protected readonly say = SAY;
  readonly method = input.required<Method>();
  /** How it stands with its proof; built-in ones are proved. */
  readonly proof = input.required<string>();
  readonly own = input(false);
  readonly taken = output();

  private readonly approaches = computed(() => approachesOf(this.method()));
  protected readonly short = computed(() => shortTitle(this.method()));
  /** What sets it apart. */
  protected readonly more = computed(() => aboutMethod(this.method()));
  /** A rise for each stage, as wide as the cases there are to know. */
  protected readonly rises = computed(() =>
    skyline(this.approaches().map(({ cases }) => cases.length)),
  );
  protected readonly stages = computed(() =>
    this.approaches().map((approach) => ({
      title: stageWords(approach.stage, UP, STANDARD_SCHEME).title,
      how: approachShort(approach),
    })),
  );
  protected readonly proofSaid = computed(() =>
    this.proof() === 'proved' ? SAY.solvesEveryCube : SAY.proof2({ proof: this.proof() }),
  );
  protected readonly figures = computed(() => {
    const { sequences, cases } = demandsOf(this.approaches());
    return SAY.demands({ sequences, cases });
  });
}
