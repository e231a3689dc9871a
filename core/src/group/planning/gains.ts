import type { Standing } from '../../learner/standing/index.js';
import { partsOf, type PlanAsked, type PlanCase, type PlanLearner, type Slot } from './asked.js';

/**
 * What a learner gains by doing something for a block: the chance that a case becomes sure by it, so that
 * gains of different learners add up to cases made sure. The chance rises with the minutes towards one;
 * `HALF` says after how many it is even. They are judgements, ordered by what coaches tell.
 */
const HALF = {
  /** Never seen, shown by the coach. */
  new: 16,
  /** Begun, without help. */
  begun: 14,
  /** Done once alone: to be done again on another day. */
  known: 9,
  slipping: 10,
  /** The same with somebody beside who is sure of it and explains. */
  explained: 6,
  /** Two that are taken for each other, told apart. */
  apart: 8,
} as const;

/** What explaining gives to whoever explains: it stays longer. */
const EXPLAINING = 0.06;
/** Whole solves keep what one has. */
const SOLVING = 0.02;
/** What is second and third on somebody's path is worth less than what is next. */
const LATER = [1, 0.85, 0.7];
/** Mixed up less often than this may be chance. */
const LEAST_MIXED = 2;

/** Something a table can do in a block. */
export interface Activity {
  readonly slot: Slot;
  /** By learner: what they gain without anybody's help. */
  readonly alone: Float64Array;
  /** By learner: whether they are losing it, and are helped by somebody explaining it. */
  readonly losing: Uint8Array;
  /** By learner: whether they are sure of it, and can explain it. */
  readonly sure: Uint8Array;
  /** What one explaining it to another gives more, to both together. */
  readonly bonus: number;
  /** By learner: whether it is theirs to do. */
  readonly isTheirs: Uint8Array;
}

/** All that can be done in a session, with what each learner gains by it. */
export interface Gains {
  readonly learners: number;
  readonly blocks: number;
  /** With the coach, at one table at a time. */
  readonly fresh: readonly Activity[];
  /** Without. */
  readonly others: readonly Activity[];
  /** What a block gives where nothing in it is somebody's. */
  readonly beside: number;
}

/** The chance that something with this half-time becomes sure in so many minutes; long sequences take longer. */
const chance = (half: number, minutes: number, turns: number): number =>
  1 - 2 ** (-minutes / (half * (0.7 + turns / 25)));

/** Reckons what everybody can gain. */
export function gainsOf({ cases, learners, minutes, cubes }: PlanAsked): Gains {
  const { blocks, block } = partsOf(minutes);
  // With fewer cubes than learners they take turns at them.
  const atCube = block * Math.min(1, cubes / Math.max(1, learners.length));
  const make = (slot: Slot, gain: (one: PlanLearner) => Gain): Activity => {
    const all = learners.map(gain);
    return {
      slot,
      alone: Float64Array.from(all, ({ alone }) => alone),
      losing: Uint8Array.from(all, ({ bonus }) => Number(bonus !== undefined)),
      sure: Uint8Array.from(all, ({ sure }) => Number(sure === true)),
      bonus: all.find(({ bonus }) => bonus !== undefined)?.bonus ?? 0,
      isTheirs: Uint8Array.from(all, ({ alone }) => Number(alone > 0)),
    };
  };
  const nexts = learners.map((one) => nextNew(cases, one.standings));
  const fresh = cases.map((one, k) =>
    make({ kind: 'new', case: one.case, other: '' }, (learner) => {
      const at = nexts[learners.indexOf(learner)]!.indexOf(k);
      return { alone: at < 0 ? 0 : LATER[at]! * chance(HALF.new, atCube, one.turns) };
    }),
  );
  const firm = cases.map((one, k) =>
    make({ kind: 'firm', case: one.case, other: '' }, ({ standings }) =>
      firmGain(standings[k]!, one.turns, atCube),
    ),
  );
  const index = new Map(cases.map((one, k) => [one.case, k]));
  const apart = mixedUpPairs(learners, index).map(([a, b]) =>
    make({ kind: 'apart', case: a, other: b }, (learner) => {
      const times = timesMixed(learner, a, b);
      const turns = (cases[index.get(a)!]!.turns + cases[index.get(b)!]!.turns) / 2;
      return { alone: times >= LEAST_MIXED ? chance(HALF.apart, atCube, turns / 2) : 0 };
    }),
  );
  const matters = ({ isTheirs }: Activity): boolean => isTheirs.includes(1);
  return {
    learners: learners.length,
    blocks,
    beside: SOLVING,
    fresh: fresh.filter(matters),
    others: [...firm, ...apart].filter(matters),
  };
}

interface Gain {
  alone: number;
  /** Given where they are losing it; for one activity it is the same for all. */
  bonus?: number;
  sure?: boolean;
}

function firmGain(standing: Standing, turns: number, minutes: number): Gain {
  if (standing === 'new') return { alone: 0 };
  if (standing === 'sure') return { alone: 0, sure: true };
  const alone = chance(HALF[standing], minutes, turns);
  if (standing !== 'slipping') return { alone };
  return { alone, bonus: chance(HALF.explained, minutes, turns) - alone + EXPLAINING };
}

/**
 * The numbers of the cases that are next on a learner's path, the next first: of the first stage with
 * something in it that is not even known, for nobody is sent on before.
 */
export function nextNew(cases: readonly PlanCase[], standings: readonly Standing[]): number[] {
  const open = cases.findIndex((_, k) => standings[k] === 'new' || standings[k] === 'begun');
  if (open < 0) return [];
  const { stage } = cases[open]!;
  return cases
    .flatMap((one, k) => (one.stage === stage && standings[k] === 'new' ? [k] : []))
    .slice(0, LATER.length);
}

function mixedUpPairs(
  learners: readonly PlanLearner[],
  index: ReadonlyMap<string, number>,
): (readonly [string, string])[] {
  const pairs = new Map<string, readonly [string, string]>();
  for (const { mixedUp } of learners) {
    for (const { was, said } of mixedUp) {
      if (!index.has(was) || !index.has(said)) continue;
      const pair =
        index.get(was)! < index.get(said)! ? ([was, said] as const) : ([said, was] as const);
      pairs.set(pair.join(' '), pair);
    }
  }
  return [...pairs.values()];
}

/** How often a learner took either of two cases for the other. */
export const timesMixed = ({ mixedUp }: PlanLearner, a: string, b: string): number =>
  mixedUp
    .filter(({ was, said }) => (was === a && said === b) || (was === b && said === a))
    .reduce((sum, { times }) => sum + times, 0);

/** What everybody at a table gains by an activity, whoever is sure of it explaining it to one who is losing it. */
export function gainAt(
  { alone, losing, sure, bonus }: Activity,
  members: readonly number[],
): number {
  let [sum, helped, explain] = [0, 0, 0];
  for (const one of members) {
    sum += alone[one]!;
    helped += losing[one]!;
    explain += sure[one]!;
  }
  return sum + bonus * Math.min(helped, explain);
}
