import type { Approach } from '../approaches/index.js';
import { approachesAfter, isLast } from './following.js';
import type { Method } from './method.js';
import { METHODS } from './named.js';

/** Every way of choosing approaches that follow each other from nothing to a solved cube. */
export function* allMixes(begun: readonly Approach[] = []): Generator<readonly Approach[]> {
  const last = begun[begun.length - 1];
  if (last && isLast(last)) yield begun;
  else for (const next of approachesAfter(last)) yield* allMixes([...begun, next]);
}

/** A method made of these approaches; one that has a name already is that method. */
export function mixOf(approaches: readonly Approach[], id: string, title: string): Method {
  const ids = approaches.map((approach) => approach.id);
  const named = METHODS.find((method) => method.approaches.join() === ids.join());
  return named ?? { format: 'sleetcrest/method@1', id, title, approaches: ids };
}
