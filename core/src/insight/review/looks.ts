import {
  applyTurns,
  type ColourScheme,
  copyCube,
  type Cube,
  holdsWithUp,
  HOME_HOLD,
  type Side,
  sideOfTurn,
  type Turn,
  turnInHold,
  turnSeenInHold,
  turnsIn,
} from '../../puzzle/cube/index.js';
import { simplifyMoves } from '../../puzzle/notation/index.js';
import type { Approach, CaseWords } from '../../teaching/approaches/index.js';
import { isOfLastLayer } from '../../teaching/stages/index.js';
import {
  type PatternRunner,
  type Runner,
  runnerFor,
  type Searching,
} from '../../engine/run/index.js';
import { type DoneSolve, keyBut, layerTurned } from './done-turns.js';
import { lastLayer, type Stretch } from './stage-orders.js';

/** How a case was answered: by its own turns, by others to the same end, or without ending it. */
export type Answered = 'as-taught' | 'otherwise' | 'own';

/** One look: what was seen, and the turns that followed it. */
interface Look {
  /** Positions in the solve, in turns. */
  from: number;
  to: number;
  case: CaseWords | null;
  answered: Answered;
  /** Turns of the case as it is taught, lining up included; null where there is none. */
  taught: number | null;
}

/** How well an approach explains a stretch of a solve. */
export interface Reading {
  approach: Approach;
  looks: readonly Look[];
  /** 0…1: the share of the turns that its cases account for. */
  fit: number;
}

/** A way of going on from a position: an answered case, or a turn that no case accounts for. */
interface Next extends Look {
  worth: number;
}

const WORTH = { 'as-taught': 1, otherwise: 0.6, own: 0 } as const;
/** Among readings that explain as much, the one with fewer looks is taken. */
const LOOK_COST = 0.01;
/** An answer that took this many turns more than the case is no answer to it any more. */
const ROUNDABOUT = 24;
/** A search has no turns of its own to know it by, but what it brings home at once; else little. */
const SEARCH_WORTH = 0.9;
const ANY_PROGRESS = 0.2;

/** Reads a stretch as an approach would: which cases were met, and how each was answered. */
export function readAs(
  approach: Approach,
  solve: DoneSolve,
  stretch: Stretch,
  first: Side,
  scheme: ColourScheme,
): Reading {
  const { from, to } = stretch;
  if (from === to) return { approach, looks: [], fit: 1 };
  const runner = runnerFor(approach, first, scheme);
  const nexts = runner.searching
    ? searchNexts(runner, runner.searching, solve, stretch)
    : patternNexts(runner, solve, stretch, first);
  const looks = bestChain(from, to, nexts);
  const worth = looks.reduce((sum, look) => sum + look.worth * (look.to - look.from), 0);
  return { approach, looks: joined(looks), fit: worth / (to - from) };
}

/** The chain of looks from one position to another that accounts for most turns. */
function bestChain(from: number, to: number, nexts: (at: number) => Next[]): Next[] {
  const best = new Array<number>(to + 1).fill(0);
  const chosen = new Array<Next | undefined>(to + 1);
  for (let at = to - 1; at >= from; at--) {
    best[at] = -Infinity;
    const alone: Next = {
      from: at,
      to: at + 1,
      case: null,
      answered: 'own',
      taught: null,
      worth: 0,
    };
    for (const next of [...nexts(at), alone]) {
      const gain = next.worth * (next.to - at) - (next === alone ? 0 : LOOK_COST) + best[next.to]!;
      if (gain > best[at]!) {
        best[at] = gain;
        chosen[at] = next;
      }
    }
  }
  const chain: Next[] = [];
  for (let at = from; at < to; at = chosen[at]!.to) chain.push(chosen[at]!);
  return chain;
}

/** Turns that no case accounts for, one after the other, are one look. */
function joined(looks: readonly Look[]): Look[] {
  const all: Look[] = [];
  for (const { from, to, case: met, answered, taught } of looks) {
    const before = all[all.length - 1];
    if (before?.answered === 'own' && answered === 'own') before.to = to;
    else all.push({ from, to, case: met, answered, taught });
  }
  return all;
}

/** The turns without what lines up at either end, as few as they can be. */
function coreOf(turns: readonly Turn[], layer: Side): string {
  const few = simplifyMoves(turns);
  const ends = (turn: Turn | undefined): boolean =>
    turn !== undefined && sideOfTurn(turn) === layer;
  let [start, end] = [0, few.length];
  while (ends(few[start])) start++;
  while (end > start && ends(few[end - 1])) end--;
  return few.slice(start, end).join();
}

function patternNexts(
  runner: PatternRunner,
  { turns, cubes }: DoneSolve,
  { from, to, stage }: Stretch,
  first: Side,
): (at: number) => Next[] {
  const layer = lastLayer(first);
  const met = new Map<string, number[]>();
  for (let at = from; at <= to; at++) {
    const key = keyBut(layer, cubes[at]!);
    met.set(key, [...(met.get(key) ?? []), at]);
  }
  // Whoever has not lined up the last layer does the same in a hold turned as far.
  const seenFrom = (cube: Cube): Cube[] =>
    isOfLastLayer(stage) ? layerTurned(layer, cube) : [cube];
  return (at) =>
    seenFrom(cubes[at]!).flatMap((seen, quarters) =>
      runner.fitting(seen).flatMap((variant) => {
        const after = applyTurns(copyCube(seen), variant.turns);
        const taught = variant.turnCount;
        const ends = (met.get(keyBut(layer, after)) ?? []).filter(
          (end) => end > at && end - at <= 2 * taught + ROUNDABOUT,
        );
        // Nearly every variant ends nowhere that the solve came to.
        if (ends.length === 0) return [];
        const core = coreOf(asTurned(turnsIn(variant.turns), layer, quarters), layer);
        return ends.map((end): Next => {
          const same = coreOf(turns.slice(at, end), layer) === core;
          const answered: Answered = same ? 'as-taught' : 'otherwise';
          const worth = WORTH[answered];
          return { from: at, to: end, case: variant.case, answered, taught, worth };
        });
      }),
    );
}

/** Turns as they are done in a hold turned by so many quarters against a layer. */
function asTurned(turns: readonly Turn[], layer: Side, quarters: number): Turn[] {
  const holds = holdsWithUp(layer);
  const [from, to] = [holds[0]!, holds[quarters]!];
  return turns.map((turn) => turnInHold(from, turnSeenInHold(to, turn)));
}

/** A cross done in hardly more turns than the fewest was planned whole. */
const NEARLY = 2;
/** A corner and its edge that come home together within so many turns were taken as a pair. */
const PAIR_WITHIN = 16;

function searchNexts(
  runner: Runner,
  searching: Searching,
  solve: DoneSolve,
  stretch: Stretch,
): (at: number) => Next[] {
  const { turns, cubes } = solve;
  const { from, to } = stretch;
  const fewest = searching.fewest(cubes[from]!);
  const planned = fewest !== undefined && to - from <= fewest + NEARLY;
  const progress = (at: number): number => searching.progress(cubes[at]!);
  return (at) => {
    const before = progress(at);
    let end = at + 1;
    while (end < to && progress(end) <= before) end++;
    const [next] = runner.next(cubes[at]!, HOME_HOLD, false);
    if (!next) return [];
    const same =
      simplifyMoves(turns.slice(at, end)).join() === simplifyMoves(turnsIn(next.turns)).join();
    const together = fewest === undefined && progress(end) - before >= 2 && end - at <= PAIR_WITHIN;
    return [
      {
        from: at,
        to: end,
        case: next.case,
        taught: next.turnCount,
        answered: same ? 'as-taught' : 'otherwise',
        worth: planned || together ? SEARCH_WORTH : ANY_PROGRESS,
      },
    ];
  };
}
