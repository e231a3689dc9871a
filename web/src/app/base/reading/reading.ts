import { computed, linkedSignal, resource, type Signal } from '@angular/core';
import { apiFailure } from '../api/failure';

/** What is read, as far as it is there. */
export interface Reading<T> {
  /** What was read last, also while it is read anew; undefined before the first answer. */
  readonly value: Signal<T | undefined>;
  readonly isBusy: Signal<boolean>;
  /** Why the last try failed, in a sentence; null where it did not. */
  readonly trouble: Signal<string | null>;
  /** Reads the same once more. */
  again(): void;
  /** Puts something known in the place of what was read. */
  set(value: T): void;
}

/** What becomes of what was read once something else is asked for. */
export interface Reads {
  /**
   * `keep` shows it until there is an answer, as while a filter is changed. `drop` shows nothing meanwhile, nor
   * where that fails: what was read of another person or thing is nothing here.
   */
  readonly whenAnother: 'keep' | 'drop';
}

/**
 * The one way to read what depends on filters, ids or settings: read anew whenever they change, and a
 * late answer never replaces a newer one. Made where things are injected, and ends with it.
 * @param wanted what to read; undefined while there is nothing to read
 * @param read reads it; the signal is aborted once it is not wanted any more
 */
export function reading<W, T>(
  wanted: () => W | undefined,
  read: (wanted: W, unwanted: AbortSignal) => Promise<T>,
  { whenAnother }: Reads = { whenAnother: 'keep' },
): Reading<T> {
  const question = computed(wanted);
  const asked = resource<T, W | undefined>({
    params: question,
    loader: ({ params, abortSignal }) => read(params, abortSignal),
  });
  const value = linkedSignal<{ question: W | undefined; now: T | undefined }, T | undefined>({
    source: () => ({
      question: question(),
      now: asked.hasValue() ? asked.value() : undefined,
    }),
    computation: ({ question, now }, before) => {
      const isSame = before !== undefined && Object.is(before.source.question, question);
      return now ?? (isSame || whenAnother === 'keep' ? before?.value : undefined);
    },
  });
  return {
    value,
    isBusy: asked.isLoading,
    trouble: computed(() => {
      const error = asked.error();
      return error === undefined ? null : apiFailure(error).message;
    }),
    again: () => void asked.reload(),
    set: (known) => {
      // Nobody is meant: it would be shown to whoever is next.
      if (question() !== undefined) asked.set(known);
    },
  };
}
