import { type Approach, isSearch, type PatternApproach } from '../../teaching/approaches/index.js';
import type { Stage } from '../../teaching/stages/index.js';
import { KnownOnly, someStarts, type SomeStarts } from './known-only.js';

/** One case on the path, and what knowing it is worth. */
export interface PathCase {
  readonly case: string;
  readonly title: string;
  /** The sequence one has to know; empty where a search finds the turns, or lining up is all. */
  readonly sequence: string;
  readonly turns: number;
  /** The same where it is long enough to be drilled by itself; otherwise empty. */
  readonly drill: string;
  /** The chance that a solve meets it. */
  readonly chance: number;
  /** Turns a solve takes more on average without it; null where it cannot be told. */
  readonly lost: number | null;
  /** With this case and all before it: the part of starts that can be finished, and with no detour. */
  readonly finished: number | null;
  readonly direct: number | null;
}

/** One stage of the path: its cases in the order in which they are worth learning. */
export interface PathStage {
  readonly stage: Stage;
  readonly approach: string;
  readonly title: string;
  readonly cases: readonly PathCase[];
  /** How many starts were tried for it, drawn from all. */
  readonly tried: number;
}

const MOST_STARTS = 4000;

/**
 * The cases of an approach in the order in which they are worth learning: by the turns that a solve
 * loses on average without them, which is the chance to meet a case times what one does instead.
 */
export function stagePath(
  approach: Approach,
  chances: ReadonlyMap<string, number>,
  turnsOf: (id: string) => Pick<PathCase, 'sequence' | 'turns' | 'drill'>,
): PathStage {
  const { id, stage, title } = approach;
  const words = new Map(approach.cases.map((one) => [one.id, one.title]));
  const about = (
    one: string,
  ): Pick<PathCase, 'case' | 'title' | 'chance' | 'sequence' | 'turns' | 'drill'> => ({
    case: one,
    title: words.get(one)!,
    chance: chances.get(one) ?? 0,
    ...turnsOf(one),
  });
  if (isSearch(approach)) {
    const cases = approach.cases.map((one) => ({
      ...about(one.id),
      lost: null,
      finished: null,
      direct: null,
    }));
    return { stage, approach: id, title, cases, tried: 0 };
  }
  const some = someStarts(approach, MOST_STARTS);
  const lost = turnsLost(approach, some);
  const known = new Set<string>();
  const cases = inOrder(approach, lost, chances).map((one) => {
    known.add(one);
    const { finished, direct } = new KnownOnly(approach, known).over(some);
    return { ...about(one), lost: lost.get(one)!, finished, direct };
  });
  return { stage, approach: id, title, cases, tried: some.numbers.length };
}

/** For each case, the turns that a solve takes more on average if it alone is not known. */
function turnsLost(approach: PatternApproach, starts: SomeStarts): Map<string, number> {
  const ids = approach.cases.map(({ id }) => id);
  const whole = new KnownOnly(approach, new Set(ids)).over(starts).turns;
  return new Map(
    ids.map((id) => {
      const without = new KnownOnly(approach, new Set(ids.filter((one) => one !== id)));
      const { turns, finished } = without.over(starts);
      const done = finished > 0 ? finished * turns : 0;
      // What is not finished at all is dug out, and the stage done again: twice as long.
      return [id, Math.max(0, done + (1 - finished) * 2 * whole - whole)];
    }),
  );
}

/** By what is lost without them; of those that lose nothing, what is met most often. */
function inOrder(
  approach: PatternApproach,
  lost: ReadonlyMap<string, number>,
  chances: ReadonlyMap<string, number>,
): string[] {
  const chance = (id: string): number => chances.get(id) ?? 0;
  return approach.cases
    .map(({ id }) => id)
    .sort((a, b) => lost.get(b)! - lost.get(a)! || chance(b) - chance(a));
}
