import type { ColourScheme, Side } from '../../puzzle/cube/index.js';
import type { Stage } from '../../teaching/stages/index.js';
import type { DoneSolve } from './done-turns.js';
import { readAs, type Reading } from './looks.js';
import { approachesFor, stagesAfter, type Stretch, stretchesOf } from './stage-orders.js';

/** A stage as it was really done: the stretch, and the approach that explains it best. */
export interface InferredStage {
  stretch: Stretch;
  reading: Reading;
}

/** Stages to the end of a solve, and how many of its turns they account for. */
interface Chain {
  stages: readonly InferredStage[];
  worth: number;
}

/**
 * The stages of a solve under whatever method it was: of all orders of stages, of all places where
 * each can have ended, and of all approaches to each, those whose cases account for most of the
 * turns. Among equals the approaches in `usual` are taken, then those with fewer cases.
 */
export function inferStages(
  solve: DoneSolve,
  first: Side,
  scheme: ColourScheme,
  usual: readonly string[],
): readonly InferredStage[] {
  const known = new Map<string, Chain>();
  const inferred = (stretch: Stretch): InferredStage => {
    const readings = approachesFor(stretch).map((one) =>
      readAs(one, solve, stretch, first, scheme),
    );
    return { stretch, reading: bestOf(readings, usual) };
  };
  const chainFrom = (after: Stage | null, from: number): Chain => {
    const key = `${after} ${from}`;
    let best = known.get(key);
    if (best) return best;
    for (const stage of stagesAfter(after)) {
      for (const stretch of stretchesOf(solve.cubes, { stage, after }, from, first)) {
        const here = inferred(stretch);
        const rest = stretch.reached ? chainFrom(stage, stretch.to) : NOTHING;
        const worth = worthOf(here, usual) + rest.worth;
        if (!best || worth > best.worth + 1e-9) best = { stages: [here, ...rest.stages], worth };
      }
    }
    best ??= NOTHING;
    known.set(key, best);
    return best;
  };
  return chainFrom(null, 0).stages;
}

const NOTHING: Chain = { stages: [], worth: 0 };

const isUsual = ({ approach }: Reading, usual: readonly string[]): number =>
  usual.includes(approach.id) ? 1 : 0;

function bestOf(readings: readonly Reading[], usual: readonly string[]): Reading {
  return readings.reduce((best, one) => {
    if (Math.abs(one.fit - best.fit) > 1e-9) return one.fit > best.fit ? one : best;
    const preferred = isUsual(one, usual) - isUsual(best, usual);
    if (preferred !== 0) return preferred > 0 ? one : best;
    return one.approach.cases.length < best.approach.cases.length ? one : best;
  });
}

/** Turns accounted for; that it is one of the usual ones decides between equals. */
const worthOf = ({ stretch, reading }: InferredStage, usual: readonly string[]): number =>
  reading.fit * (stretch.to - stretch.from) + isUsual(reading, usual) * 1e-3;
