import {
  type Cube,
  faceInHold,
  FRONT,
  type Hold,
  HOME_HOLD,
  isHome,
  layersOf,
  pieceAt,
  PLACES,
  type Side,
  type Turn,
} from '../../../puzzle/cube/index.js';
import { pairTables, ROOM_COUNT } from '../../../puzzle/search/index.js';
import type { OnProgress } from '../progress.js';
import type { Choice } from '../choice.js';
import type { CaseMet, Deciding, Searching } from '../searching.js';
import type { PartSurvey } from '../stage-survey.js';
import { type PairPlanner, triesOfPair } from './pair-tries.js';
import { type PairsSurvey, surveyPairs } from './pairs-survey.js';

/**
 * What corner and edge together say of themselves. Told of the pair whose place is held at the front
 * right, beside every set of finished others; any other pair is that one turned round.
 */
export class PairsSearching implements Searching {
  readonly deciding: Deciding;
  readonly undoings: readonly (readonly Turn[])[];
  private counted: PairsSurvey | undefined;

  constructor(
    private readonly planner: PairPlanner,
    private readonly first: Side,
  ) {
    const { rooms, moves } = pairTables(first);
    const { corner, edge, hold } = rooms[0]!;
    const front = PLACES[edge]!.sides.find((side) => faceInHold(hold, side) === FRONT)!;
    this.deciding = {
      hold,
      pieces: [
        { piece: corner, colour: first },
        { piece: edge, colour: front },
      ],
      pairs: rooms.slice(1).map((other) => other.edge),
      met: () => this.met(),
    };
    this.undoings = moves.map(({ turns }) => turns);
  }

  concerned(cube: Cube, choice: Choice | undefined): readonly number[] {
    return (choice?.places ?? []).map((place) => pieceAt(cube, place));
  }

  /** The pieces of the two lower layers that are home while the cross stands. */
  progress(cube: Cube): number {
    const { firstCorners, firstEdges, middleEdges } = layersOf(this.first);
    if (!firstEdges.every((place) => isHome(cube, place))) return 0;
    return [...firstCorners, ...middleEdges].filter((place) => isHome(cube, place)).length;
  }

  fewest(): undefined {
    return undefined;
  }

  survey(before: Hold, report: OnProgress): PartSurvey {
    this.counted ??= surveyPairs(this.planner, this.first, report);
    return this.counted(before);
  }

  private *met(): Generator<CaseMet> {
    for (let closed = 0; closed < 1 << ROOM_COUNT; closed += 2) {
      const { count, cube: startAt, next } = triesOfPair(this.planner, 0, closed, this.first);
      for (let k = 0; k < count; k++) {
        const cube = startAt(k);
        const [step] = next(cube, HOME_HOLD, false);
        if (step) yield { cube, case: step.case.id, solved: closed >> 1 };
      }
    }
  }
}
