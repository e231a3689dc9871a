import { type Approach, approachById } from '../../teaching/approaches/index.js';
import { glanceFigures } from './data/glance-figures.js';

/** A plan of looks as it is kept: whatever is met more than once is written once and named by its number. */
export interface GlanceFacts {
  /** Looks, what may be seen, and what is done at the end. */
  readonly words: readonly unknown[];
  /**
   * Nodes by number, the root last: an end is its word; a look its word, 1 where it was looked at
   * before, then for each answer its word, the part of all looks, and the node that follows.
   */
  readonly nodes: readonly (readonly number[])[];
}

/** What a built-in approach's plan of looks comes to, as its fields; undefined for somebody's own. */
export function glanceFigureData(approach: Approach, sight: string): object | undefined {
  if (approachById(approach.id) !== approach) return undefined;
  figures ??= JSON.parse(glanceFigures) as Readonly<Record<string, object>>;
  return figures[`${approach.id} ${sight}`];
}

let figures: Readonly<Record<string, object>> | undefined;

/** The plan itself, loaded when it is asked for; undefined for somebody's own approach. */
export async function glanceData(
  approach: Approach,
  sight: string,
): Promise<GlanceFacts | undefined> {
  if (approachById(approach.id) !== approach) return undefined;
  const { PLANS } = await import('./data/plans.js');
  const load = PLANS[`${approach.id} ${sight}`];
  return load && (JSON.parse((await load()).plan) as GlanceFacts);
}
