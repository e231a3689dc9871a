import { InjectionToken } from '@angular/core';
import { keptText, understood } from './kept';
import type { Persisted } from './persisted-schema';

export type { Persisted };

const lying = keptText('sleetcrest');

/** What the last visit left, read before the application begins; undefined where there was nothing. */
export const LEFT_BEFORE = new InjectionToken<Persisted | undefined>('left before');

/**
 * What was kept by the last visit: nothing when there was none or it cannot be understood. What checks
 * it is fetched only where there is something: who comes for the first time does not wait for it.
 */
export async function readPersisted(): Promise<Persisted | undefined> {
  const text = lying.read();
  if (text === undefined) return undefined;
  const { persistedSchema } = await import('./persisted-schema');
  return understood(text, persistedSchema);
}

export function keepPersisted(state: Persisted): void {
  lying.keep(JSON.stringify(state));
}
