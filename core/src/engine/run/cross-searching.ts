import {
  applyTurn,
  copyCube,
  type Cube,
  HOME_HOLD,
  isHome,
  layersOf,
  opposite,
  type Side,
  turnedOver,
  turnOf,
} from '../../puzzle/cube/index.js';
import { crossTable } from '../../puzzle/search/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import type { Runner } from './runner.js';
import type { CaseMet, Deciding, Searching } from './searching.js';
import { startsOf } from './starts.js';
import { turnedRound, turnedStarts } from './turned-starts.js';

/** What a cross planned whole says of itself: where its four edges are decides all of it. */
export class CrossSearching implements Searching {
  readonly deciding: Deciding;
  /** It begins a solve: any turns lead to a start of it. */
  readonly undoings = [];
  private readonly edges: readonly number[];

  constructor(
    private readonly runner: Pick<Runner, 'approach' | 'next'>,
    private readonly first: Side,
  ) {
    this.edges = layersOf(first).firstEdges;
    this.deciding = {
      hold: turnedOver(HOME_HOLD, opposite(first)),
      pieces: this.edges.map((piece) => ({ piece, colour: first })),
      pairs: [],
      met: () => this.met(),
    };
  }

  concerned(): readonly number[] {
    return this.edges;
  }

  /** The most edges that are home at once, as the first layer is turned. */
  progress(cube: Cube): number {
    const turned = copyCube(cube);
    let most = 0;
    for (let k = 0; k < 4; k++) {
      most = Math.max(most, this.edges.filter((place) => isHome(turned, place)).length);
      applyTurn(turned, turnOf(this.first, 1));
    }
    return most;
  }

  fewest(cube: Cube): number {
    return crossTable(this.first).shortest(cube).length;
  }

  private *met(): Generator<CaseMet> {
    const { stage, after } = this.runner.approach;
    const starts = startsOf(stage, after, this.first);
    for (const { start, alike } of turnedStarts(starts)) {
      let cube = starts.cube(start);
      if (goalHolds(cube, stage, this.first)) continue;
      // However the cube is turned round, what is shortest is as short.
      const [step] = this.runner.next(cube, HOME_HOLD, false, starts.matter);
      for (let turned = 0; turned < alike; turned++) {
        yield { cube, case: step!.case.id, solved: 0 };
        cube = turnedRound(cube);
      }
    }
  }
}
