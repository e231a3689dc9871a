import type { CaseWords, SearchApproach } from '../approaches/approach.js';
import { turnSeenInHold, type Hold } from '../cube/holds.js';
import type { Turn } from '../cube/turns.js';
import { writeMoves } from '../notation/write.js';
import type { Choice } from './runner.js';
import { parseTemplate, type Template } from './text.js';

interface Words {
  readonly case: CaseWords;
  readonly look: Template;
  readonly why: Template;
}

/** The cases of an approach that searches, with their sentences parted once. */
export class SearchWords {
  private readonly cases: ReadonlyMap<string, Words>;

  constructor(private readonly approach: SearchApproach) {
    this.cases = new Map(
      approach.cases.map((one) => [
        one.id,
        { case: one, look: parseTemplate(one.look), why: parseTemplate(one.why) },
      ]),
    );
  }

  /** The case called `kind`, without the approach's own name. */
  of(kind: string): Words {
    return this.cases.get(`${this.approach.id}/${kind}`)!;
  }
}

/**
 * A step that was searched for. Proofs make hundreds of thousands of them and never read a word,
 * so turns are written and words looked up only when asked for.
 */
export class SearchStep implements Choice {
  readonly case: CaseWords;
  readonly look: Template;
  readonly why: Template;
  readonly turns: Uint8Array;

  constructor(
    words: Words,
    readonly hold: Hold,
    private readonly lining: readonly Turn[],
    private readonly main: readonly Turn[],
    readonly places: readonly number[],
    private readonly named: () => ReadonlyMap<string, string>,
  ) {
    this.case = words.case;
    this.look = words.look;
    this.why = words.why;
    this.turns = Uint8Array.from([...lining, ...main]);
  }

  get holdAfter(): Hold {
    return this.hold;
  }

  get turnCount(): number {
    return this.turns.length;
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
