import { inject, Injectable, signal, computed } from '@angular/core';
import { randomFrom, readMoves, type Turn } from '@sleetcrest/core';
import type { Asked, CardKind, Review } from '@sleetcrest/core/learner/answers';
import { drawCard } from '@sleetcrest/core/learner/exercises';
import { smallSeed } from '../../base/work/chance';
import { LearningWork, type SetUpShown, type Shown } from '../../subjects/practice/work';
import { Learning, type Answered, type LearnCase } from './learning';

/** A card made ready to be shown. */
export type Ready = { readonly asked: Asked } & (
  | { readonly kind: 'see'; readonly case: LearnCase; readonly shown: Shown }
  | { readonly kind: 'turn'; readonly sequence: string; readonly cases: readonly LearnCase[] }
  | { readonly kind: 'both'; readonly case: LearnCase; readonly shown: SetUpShown }
  | { readonly kind: 'read'; readonly turn: Turn; readonly seed: number }
);

/**
 * Cards one after the other. The next is made ready while the answer to the one before is read, so
 * that its picture is there at once.
 */
@Injectable()
export class Session {
  private readonly learning = inject(Learning);
  private readonly work = inject(LearningWork);

  readonly card = signal<Ready | null>(null);
  readonly answers = signal<readonly Review[]>([]);
  readonly answered = signal(false);
  readonly trouble = signal<string | null>(null);
  readonly isOver = signal(false);
  /** Whether the time set was up before all that is due was asked. */
  readonly isTimeUp = signal(false);
  readonly count = computed(() => this.answers().length);
  private coming: Promise<Ready | null> | undefined;
  private only: CardKind | null = null;
  private lastDrawn: string | undefined;
  /** When no further card is asked, in milliseconds since 1970. */
  private until = Infinity;

  /** Begins: what is due for so many minutes, or one kind of card as long as one likes. */
  async begin(only: CardKind | null, minutes = Infinity): Promise<void> {
    this.only = only;
    this.until = Date.now() + minutes * 60_000;
    this.answers.set([]);
    this.isOver.set(false);
    this.isTimeUp.set(false);
    this.coming = this.prepare();
    await this.next();
  }

  /** The card that comes next takes the place of the one that was answered. */
  async next(): Promise<void> {
    try {
      const card = await (this.coming ?? this.prepare());
      this.coming = undefined;
      this.trouble.set(null);
      this.answered.set(false);
      const isTimeUp = card !== null && Date.now() >= this.until;
      this.card.set(isTimeUp ? null : card);
      this.isTimeUp.set(isTimeUp);
      this.isOver.set(card === null || isTimeUp);
    } catch (error) {
      this.coming = undefined;
      this.trouble.set((error as Error).message);
    }
  }

  /** Goes on although the time was up, to the end of what is due. */
  goOn(): Promise<void> {
    this.until = Infinity;
    return this.next();
  }

  async answer(given: Answered): Promise<void> {
    const card = this.card();
    if (!card || this.answered()) return;
    this.answered.set(true);
    try {
      const review = await this.learning.answer(card.asked, given);
      this.answers.update((all) => [...all, review]);
    } catch (error) {
      this.trouble.set((error as Error).message);
    }
    this.coming = this.prepare();
    // What goes wrong is told when the card is wanted.
    this.coming.catch(() => undefined);
  }

  private async prepare(): Promise<Ready | null> {
    const { learning } = this;
    const [wanted, today, session] = [learning.wanted(), learning.today(), this.answers()];
    const kinds = wanted.filter(({ kind }) => this.only === null || kind === this.only);
    const due = await learning.book.ask((practice) => practice.next(today, session, kinds));
    const asked = due ?? (this.only ? this.drawn(this.only) : null);
    return asked && this.made(asked);
  }

  /** Where nothing is due one may practise all the same. */
  private drawn(kind: CardKind): Asked | null {
    const { learning } = this;
    const here = learning.here()?.stage;
    const random = randomFrom(smallSeed());
    const card = drawCard(kind, learning.cases(), here, this.lastDrawn, random);
    this.lastDrawn = card?.item ?? this.lastDrawn;
    return card;
  }

  private async made(asked: Asked): Promise<Ready | null> {
    const { learning, work } = this;
    const { kind, item } = asked;
    if (kind === 'read') {
      const moves = readMoves(item);
      return moves.ok ? { asked, kind, turn: moves.value[0] as Turn, seed: smallSeed() } : null;
    }
    if (kind === 'turn') {
      const cases = learning.cases().filter(({ drill }) => drill === item);
      return { asked, kind, sequence: item, cases };
    }
    const one = learning.caseCalled(item);
    if (!one) return null;
    const [method, first] = [learning.method(), learning.first()];
    return kind === 'see'
      ? { asked, kind, case: one, shown: await work.show(item, method, first, smallSeed()) }
      : { asked, kind, case: one, shown: await work.setUp(item, method, first, smallSeed()) };
  }
}
