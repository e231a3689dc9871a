import { type Approach, isSearch } from '../../teaching/approaches/index.js';
import type { Stage } from '../../teaching/stages/index.js';
import { worthOf } from '../../engine/facts/index.js';
import { countWorth } from './worth.js';

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
  /** Over how many starts it was counted, of how many; 0 where nothing was. */
  readonly tried: number;
  readonly starts: number;
}

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
    return { stage, approach: id, title, cases, tried: 0, starts: 0 };
  }
  const worth = worthOf(approach) ?? countWorth(approach);
  const cases = worth.cases.map(({ case: one, lost, finished, direct }) => ({
    ...about(one),
    lost,
    finished,
    direct,
  }));
  return { stage, approach: id, title, cases, tried: worth.tried, starts: worth.starts };
}
