import { NgTemplateOutlet } from '@angular/common';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  contentChildren,
  Directive,
  inject,
  input,
  TemplateRef,
} from '@angular/core';

type Values = Readonly<Record<string, string | number>>;

/** What stands in a sentence under a name its message asks for: `*scSlot="'link'"`. */
@Directive({ selector: '[scSlot]' })
export class SentenceSlot {
  readonly name = input.required<string>({ alias: 'scSlot' });
  readonly template = inject<TemplateRef<unknown>>(TemplateRef);
}

/** Marks round the name of a slot while a message is filled: signs that no text has. */
const BEFORE = '\ue000';
const AFTER = '\ue001';

/**
 * A sentence with something else in it, a link or a case's picture, where its message says it goes: the
 * sentence is one message, in whatever order its language has.
 */
@Component({
  selector: 'sc-sentence',
  imports: [NgTemplateOutlet],
  template: `@for (part of parts(); track $index) {
    @if (part.slot) {
      <ng-container [ngTemplateOutlet]="part.slot" />
    } @else {
      <ng-container>{{ part.text }}</ng-container>
    }
  }`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Sentence {
  /** What makes the sentence of its values. */
  readonly of = input.required<(values: never) => string>();
  /** The values that are no slots. */
  readonly with = input<Values>({});
  private readonly slots = contentChildren(SentenceSlot);

  protected readonly parts = computed(() => {
    const values: Record<string, string | number> = { ...this.with() };
    const slots = new Map<string, TemplateRef<unknown>>();
    for (const slot of this.slots()) {
      slots.set(slot.name(), slot.template);
      values[slot.name()] = `${BEFORE}${slot.name()}${AFTER}`;
    }
    const said = this.of()(values as never);
    return said.split(BEFORE).flatMap((part) => {
      const [name, rest] = part.includes(AFTER) ? part.split(AFTER) : [null, part];
      const text = { slot: null, text: rest };
      return name === null ? [text] : [{ slot: slots.get(name)!, text: '' }, text];
    });
  });
}
