import { type Hold, type Turn, turnSeenInHold } from '../../puzzle/cube/index.js';
import { writeMoves } from '../../puzzle/notation/index.js';
import {
  type CaseWords,
  type SearchApproach,
  type SearchCase,
  sentencesOf,
} from '../../teaching/approaches/index.js';
import type { Choice, Lined } from './choice.js';
import { linesOf } from './runner.js';

/** The words of a case that is searched for, as it happens this time. */
export interface SearchWording {
  /** The case, without the approach's own name. */
  kind: string;
  /** Which of its other sentences are true, if its own are not. */
  otherwise?: string | undefined;
}

/** The cases of an approach that searches, with their sentences parted once. */
export class SearchWords {
  private readonly cases: ReadonlyMap<string, SearchCase>;
  private readonly lines = new Map<string, Lined>();

  constructor(private readonly approach: SearchApproach) {
    this.cases = new Map(approach.cases.map((one) => [one.id, one]));
  }

  /** The case of that kind. */
  of(kind: string): SearchCase {
    return this.cases.get(`${this.approach.id}/${kind}`)!;
  }

  /** Its lines; `turning` where a layer is turned first, `place` where one of its pieces is. */
  linesOf({ kind, otherwise = '' }: SearchWording, turning: boolean, place: number): Lined {
    const key = `${kind} ${otherwise} ${turning}`;
    let lines = this.lines.get(key);
    if (!lines) {
      const one = this.of(kind);
      const words = { ...one, ...one.otherwise?.[otherwise] };
      const look = [
        ...sentencesOf(words.look),
        ...(turning ? sentencesOf(words.turning ?? '') : []),
      ];
      this.lines.set(key, (lines = linesOf(one.find, look, words.why, place)));
    }
    return lines;
  }
}

/**
 * A step that was searched for. Proofs make hundreds of thousands of them and never read a word,
 * so turns are written and words looked up only when asked for.
 */
export class SearchStep implements Choice {
  readonly case: CaseWords;
  readonly turns: Uint8Array;

  constructor(
    private readonly wording: SearchWording,
    private readonly wordings: SearchWords,
    readonly hold: Hold,
    private readonly lining: readonly Turn[],
    private readonly main: readonly Turn[],
    readonly places: readonly number[],
    private readonly named: () => ReadonlyMap<string, string>,
  ) {
    this.case = wordings.of(wording.kind);
    this.turns = Uint8Array.from([...lining, ...main]);
  }

  get holdAfter(): Hold {
    return this.hold;
  }

  get turnCount(): number {
    return this.turns.length;
  }

  get lines(): Lined {
    return this.wordings.linesOf(this.wording, this.lining.length > 0, this.places[0]!);
  }

  get lineUp(): string {
    return this.seen(this.lining);
  }

  get sequence(): string {
    return this.seen(this.main);
  }

  get words(): ReadonlyMap<string, string> {
    return this.named();
  }

  private seen(turns: readonly Turn[]): string {
    return writeMoves(turns.map((turn) => turnSeenInHold(this.hold, turn)));
  }
}
