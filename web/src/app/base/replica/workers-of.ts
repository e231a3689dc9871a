import { inject, Injector, runInInjectionContext } from '@angular/core';
import type { Asking } from '../work/worker-of';

/** A worker for each account that is asked for, begun with the first thing asked; and one for guests. */
export function workersOf<T>(begin: (name: string) => Asking<T>): (name: string) => Asking<T> {
  const injector = inject(Injector);
  const workers = new Map<string, Asking<T>>();
  return (name) => {
    let worker = workers.get(name);
    if (!worker) {
      worker = runInInjectionContext(injector, () => begin(name));
      workers.set(name, worker);
    }
    return worker;
  };
}

/** Moves what a guest kept into the account, some at a time, and out of here once it is there. Gives how many. */
export async function moveAll<T extends { readonly id: string }>(
  some: () => Promise<readonly T[]>,
  into: (some: readonly T[]) => Promise<unknown>,
  out: (ids: readonly string[]) => Promise<void>,
): Promise<number> {
  let moved = 0;
  for (let next = await some(); next.length > 0; next = await some()) {
    await into(next);
    await out(next.map(({ id }) => id));
    moved += next.length;
  }
  return moved;
}
