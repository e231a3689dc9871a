import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { type Method, methodById, METHODS, shortTitle } from '@sleetcrest/core';
import { Consent } from '../choosing/consent';
import { MethodStore } from '../method-store';
import { proofOf } from '../choosing/proof-of';

/** A method as chosen: a named one's id, or one's own written out. */
export type MethodChosen = string | Method;

let made = 0;

/** Chooses a method among the named ones and people's own. */
@Component({
  selector: 'sc-method-choice',
  template: `
    <div class="field">
      <label [for]="field">{{ label() }}</label>
      <select #choice [id]="field" [title]="whole()" [value]="id()" (change)="choose(choice)">
        @for (method of named; track method.id) {
          <option [value]="method.id" [selected]="method.id === id()">{{ short(method) }}</option>
        }
        @if (own().length > 0) {
          <optgroup label="Made here">
            @for (one of own(); track one.id) {
              <option [value]="one.id" [selected]="one.id === id()">{{ short(one) }}</option>
            }
          </optgroup>
        }
      </select>
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MethodChoice {
  protected readonly field = `method-${made++}`;
  readonly label = input('Method');
  readonly value = input.required<MethodChosen>();
  /** Whether choosing one that is not proved asks first. */
  readonly warns = input(true);
  readonly chosen = output<MethodChosen>();

  private readonly methods = inject(MethodStore);
  private readonly consent = inject(Consent);
  private readonly saved = this.methods.own;

  protected readonly named = METHODS;
  protected readonly short = shortTitle;
  /** The whole title, where the field has room for the short one. */
  protected readonly whole = computed(() => {
    const value = this.value();
    return (typeof value === 'string' ? methodById(value) : value)?.title ?? '';
  });
  protected readonly id = computed(() => {
    const value = this.value();
    return typeof value === 'string' ? value : value.id;
  });
  /** Those on the server, and the one in use if the server has not told of it. */
  protected readonly own = computed((): Method[] => {
    const own = this.saved().map(({ method }) => method);
    const value = this.value();
    const known = typeof value === 'string' || own.some(({ id }) => id === value.id);
    return known ? own : [...own, value];
  });

  constructor() {
    this.methods.want();
  }

  protected choose(select: HTMLSelectElement): void {
    const id = select.value;
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
    select.value = this.id();
    void this.consent.given(method.title, proofOf(method, this.saved())).then((given) => {
      if (given) this.chosen.emit(method);
    });
  }
}
