import {
  colourAt,
  type Cube,
  faceInHold,
  type Hold,
  stickerInHold,
} from '../../puzzle/cube/index.js';
import { stickerCalled } from '../../engine/run/index.js';
import type { GlanceNode, GlancePlan } from './plan.js';
import { roleOfFace } from './roles.js';
import type { Look, Outcome } from './situations.js';

/** What was looked at, in order, and what was seen there. */
export interface Looked {
  readonly look: Look;
  readonly seen: string;
  /** What it leaves; `casesIn` says which cases that are. */
  readonly then: GlanceNode;
}

export interface Followed {
  readonly end: Outcome | { readonly open: readonly string[] };
  readonly looked: readonly Looked[];
}

/**
 * Goes through a plan by what is answered.
 * @throws RangeError when an answer is none of those that can be.
 */
export function followGlance(
  { tree }: Pick<GlancePlan, 'tree'>,
  answer: (look: Look) => string,
): Followed {
  const looked: Looked[] = [];
  let node = tree;
  while ('answers' in node) {
    const { look, answers } = node;
    const seen = answer(look);
    const next = answers.find((one) => one.seen.includes(seen));
    if (!next) {
      throw new RangeError(`${JSON.stringify(look)} cannot be ${seen} here`);
    }
    node = next.then;
    looked.push({ look, seen, then: node });
  }
  return { end: node, looked };
}

const known = new WeakMap<GlanceNode, readonly string[]>();

/** The cases a part of a plan can end in. */
export function casesIn(node: GlanceNode): readonly string[] {
  let cases = known.get(node);
  if (!cases) known.set(node, (cases = [...new Set(endsOf(node))]));
  return cases;
}

function endsOf(node: GlanceNode): readonly string[] {
  if ('answers' in node) return node.answers.flatMap(({ then }) => casesIn(then));
  return 'open' in node ? node.open : [node.case];
}

/** The colour, by role, that a cube shows in a hold at a sticker that is named by its place there. */
export function roleSeen(cube: Cube, hold: Hold, sticker: string, firstUp: boolean): string {
  const colour = colourAt(cube, stickerInHold(hold, numberOf(sticker)));
  return roleOfFace(faceInHold(hold, colour), firstUp);
}

// Asked for every look of every start; reading the name takes longer than all else.
const numbers = new Map<string, number>();

function numberOf(sticker: string): number {
  let number = numbers.get(sticker);
  if (number === undefined) numbers.set(sticker, (number = stickerCalled(sticker)!));
  return number;
}
