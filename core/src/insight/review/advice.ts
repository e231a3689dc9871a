import {
  applyTurns,
  type ColourScheme,
  copyCube,
  type Cube,
  isHome,
  layersOf,
  PLACE_COUNT,
  randomCube,
  randomFrom,
  type Side,
  UP,
} from '../../puzzle/cube/index.js';
import {
  type Approach,
  APPROACHES,
  canFollow,
  caseTitle,
  isSearch,
} from '../../teaching/approaches/index.js';
import type { Method } from '../../teaching/methods/index.js';
import { patternRunnerFor, solve } from '../../engine/run/index.js';
import { countDone, type DoneSolve } from './done-turns.js';
import type { InferredStage } from './infer.js';
import { approachesFor, isDone } from './stage-orders.js';
import type { Waste } from './waste.js';
import { wayBy } from './ways.js';
import { numberWord, spoken } from '../../words/index.js';
import { SAY } from './words.js';

/** One thing worth learning, and what it would save. */
export interface Advice {
  says: string;
  /** The case it is about and the approach that does it in fewer turns; null for a habit. */
  case: string | null;
  approach: string | null;
  /** Turns saved each time it comes up, and how often that is in a solve. */
  saves: number;
  times: number;
}

const MOST = 3;
/** Saving less than this is not worth a new sequence. */
const WORTH_LEARNING = 2;
const SAMPLE = 300;
const SEED = 91_357;

/** The two or three things most worth learning from a solve, the one that saves most first. */
export function adviceOn(
  solved: DoneSolve,
  stages: readonly InferredStage[],
  wastes: readonly Waste[],
  first: Side,
  scheme: ColourScheme,
): Advice[] {
  const often = timesMet(stages);
  const found = stages.flatMap((stage) => adviceOnStage(solved, stage, often, first, scheme));
  const best = new Map<string, Advice>();
  for (const one of found) {
    const known = best.get(one.case!);
    if (!known || known.saves < one.saves) best.set(one.case!, one);
  }
  return [...best.values(), ...habits(wastes)]
    .sort((a, b) => b.saves * b.times - a.saves * a.times)
    .slice(0, MOST);
}

/** How often solves by these approaches meet each case, over random cubes; the same every time. */
function timesMet(stages: readonly InferredStage[]): Map<string, number> {
  const method: Method = {
    format: 'sleetcrest/method@1',
    id: 'as-done',
    title: SAY.asItWasDone,
    approaches: wholeMethod(stages),
  };
  const random = randomFrom(SEED);
  const met = new Map<string, number>();
  for (let k = 0; k < SAMPLE; k++) {
    const walk = solve(randomCube(random), method, UP);
    if (!walk.ok) return new Map();
    for (const step of walk.value.steps) {
      met.set(step.case, (met.get(step.case) ?? 0) + 1 / SAMPLE);
    }
  }
  return met;
}

/** The approaches inferred, and any that can end the solve where it was not finished. */
function wholeMethod(stages: readonly InferredStage[]): string[] {
  const ids = stages.map(({ reading }) => reading.approach.id);
  let after = stages[stages.length - 1]?.stretch.stage ?? null;
  for (;;) {
    const next = APPROACHES.find((one) => canFollow(one, after));
    if (!next) return ids;
    ids.push(next.id);
    after = next.stage;
  }
}

function adviceOnStage(
  solved: DoneSolve,
  { stretch, reading }: InferredStage,
  often: ReadonlyMap<string, number>,
  first: Side,
  scheme: ColourScheme,
): Advice[] {
  const { cubes } = solved;
  const others = approachesFor(stretch).filter((one) => one !== reading.approach);
  return reading.looks.flatMap((look): Advice[] => {
    const met = look.case;
    if (!met || look.answered === 'own' || look.taught === null) return [];
    const turns = Math.min(countDone(solved, look.from, look.to), look.taught);
    const shorter = others
      .map((approach) => ({
        approach,
        turnCount: answerBy(approach, cubes[look.from]!, cubes[look.to]!, first, scheme),
      }))
      .filter(({ turnCount }) => turns - turnCount >= WORTH_LEARNING)
      .sort((a, b) => a.turnCount - b.turnCount)[0];
    if (!shorter) return [];
    const saves = turns - shorter.turnCount;
    const times = often.get(met.id) ?? 0;
    if (times === 0) return [];
    const title = caseTitle(met, first, scheme);
    return [
      {
        says: SAY.shorterWay({
          title,
          turnCount: numberWord(shorter.turnCount),
          approach: spoken(shorter.approach.title),
          count: numberWord(saves),
          saves,
          often: oftenSaid(times),
        }),
        case: met.id,
        approach: shorter.approach.id,
        saves,
        times,
      },
    ];
  });
}

/** The fewest turns in which another approach brings home what a look did; Infinity if it cannot. */
function answerBy(
  approach: Approach,
  before: Cube,
  after: Cube,
  first: Side,
  scheme: ColourScheme,
): number {
  const { stage } = approach;
  const ends = isDone(after, stage, first);
  if (ends) {
    const way = wayBy(approach, before, first, scheme);
    return way ? way.turnCount : Infinity;
  }
  if (isSearch(approach)) return Infinity;
  const runner = patternRunnerFor(approach, first, scheme);
  const wanted = lowerHome(after, first);
  if (wanted.length <= lowerHome(before, first).length) return Infinity;
  return runner.fitting(before).reduce((least, variant) => {
    const cube = applyTurns(copyCube(before), variant.turns);
    return wanted.every((place) => isHome(cube, place))
      ? Math.min(least, variant.turnCount)
      : least;
  }, Infinity);
}

/** The pieces of the lower layers that are home. */
function lowerHome(cube: Cube, first: Side): number[] {
  const { lastCorners, lastEdges } = layersOf(first);
  const last = new Set([...lastCorners, ...lastEdges]);
  return Array.from({ length: PLACE_COUNT }, (_, place) => place).filter(
    (place) => !last.has(place) && isHome(cube, place),
  );
}

/** What was wasted, as a habit that is met in every solve. */
function habits(wastes: readonly Waste[]): Advice[] {
  const sum = (kind: Waste['kind']): number =>
    wastes.filter((one) => one.kind === kind).reduce((turns, one) => turns + one.turns, 0);
  const lining = sum('over-lined');
  const cancelled = sum('cancels') + sum('undone') + sum('round');
  const habit = (saves: number, says: string): Advice[] =>
    saves >= WORTH_LEARNING ? [{ says, case: null, approach: null, saves, times: 1 }] : [];
  return [
    ...habit(lining, SAY.lineUpNearer({ count: numberWord(lining), turns: lining })),
    ...habit(cancelled, SAY.lookOnceMore({ count: numberWord(cancelled), turns: cancelled })),
  ];
}

/** How often something comes up, in words: "twice in a solve", "once in three solves". */
export function oftenSaid(times: number): string {
  const rounded = Math.round(times * 2) / 2;
  if (rounded >= 1.5) {
    return Number.isInteger(rounded)
      ? rounded === 2
        ? SAY.twiceInASolve
        : SAY.timesInASolve({ rounded: numberWord(rounded) })
      : SAY.timesInASolve({ rounded });
  }
  const solves = Math.round(1 / times);
  return solves <= 1 ? SAY.onceInASolve : SAY.onceInSolves({ solves: numberWord(solves) });
}
