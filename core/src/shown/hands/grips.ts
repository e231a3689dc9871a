import { isWholeCube, type Move } from '../../puzzle/notation/index.js';
import { type Action, ACTIONS, COSTS, type Grip, type Hand, type Wrist } from './actions.js';
import { SAY } from './words.js';

/** What hands do for one turn, or between two. */
interface HandStep {
  /** Which of the moves it does; null for a regrip. */
  move: number | null;
  /** "right wrist up", "regrip the left hand". */
  says: string;
  cost: number;
}

/** The easiest way for two hands to do some turns one after the other. */
export interface HandPlan {
  cost: number;
  regrips: number;
  steps: readonly HandStep[];
}

const WRISTS: readonly Wrist[] = [-1, 0, 1];
/** All grips, with the one of two hands at rest first. */
const GRIPS: readonly Grip[] = WRISTS.flatMap((right) => WRISTS.map((left) => ({ right, left })));
const REST = GRIPS.findIndex(({ right, left }) => right === 0 && left === 0);

const other = (hand: Hand): Hand => (hand === 'right' ? 'left' : 'right');
const gripNumber = ({ right, left }: Grip): number => (right + 1) * 3 + left + 1;

/** A way to a grip: what it costs so far, and the last steps on it. */
interface Way {
  cost: number;
  step: HandStep | null;
  before: Way | null;
}

/**
 * Plans grips and fingers for a sequence from two hands at rest: the shortest path over nine grips,
 * turn by turn. Of the hands, the one a person calls theirs is preferred. The same for the same moves.
 */
export function handsFor(moves: readonly Move[], preferred: Hand = 'right'): HandPlan {
  let ways: (Way | undefined)[] = new Array<Way | undefined>(GRIPS.length);
  ways[REST] = { cost: 0, step: null, before: null };
  moves.forEach((move, at) => {
    ways = done(regripped(ways), move, at, preferred);
  });
  const best = ways.reduce<Way | undefined>(
    (least, way) => (way && (!least || way.cost < least.cost) ? way : least),
    undefined,
  )!;
  const steps: HandStep[] = [];
  for (let way: Way | null = best; way; way = way.before) if (way.step) steps.unshift(way.step);
  const regrips = steps.filter(({ move }) => move === null).length;
  return { cost: Math.round(best.cost * 100) / 100, regrips, steps };
}

/** Every grip also by putting one hand elsewhere before the next turn, or both. */
function regripped(ways: readonly (Way | undefined)[]): (Way | undefined)[] {
  let now = [...ways];
  for (const hand of ['right', 'left'] as const) {
    const next = [...now];
    now.forEach((way, from) => {
      if (!way) return;
      for (const wrist of WRISTS) {
        if (GRIPS[from]![hand] === wrist) continue;
        const step = { move: null, says: SAY.regripTheHand({ hand }), cost: COSTS.regrip };
        keep(next, gripNumber({ ...GRIPS[from]!, [hand]: wrist }), way, step);
      }
    });
    now = next;
  }
  return now;
}

/** Every grip after a turn, by the cheapest way. */
function done(
  ways: readonly (Way | undefined)[],
  move: Move,
  at: number,
  preferred: Hand,
): (Way | undefined)[] {
  const next = new Array<Way | undefined>(GRIPS.length);
  ways.forEach((way, from) => {
    if (!way) return;
    if (isWholeCube(move)) {
      const step = { move: at, says: SAY.bothHandsTurnTheWhole, cost: COSTS.wholeCube };
      keep(next, REST, way, step);
      return;
    }
    for (const action of ACTIONS.get(move)!) {
      const grip = after(GRIPS[from]!, action);
      if (!grip) continue;
      const cost = costOf(action, GRIPS[from]!, preferred);
      keep(next, gripNumber(grip), way, {
        move: at,
        says: SAY.handDoes({ hand: action.hand, does: SAY[action.does] }),
        cost,
      });
    }
  });
  return next;
}

/** The grip after an action, if it can be done from this one. */
function after(grip: Grip, { hand, from, turnsWrist }: Action): Grip | undefined {
  const wrist = grip[hand];
  if (from && !from.includes(wrist)) return undefined;
  const then = wrist + turnsWrist;
  return then >= -1 && then <= 1 ? { ...grip, [hand]: then as Wrist } : undefined;
}

function costOf({ hand, cost, turnsWrist }: Action, grip: Grip, preferred: Hand): number {
  const unsteady = turnsWrist !== 0 && grip[other(hand)] !== 0 ? COSTS.unsteady : 0;
  return (cost + unsteady) * (hand === preferred ? 1 : COSTS.otherHand);
}

function keep(ways: (Way | undefined)[], grip: number, before: Way, step: HandStep): void {
  const cost = before.cost + step.cost;
  const known = ways[grip];
  // Rounding must not decide between ways that cost the same: the first found stays.
  if (!known || cost < known.cost - 1e-9) ways[grip] = { cost, step, before };
}
