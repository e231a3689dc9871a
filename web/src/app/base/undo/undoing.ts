/** What can be undone: how it was before, latest last, and what was taken back, next first. */
export interface Past<T> {
  past: readonly T[];
  future: readonly T[];
}

export const NO_PAST = { past: [], future: [] };

/** What is put in place of `now`, which can be had back; at most so many of those before are kept. */
export const done = <T>({ past }: Past<T>, now: T, most: number): Past<T> => ({
  past: [...past, now].slice(-most),
  future: [],
});

/** One step back from `now`; undefined where there is none. */
export function undone<T>({ past, future }: Past<T>, now: T): (Past<T> & { now: T }) | undefined {
  if (past.length === 0) return undefined;
  return { now: past[past.length - 1]!, past: past.slice(0, -1), future: [now, ...future] };
}

/** One step forward again; undefined where nothing was taken back. */
export function redone<T>({ past, future }: Past<T>, now: T): (Past<T> & { now: T }) | undefined {
  const [next, ...rest] = future;
  return next === undefined ? undefined : { now: next, past: [...past, now], future: rest };
}
