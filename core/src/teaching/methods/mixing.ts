import { type Approach, canFollow } from '../approaches/index.js';
import { approachesAfter, isLast } from './following.js';

/** The approaches, continued to a solved cube with the first that can follow each time. */
export function complete(begun: readonly Approach[]): Approach[] {
  const approaches = [...begun];
  for (;;) {
    const last = approaches.at(-1);
    if (last && isLast(last)) return approaches;
    const [next] = approachesAfter(last);
    if (!next) return approaches;
    approaches.push(next);
  }
}

/**
 * The approaches with another one at `index`. What came after stays where it still can follow; where
 * not, others that can take its place.
 */
export function swapped(approaches: readonly Approach[], index: number, id: string): Approach[] {
  const chosen = approachesAfter(approaches[index - 1]).find((one) => one.id === id);
  if (!chosen) return [...approaches];
  const kept = [...approaches.slice(0, index), chosen];
  for (let last = chosen; !isLast(last);) {
    const follows = approaches.slice(index).find((one) => canFollow(one, last.stage));
    const next = follows ?? approachesAfter(last)[0];
    if (!next) break;
    kept.push(next);
    last = next;
  }
  return kept;
}
