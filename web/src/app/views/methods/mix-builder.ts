import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  output,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { type Method, shortTitle, stageWords } from '@sleetcrest/core';
import { approachesOf } from '@sleetcrest/core/engine/run';
import { type Approach, approachShort } from '@sleetcrest/core/teaching/approaches';
import {
  approachesAfter,
  complete,
  isLast,
  mixOf,
  swapped,
} from '@sleetcrest/core/teaching/methods';
import { entryFeature } from '../../subjects/cube';
import { selectFirstSide } from '../../subjects/method';
import { Choice } from '../../ui/fields/choice';
import { SAY } from './words';

/** Builds a method stage by stage; only approaches that can follow the one before are offered. */
@Component({
  selector: 'sc-mix-builder',
  imports: [Choice, MatButton],
  template: `
    <section [attr.aria-label]="say.buildAMix">
      @for (slot of slots(); track $index) {
        <sc-choice
          [label]="slot.title"
          [options]="slot.options"
          [value]="slot.value"
          (chosen)="choose($index, $event)"
        />
      }
      <div class="go">
        <button matButton (click)="closed.emit()">{{ say.cancel }}</button>
        <button matButton="filled" (click)="make()">{{ say.compareThisMix }}</button>
      </div>
    </section>
  `,
  styles: `
    section {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
      gap: 10px;
      margin: 8px 0;
      padding: 14px 12px;
      border-radius: var(--radius);
      background: var(--surface);
    }
    .go {
      display: flex;
      gap: 8px;
      align-items: center;
      justify-content: flex-end;
      white-space: nowrap;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MixBuilder {
  protected readonly say = SAY;
  readonly base = input.required<Method>();
  readonly made = output<Method>();
  readonly closed = output();

  private readonly store = inject(Store);
  private readonly first = this.store.selectSignal(selectFirstSide);
  private readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  /** The approaches of the base, until others are chosen; a whole method where the base is not one. */
  private readonly chosen = linkedSignal<readonly Approach[]>(() => {
    const base = approachesOf(this.base());
    return base.length > 0 ? base : complete([]);
  });
  private count = 0;

  protected readonly slots = computed(() => {
    const first = this.first();
    return this.chosen().map((approach, k) => {
      const can = approachesAfter(this.chosen()[k - 1]);
      const options = can.some(({ id }) => id === approach.id) ? can : [...can, approach];
      return {
        title: stageWords(approach.stage, first, this.scheme()).title,
        value: approach.id,
        options: options.map((one) => ({ value: one.id, name: approachShort(one) })),
      };
    });
  });

  protected choose(index: number, id: string): void {
    this.chosen.set(swapped(this.chosen(), index, id));
  }

  protected make(): void {
    const approaches = this.chosen();
    if (!approaches.at(-1) || !isLast(approaches.at(-1)!)) return;
    const stamp = `${Date.now().toString(36)}${this.count++}`;
    const before = new Set(approachesOf(this.base()).map(({ id }) => id));
    const changed = approaches
      .filter(({ id }) => !before.has(id))
      .map((one) => `“${approachShort(one)}”`);
    const name =
      changed.length > 0
        ? SAY.with({ base: shortTitle(this.base()), changed: changed.join(', ') })
        : SAY.mix;
    this.made.emit(mixOf(approaches, `mix-${stamp}`, name.slice(0, 120)));
  }
}
