import {
  copyCube,
  type Cube,
  fail,
  type Hold,
  ok,
  pieceAt,
  type Result,
  type Side,
} from '../../puzzle/cube/index.js';
import type { Approach } from '../../teaching/approaches/index.js';
import {
  distributionOf,
  type OnProgress,
  type PartSurvey,
  runnerFor,
  runStage,
  StageCount,
  type StageSurvey,
  startsOf,
} from '../run/index.js';
import { SAY } from './words.js';

/** A cube that stages lead to, held as it is then, and how many starts lead there. */
interface Met {
  readonly cube: Cube;
  readonly hold: Hold;
  /** By how many turns were done until then. */
  readonly starts: number[];
}

/** What stages done after each other come to: their surveys, and every cube they lead to. */
interface Reached {
  readonly stages: readonly StageSurvey[];
  readonly matter: Uint8Array;
  readonly met: readonly Met[];
}

const REPORT_EVERY = 2048;

/**
 * Surveys parts of solves over every start. Cubes that a stage leads to from several starts are gone
 * on from once, for all of them; what stages lead to is kept for other parts that begin alike.
 */
export class PartSurveyor {
  private readonly reached = new Map<string, Reached>();
  private readonly bySearch = new Map<string, PartSurvey>();

  constructor(private readonly first: Side) {}

  /** The survey of a part from a hold; refused with a sentence where it does not solve every cube. */
  survey(part: readonly Approach[], before: Hold, report: OnProgress): Result<PartSurvey, string> {
    const { searching } = runnerFor(part[0]!, this.first);
    if (searching?.survey) return ok(this.searched(part[0]!, before, report));
    const reached = this.after(part, before, report);
    if (!reached.ok) return reached;
    const totals: number[] = [];
    for (const { starts } of reached.value.met) addTo(totals, starts, 0);
    return ok({
      starts: totals.reduce((sum, one) => sum + one, 0),
      stages: [...reached.value.stages],
      turns: distributionOf(totals),
    });
  }

  private searched(approach: Approach, before: Hold, report: OnProgress): PartSurvey {
    const key = `${before} ${JSON.stringify(approach)}`;
    let known = this.bySearch.get(key);
    if (!known) {
      known = runnerFor(approach, this.first).searching!.survey!(before, report);
      this.bySearch.set(key, known);
    }
    return known;
  }

  private after(
    part: readonly Approach[],
    before: Hold,
    report: OnProgress,
  ): Result<Reached, string> {
    // Own approaches may change under the same id, so the key holds all they say.
    const key = `${before} ${JSON.stringify(part)}`;
    const known = this.reached.get(key);
    if (known) return ok(known);
    const approach = part.at(-1)!;
    const earlier =
      part.length > 1
        ? this.after(part.slice(0, -1), before, report)
        : ok(this.begun(approach, before));
    if (!earlier.ok) return earlier;
    const reached = this.done(approach, earlier.value, report);
    if (reached.ok) this.reached.set(key, reached.value);
    return reached;
  }

  private begun({ stage, after }: Approach, hold: Hold): Reached {
    const { matter, count, cube } = startsOf(stage, after, this.first);
    const met = Array.from({ length: count }, (_, k): Met => ({
      cube: cube(k),
      hold,
      starts: [1],
    }));
    return { stages: [], matter, met };
  }

  private done(
    approach: Approach,
    { stages, matter, met }: Reached,
    report: OnProgress,
  ): Result<Reached, string> {
    const runner = runnerFor(approach, this.first);
    const count = new StageCount(approach);
    const ends = new Map<string, Met>();
    for (const [k, { cube: start, hold: held, starts }] of met.entries()) {
      if (k % REPORT_EVERY === 0) report(k, met.length);
      const cube = copyCube(start);
      const hold = runStage(
        cube,
        held,
        runner,
        this.first,
        (choice, now) => count.step(choice, now),
        matter,
      );
      if (typeof hold === 'string') return fail(SAY.doesNotSolve({ id: approach.id }));
      let weight = 0;
      starts.forEach((some) => (weight += some));
      const turns = count.end(weight);
      const key = keyOf(cube, hold, matter);
      let end = ends.get(key);
      if (!end) ends.set(key, (end = { cube, hold, starts: [] }));
      addTo(end.starts, starts, turns);
    }
    report(met.length, met.length);
    return ok({ stages: [...stages, count.survey()], matter, met: [...ends.values()] });
  }
}

/** Adds counts by turns to others, so many turns later. */
function addTo(sums: number[], counts: readonly number[], turns: number): void {
  counts.forEach((count, n) => (sums[n + turns] = (sums[n + turns] ?? 0) + count));
}

/** Cubes that differ in pieces which do not matter are the same here. */
function keyOf(cube: Cube, hold: Hold, matter: Uint8Array): string {
  const seen = cube.map((value, place) => (matter[pieceAt(cube, place)] ? value : 255));
  return String.fromCharCode(hold, ...seen);
}
