import {
  type Asked,
  type Calibration,
  calibrationOf,
  type Card,
  CardBook,
  cardKey,
  type CardName,
  type CaseCards,
  type Confusion,
  dueInDays,
  type Fresh,
  freshToday,
  type Grasp,
  graspOf,
  nextCard,
  type Review,
  secondsDue,
} from '@sleetcrest/core/learner/answers';
import { fitWeights, fsrsMemory, type Fit } from '@sleetcrest/memory';
import { Replica } from '../../base/replica/replica';

/** What fitting to this person came to, and after how many answers: its table, and its key there. */
const FIT = 'fit';
interface Fitted {
  readonly answers: number;
  readonly fit: Fit | null;
}

/** What is due, and how much more there is room for. */
export interface Outlook {
  readonly due: number;
  readonly seconds: number;
  /** How many of the fresh cards may be begun today. */
  readonly fresh: number;
  /** The next day on which something is due; null when nothing is. */
  readonly nextDay: number | null;
  readonly answers: number;
}

/** How one is with a case. */
export interface CaseKnown {
  readonly case: string;
  readonly grasp: Grasp;
  /** The chance to recognise it today, and to turn it; null for what was never asked. */
  readonly see: number | null;
  readonly turn: number | null;
}

/** All that can be said of what one knows. */
export interface Knowledge {
  readonly cards: readonly (Card & { readonly recall: number })[];
  readonly calibration: readonly Calibration[];
  readonly confusions: readonly Confusion[];
  readonly due: readonly { readonly cards: number; readonly seconds: number }[];
  /** By day and kind: the median seconds of right answers, and how many there were. */
  readonly days: readonly { day: string; kind: Review['kind']; seconds: number; answers: number }[];
  readonly fit: Fit | null;
  readonly answers: number;
}

/** A fit is made anew after so many more answers. */
const FIT_EVERY = 100;

/**
 * Answers in this browser, and what they leave. Runs in a worker. They are a guest's, or what is held
 * of an account's; everything that is shown of practice is reckoned from here, with or without a network.
 */
export class LocalPractice {
  private readonly held: Replica<Review>;
  /** What was read last; undefined when something may have changed elsewhere. */
  private known: Promise<{ book: CardBook; reviews: Review[]; fit: Fit | null }> | undefined;

  constructor(name: string) {
    this.held = new Replica(name, 1, 'reviews', [FIT], () => (this.known = undefined));
  }

  /** Adds answers; those that are here already add nothing. Gives how many were new. */
  async add(reviews: readonly Review[]): Promise<number> {
    const before = this.known && (await this.known);
    const added = await this.held.put(reviews, (one, known) => (known ? undefined : one));
    if (added.length > 0) {
      // What was just answered follows all else, as a rule; then nothing is reckoned anew.
      const follows = before && added.every((one) => before.book.follows(one) && take(before, one));
      if (!follows) this.known = undefined;
    }
    return added.length;
  }

  async next(
    today: number,
    session: readonly Review[],
    wanted: readonly CardName[] | null,
  ): Promise<Asked | null> {
    const { book } = await this.read();
    return nextCard(book, today, session, among(wanted));
  }

  async outlook(
    today: number,
    wanted: readonly CardName[] | null,
    fresh: readonly Fresh[],
    secondsADay: number,
  ): Promise<Outlook> {
    const { book, reviews } = await this.read();
    const isWanted = among(wanted);
    const days = [...book.cards.values()].filter(isWanted).map(({ dueDay }) => dueDay);
    return {
      due: days.filter((day) => day <= today).length,
      seconds: secondsDue(book, today, isWanted),
      fresh: freshToday(book, today, fresh, secondsADay, isWanted),
      nextDay: days.length > 0 ? Math.min(...days.map((day) => Math.max(day, today))) : null,
      answers: reviews.length,
    };
  }

  async cases(cases: readonly CaseCards[], today: number): Promise<CaseKnown[]> {
    const { book } = await this.read();
    const recall = (kind: 'see' | 'turn', item: string): number | null =>
      book.card(kind, item) ? book.recall(kind, item, today) : null;
    return cases.map((one) => ({
      case: one.case,
      grasp: graspOf(book, one, today),
      see: recall('see', one.case),
      turn: one.sequence === '' ? null : recall('turn', one.sequence),
    }));
  }

  async knowledge(today: number, days: number): Promise<Knowledge> {
    const { book, reviews, fit } = await this.read();
    return {
      cards: [...book.cards.values()].map((card) => ({
        ...card,
        recall: book.recall(card.kind, card.item, today),
      })),
      calibration: calibrationOf(book),
      confusions: [...book.confusions.values()],
      due: dueInDays(book, today, days),
      days: secondsByDay(reviews),
      fit,
      answers: reviews.length,
    };
  }

  /** Some of the answers, for moving them into an account. */
  some(count: number): Promise<Review[]> {
    return this.held.some(count);
  }

  /** Takes answers out for good: they are kept elsewhere now. */
  async moved(ids: readonly string[]): Promise<void> {
    await this.held.moved(ids);
    this.known = undefined;
  }

  since(): Promise<string | undefined> {
    return this.held.since();
  }

  heardUntil(since: string): Promise<void> {
    return this.held.heardUntil(since);
  }

  async forget(): Promise<void> {
    await this.held.forget();
    this.known = undefined;
  }

  private read(): Promise<{ book: CardBook; reviews: Review[]; fit: Fit | null }> {
    this.known ??= this.reckon();
    return this.known;
  }

  private async reckon(): Promise<{ book: CardBook; reviews: Review[]; fit: Fit | null }> {
    const reviews = await this.held.all();
    const fit = await this.fitted(reviews);
    const memory = fsrsMemory(fit?.used ? fit.weights : undefined);
    return { book: CardBook.of(reviews, memory), reviews, fit };
  }

  /** The fit to this person, made anew now and then, and remembered. */
  private async fitted(reviews: readonly Review[]): Promise<Fit | null> {
    const answers = Math.floor(reviews.length / FIT_EVERY) * FIT_EVERY;
    const known = await this.held.note<Fitted>(FIT, FIT);
    if (known?.answers === answers) return known.fit;
    const fit = fitWeights(reviews);
    await this.held.takeNote<Fitted>(FIT, FIT, { answers, fit });
    return fit;
  }
}

function take(known: { book: CardBook; reviews: Review[] }, review: Review): true {
  known.book.add(review);
  known.reviews.push(review);
  return true;
}

/** Whether a card is among those named; all are when none is. */
function among(wanted: readonly CardName[] | null): (card: CardName) => boolean {
  if (!wanted) return () => true;
  const names = new Set(wanted.map(cardKey));
  return (card) => names.has(cardKey(card));
}

/** The median seconds of right answers for each day and kind. */
function secondsByDay(reviews: readonly Review[]): Knowledge['days'] {
  const groups = new Map<string, { day: string; kind: Review['kind']; all: number[] }>();
  for (const { at, kind, right, seconds } of reviews) {
    if (!right) continue;
    const day = at.slice(0, 10);
    const group = groups.get(`${day} ${kind}`) ?? { day, kind, all: [] };
    groups.set(`${day} ${kind}`, group);
    group.all.push(seconds);
  }
  return [...groups.values()]
    .sort((a, b) => (a.day < b.day ? -1 : 1))
    .map(({ day, kind, all }) => {
      all.sort((a, b) => a - b);
      return { day, kind, seconds: all[all.length >> 1]!, answers: all.length };
    });
}
