import { type Side, SIDES } from '../../puzzle/cube/index.js';
import { type Approach, isSearch, type Role } from '../../teaching/approaches/index.js';
import type { Stage } from '../../teaching/stages/index.js';
import { type Found, NotTold } from './guessed.js';
import { allTold, inSight, type InSight } from './in-sight.js';
import { informationNeeded } from './information.js';
import { situationsOfPatterns } from './of-patterns.js';
import { answerWords, situationsOfSearch } from './of-search.js';
import { roleOfFace } from './roles.js';
import { GlanceSearch, type SearchResult } from './search.js';
import { BARE_OPPOSITE, KEYS, type Look, type Outcome, type Situations } from './situations.js';

/** What one may look at: only what is in sight as the cube is held, or also the back, left and below. */
export type Sight = 'ahead' | 'around';

/** A leaf says what to do, or that nothing in sight tells more; a look has answers that lead on. */
export type GlanceNode =
  | Outcome
  | { readonly open: readonly string[] }
  | {
      readonly look: Look;
      /** Was looked at before; now it can be told what it means. */
      readonly again?: true;
      readonly answers: readonly GlanceAnswer[];
    };

interface GlanceAnswer {
  /** Colours by role that the sticker may have; of a piece, layers, places or sides. */
  readonly seen: readonly string[];
  /** The part of all looks that come here. */
  readonly part: number;
  readonly then: GlanceNode;
}

/** The fewest looks that decide what to do, as a tree. */
export interface GlancePlan {
  readonly format: 'sleetcrest/glance@1';
  readonly approach: string;
  readonly stage: Stage;
  readonly up: 'first' | 'opposite';
  readonly sight: Sight;
  /** Looks on average and at most; one at the back or left counts 2, one below 3. */
  readonly mean: number;
  readonly worst: number;
  /** No plan needs fewer on average; the same as the mean where the plan is the best. */
  readonly atLeast: number;
  /** What the answers would have to tell, were all of them equally likely. */
  readonly information: number;
  /** Going through the patterns one by one, in their order. */
  readonly inOrder: number | null;
  /** The part of all looks in which what is in sight does not tell. */
  readonly open: number;
  /** Cases that cannot be told apart by it. */
  readonly alike: readonly (readonly string[])[];
  readonly tree: GlanceNode;
}

/** Situations and what they cost by going through the patterns; made once for both sights. */
export interface Gazed {
  readonly approach: Approach;
  readonly situations: Situations;
  readonly inOrder: number | null;
}

/**
 * All an approach may be looking at.
 * @throws ApproachError when a case of the approach cannot be used.
 */
export const gaze = (approach: Approach): Gazed => ({
  approach,
  ...(isSearch(approach) ? situationsOfSearch(approach) : situationsOfPatterns(approach)),
});

/** Situations times looks that a search may take. */
const WORK = 1_000_000;

/** The plan of looks for an approach, by what may be seen. */
export function glancePlan({ approach, situations, inOrder }: Gazed, sight: Sight): GlancePlan {
  const allowed = situations.lookables.flatMap(({ cost }, look) =>
    sight === 'around' || cost === 1 ? [look] : [],
  );
  const { seen, plan, mean, atLeast } = searched(situations, allowed, sight);
  const writer = new TreeWriter(seen, approach.up === 'first');
  const { id, stage, up } = approach;
  return {
    format: 'sleetcrest/glance@1',
    approach: id,
    stage,
    up,
    sight,
    mean,
    worst: worstOf(plan, seen.situations),
    atLeast,
    information: informationNeeded(seen.situations),
    inOrder,
    open: seen.part,
    alike: seen.alike,
    tree: writer.write(plan),
  };
}

/** Around, nearly always everything can be told, so what cannot is looked for only if the search meets it. */
function searched(
  situations: Situations,
  allowed: readonly number[],
  sight: Sight,
): SearchResult & { seen: InSight } {
  const search = (seen: InSight): SearchResult & { seen: InSight } => ({
    seen,
    ...new GlanceSearch(seen.situations, allowed, WORK).run(),
  });
  if (sight === 'around') {
    try {
      return search(allTold(situations));
    } catch (error) {
      if (!(error instanceof NotTold)) throw error;
    }
  }
  return search(inSight(situations, allowed));
}

function worstOf(found: Found, situations: Situations): number {
  if (!('answers' in found)) return 0;
  const cost = found.free ? 0 : situations.lookables[found.look]!.cost;
  return cost + Math.max(...found.answers.map(({ then }) => worstOf(then, situations)));
}

class TreeWriter {
  private readonly situations: Situations;
  private readonly known = new Map<number, readonly string[]>();

  constructor(
    private readonly inSight: InSight,
    private readonly firstUp: boolean,
  ) {
    this.situations = inSight.situations;
  }

  write(found: Found): GlanceNode {
    if (!('answers' in found)) {
      if (found.outcome === this.inSight.open) return { open: this.canBe(found.states) };
      return this.situations.outcomes[found.outcome]!;
    }
    const { look, free, answers } = found;
    const lookable = this.situations.lookables[look]!;
    const joined: { seen: string[]; part: number; found: Found }[] = [];
    for (const { code, rough, part, then } of answers) {
      const seen = this.words(look, code, rough);
      const same = joined.find((one) => sameFound(one.found, then));
      if (same) {
        same.seen.push(...seen);
        same.part += part;
        if ('states' in then && 'states' in same.found) {
          const states = Int32Array.from([...same.found.states, ...then.states]);
          same.found = { outcome: then.outcome, states };
        }
      } else joined.push({ seen: [...seen], part, found: then });
    }
    return {
      look: lookable.look,
      ...(free ? { again: true } : {}),
      answers: joined
        .sort((a, b) => b.part - a.part)
        .map(({ seen, part, found: then }) => ({ seen, part, then: this.write(then) })),
    };
  }

  private canBe(states: Int32Array): string[] {
    const cases = new Set<string>();
    for (const s of states) for (const one of this.inSight.canBe.get(s) ?? []) cases.add(one);
    return [...cases];
  }

  /** What was seen, in words; wide plans have many thousand answers, but few that differ. */
  private words(look: number, code: number, rough: boolean): readonly string[] {
    const key = (look * KEYS + code) * 2 + Number(rough);
    let words = this.known.get(key);
    if (!words) this.known.set(key, (words = this.wordsOf(look, code, rough)));
    return words;
  }

  private wordsOf(look: number, code: number, rough: boolean): string[] {
    const { look: what, answers, rough: roughOf } = this.situations.lookables[look]!;
    const codes = rough
      ? answers.flatMap((_, exact) => (roughOf[exact] === code ? [exact] : []))
      : [code];
    const shows = codes.flatMap((one) => answers[one] ?? []);
    if (!('sticker' in what)) return shows.flatMap((one) => answerWords(what.asks, one));
    const roles = shows.flatMap((one): Role[] => {
      if (one === BARE_OPPOSITE) return ['opposite'];
      return one < SIDES.length ? [roleOfFace(one as Side, this.firstUp)] : [];
    });
    return [...new Set(roles)];
  }
}

/** Whether two answers lead to the same: to one look in the tree, or to the same thing to do. */
const sameFound = (a: Found, b: Found): boolean =>
  a === b || (!('answers' in a) && !('answers' in b) && a.outcome === b.outcome);
