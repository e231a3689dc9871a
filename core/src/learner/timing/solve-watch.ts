import { applyTurn, copyCube, type Cube, type Side, type Turn } from '../../puzzle/cube/index.js';
import { goalHolds, type Stage } from '../../teaching/stages/index.js';

/**
 * Watches a solve turn by turn and says how many of the method's stages are done, in their order.
 * A goal that is broken again by a later sequence stays done.
 */
export class SolveWatch {
  private readonly cube: Cube;
  private readonly counts: number[];
  private done = 0;
  readonly turns: Turn[] = [];

  constructor(
    start: Cube,
    private readonly stages: readonly Stage[],
    private readonly first: Side,
  ) {
    this.cube = copyCube(start);
    this.counts = stages.map(() => 0);
    this.advance();
  }

  /** Takes note of a turn; gives how many stages are done after it. */
  turned(turn: Turn): number {
    applyTurn(this.cube, turn);
    this.turns.push(turn);
    if (this.done < this.stages.length) this.counts[this.done]!++;
    this.advance();
    return this.done;
  }

  get stagesDone(): number {
    return this.done;
  }

  get isDone(): boolean {
    return this.done === this.stages.length;
  }

  /** The cube as it stands now. */
  now(): Cube {
    return copyCube(this.cube);
  }

  /** Turns per stage, as reported. */
  turnCounts(): readonly number[] {
    return this.counts;
  }

  private advance(): void {
    while (
      this.done < this.stages.length &&
      goalHolds(this.cube, this.stages[this.done]!, this.first)
    ) {
      this.done++;
    }
  }
}
