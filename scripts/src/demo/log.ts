import {
  axisOf,
  type Cube,
  isWholeCube,
  type Method,
  methodById,
  quartersOf,
  type Random,
  randomCube,
  randomFrom,
  readStep,
  solvedCube,
  type Stage,
  STANDARD_SCHEME,
  turnHold,
  turnInHold,
  writeMoves,
} from '@sleetcrest/core';
import { solve, stagesOf } from '@sleetcrest/core/engine/run';
import { BLANK_ENTRY, type LogEntry } from '@sleetcrest/core/learner/log';
import { makeWayTables, wayBetween, type WayTables } from '@sleetcrest/core/puzzle/search';
import { idFrom } from './ids.js';
import type { DemoPerson } from './people.js';

const WEEKS = 10;
const DAY = 86_400_000;
/** The newest solves have their turns with them, so that there is something to review. */
const REVIEWABLE = 5;

const NOTES = [
  'in the waiting room, ferry late',
  'cold hands',
  'looked twice before the last corners',
  'with gloves off at last',
  'Grandfather watched',
];
const REASONS = ['a corner popped out', 'the ferry came', 'somebody asked the time'];

/** About how long each stage takes, beside the others. */
const WEIGHTS: Partial<Record<Stage, number>> = {
  daisy: 9,
  cross: 8,
  corners: 26,
  middle: 30,
  'yellow-cross': 7,
  'yellow-edges': 8,
  'corner-places': 14,
  'corner-twists': 20,
  'yellow-face': 12,
  'corner-swap': 14,
  'edge-cycle': 12,
};

/** About how many turns each stage takes. */
const TURNS: Partial<Record<Stage, number>> = {
  daisy: 7,
  cross: 7,
  corners: 27,
  middle: 36,
  'yellow-cross': 10,
  'yellow-edges': 8,
  'corner-places': 15,
  'corner-twists': 34,
  'yellow-face': 14,
  'corner-swap': 12,
  'edge-cycle': 11,
};

/** A number about 1, mostly between 0.8 and 1.25, never far off. */
const about = (random: Random): number =>
  0.72 + (random(1000) + random(1000) + random(1000) + random(400)) / 5600;

const round = (seconds: number): number => Math.round(seconds * 100) / 100;

/** Ten weeks of somebody's practice up to `now`, the same whenever it is the same day. */
export function demoLog(
  { name, practice }: Required<Pick<DemoPerson, 'name' | 'practice'>>,
  now: Date,
): LogEntry[] {
  const random = randomFrom(practice.seed);
  const method = methodById(practice.method)!;
  const stages = stagesOf(method);
  const midnight = Math.floor(now.getTime() / DAY) * DAY;
  const entries: LogEntry[] = [];
  for (let day = WEEKS * 7; day >= 1; day--) {
    if (random(WEEKS * 7) >= practice.days) continue;
    let at = midnight - day * DAY + (16 * 60 + random(120)) * 60_000;
    for (let left = 1 + random(practice.most); left > 0; left--) {
      const done = 1 - day / (WEEKS * 7);
      const usual = practice.from * (practice.to / practice.from) ** done;
      entries.push(oneEntry(`${name} ${entries.length}`, at, usual * about(random)));
      at += (usual + 40 + random(90)) * 1000;
    }
  }
  withTurns(entries, method, random);
  return entries;

  function oneEntry(key: string, at: number, seconds: number): LogEntry {
    const single = random(7) === 0 ? stages[2 + random(stages.length - 2)]! : null;
    const stage = practice.stages ? stages[random(practice.stages)]! : single;
    const outcome = random(40) === 0 ? 'aside' : random(45) === 0 ? 'unfinished' : 'finished';
    const splits = stage === null && random(5) > 0 ? splitsOf(seconds) : [];
    const whole = splits.reduce((sum, split) => sum + split.time, 0) || seconds;
    return {
      ...BLANK_ENTRY,
      id: idFrom(`sleetcrest demo ${key}`),
      kind: stage === null ? 'solve' : 'stage',
      stage,
      beganAt: new Date(at).toISOString(),
      time: round(stage === null ? whole : seconds * shareOf(stage)),
      outcome,
      reason: outcome === 'aside' ? REASONS[random(REASONS.length)]! : '',
      note: random(12) === 0 ? NOTES[random(NOTES.length)]! : '',
      method: method.id,
      cube: practice.cube,
      splits,
      tags: new Date(at).getUTCDay() === 4 ? ['Thursday table'] : [],
    };
  }

  function shareOf(stage: Stage): number {
    const all = stages.reduce((sum, one) => sum + (WEIGHTS[one] ?? 10), 0);
    return (WEIGHTS[stage] ?? 10) / all;
  }

  function splitsOf(seconds: number): LogEntry['splits'] {
    return stages.map((stage) => {
      const time = round(seconds * shareOf(stage) * about(random));
      return { stage, time, turns: Math.round((TURNS[stage] ?? 10) * about(random)) };
    });
  }
}

let tables: WayTables | undefined;

/** Gives the newest solves a scramble and the turns done: by the method, with a slip here and there. */
function withTurns(entries: LogEntry[], method: Method, random: Random): void {
  // For all people of the demo: they take a second or two to make.
  tables ??= makeWayTables();
  const solves = entries.filter(({ kind, outcome }) => kind === 'solve' && outcome === 'finished');
  for (const entry of solves.slice(-REVIEWABLE)) {
    const cube = randomCube(random);
    entry.scramble = writeMoves(wayBetween(tables, solvedCube(), cube));
    entry.turns = turnsBy(method, cube, random);
  }
}

function turnsBy(method: Method, cube: Cube, random: Random): string {
  const walk = solve(cube, method);
  if (!walk.ok) throw new Error(walk.error);
  return walk.value.steps
    .flatMap((step) => {
      const { hold, lineUp, sequence } = readStep(step, STANDARD_SCHEME);
      let now = hold;
      const turns = [...lineUp, ...sequence].flatMap((move) => {
        if (!isWholeCube(move)) return [writeMoves([turnInHold(now, move)])];
        now = turnHold(now, axisOf(move), quartersOf(move));
        return [];
      });
      const slip =
        [["R'", 'F', "F'", 'R'], ['L', "L'"], ['D', 'D', 'D', 'D'], []][random(24)] ?? [];
      return [...slip, ...turns];
    })
    .join(' ');
}
