import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { type Method, methodById, METHODS, methodTitle, shortTitle } from '@sleetcrest/core';
import { Choice, type Option } from '../../../ui/fields/choice';
import { Consent } from '../choosing/consent';
import { MethodStore } from '../method-store';
import { proofOf } from '../choosing/proof-of';
import { SAY } from './words';

/** A method as chosen: a named one's id, or one's own written out. */
export type MethodChosen = string | Method;

/** Chooses a method among the named ones and people's own. */
@Component({
  selector: 'sc-method-choice',
  imports: [Choice],
  template: `
    <sc-choice
      [label]="label()"
      [hint]="whole()"
      [options]="options()"
      [value]="id()"
      (chosen)="choose($event)"
    />
  `,
  styles: `
    sc-choice {
      width: 100%;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MethodChoice {
  readonly label = input(SAY.method);
  readonly value = input.required<MethodChosen>();
  /** Whether choosing one that is not proved asks first. */
  readonly warns = input(true);
  readonly chosen = output<MethodChosen>();

  private readonly methods = inject(MethodStore);
  private readonly consent = inject(Consent);
  private readonly saved = this.methods.own;

  /** The whole title, where the field has room for the short one. */
  protected readonly whole = computed(() => {
    const value = this.value();
    const method = typeof value === 'string' ? methodById(value) : value;
    return method ? methodTitle(method) : '';
  });
  protected readonly id = computed(() => {
    const value = this.value();
    return typeof value === 'string' ? value : value.id;
  });
  /** Those on the server, and the one in use if the server has not told of it. */
  private readonly own = computed((): Method[] => {
    const own = this.saved().map(({ method }) => method);
    const value = this.value();
    const known = typeof value === 'string' || own.some(({ id }) => id === value.id);
    return known ? own : [...own, value];
  });

  protected readonly options = computed((): Option<string>[] => [
    ...METHODS.map((method) => ({ value: method.id, name: shortTitle(method) })),
    ...this.own().map((one) => ({ value: one.id, name: shortTitle(one), under: SAY.madeHere })),
  ]);

  constructor() {
    this.methods.want();
  }

  protected choose(id: string): void {
    if (methodById(id)) {
      this.chosen.emit(id);
      return;
    }
    const method = this.own().find((one) => one.id === id);
    if (!method) return;
    if (!this.warns()) {
      this.chosen.emit(method);
      return;
    }
    // Until it is agreed to, the method stays what it was.
    void this.consent.given(method.title, proofOf(method, this.saved())).then((given) => {
      if (given) this.chosen.emit(method);
    });
  }
}
