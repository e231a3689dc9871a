import type { KeepMethod, SavedMethod } from '@sleetcrest/contract';
import type { Change } from '../../base/outbox/change';

const byTitle = (a: SavedMethod, b: SavedMethod): number =>
  a.method.title.localeCompare(b.method.title, 'en');

/** Puts a method in the place of the one with its id, or among the others. */
export const putIn = (own: readonly SavedMethod[], saved: SavedMethod): SavedMethod[] =>
  [...own.filter(({ method }) => method.id !== saved.method.id), saved].sort(byTitle);

/** A method that waits to be sent, as a saved one; when it was saved is what it was made from. */
export function waitingOf(
  { method, proof }: KeepMethod,
  known: SavedMethod | undefined,
): SavedMethod {
  const now = new Date().toISOString();
  const { createdAt, updatedAt } = known ?? { createdAt: now, updatedAt: now };
  return { method, proof, createdAt, updatedAt };
}

/** Methods as the server has them, with what waits to be sent. */
export function asTold(own: readonly SavedMethod[], waiting: readonly Change[]): SavedMethod[] {
  const told = new Map(own.map((saved) => [saved.method.id, saved]));
  for (const { kind, things, deed } of waiting) {
    if (kind !== 'method') continue;
    if (deed.do === 'keep') told.set(things[0]!, waitingOf(deed.kept, told.get(things[0]!)));
    if (deed.do === 'remove') told.delete(things[0]!);
  }
  return [...told.values()];
}
