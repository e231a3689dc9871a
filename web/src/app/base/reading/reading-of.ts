import { computed } from '@angular/core';
import { reading, type Reading } from './reading';

/**
 * Reads what belongs to somebody or something. What was read of another is nothing here: it is neither
 * shown while this is read, nor where that fails.
 * @param whose an id; undefined while nobody is meant
 */
export function readingOf<T>(
  whose: () => string | undefined,
  read: (whose: string, unwanted: AbortSignal) => Promise<T>,
): Reading<T> {
  const all = reading<string, { of: string; value: T }>(whose, async (of, unwanted) => ({
    of,
    value: await read(of, unwanted),
  }));
  return {
    ...all,
    value: computed(() => {
      const last = all.value();
      return last && last.of === whose() ? last.value : undefined;
    }),
    set: (value) => {
      const of = whose();
      if (of !== undefined) all.set({ of, value });
    },
  };
}
