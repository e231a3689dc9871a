/** What a card asks: to recognise a case, to do a sequence, both on a cube, or to read a letter. */
export const CARD_KINDS = ['see', 'turn', 'both', 'read'] as const;
export type CardKind = (typeof CARD_KINDS)[number];

/** Typical seconds before there are answers of one's own: to begin with, and for each turn. */
export const TYPICAL: Readonly<Record<CardKind, { begin: number; each: number }>> = {
  see: { begin: 5, each: 0 },
  turn: { begin: 3, each: 1.2 },
  both: { begin: 8, each: 1.5 },
  read: { begin: 3, each: 0 },
};

/** What the answer was given with; people are quicker with some than with others. */
export const INPUTS = ['keys', 'touch', 'cube'] as const;
type Input = (typeof INPUTS)[number];

/** One answer to one card: never changed, only added to. */
export interface Review {
  /** A UUID made by whoever answers, so that telling it again adds nothing. */
  id: string;
  kind: CardKind;
  /** A case's id (`see`, `both`), a sequence in the prime dialect (`turn`), or one turn (`read`). */
  item: string;
  /** ISO 8601 with the offset of the place: its day is the day there. */
  at: string;
  right: boolean;
  /** From what was asked being drawn to the answer being whole; seconds with hundredths. */
  seconds: number;
  /** What was answered instead, where the answer was wrong and can be named; otherwise empty. */
  answer: string;
  /** How many turns the right answer has; 0 where it has none. */
  turns: number;
  by: Input;
}

/** Which card: there is one for each item and kind. */
export type CardName = Pick<Review, 'kind' | 'item'>;

/** A card's name as one word, to find it by. */
export const cardKey = ({ kind, item }: CardName): string => `${kind} ${item}`;

/** In the order they were given; of the same moment, by id: on every device the same. */
export function oldestFirst(a: Pick<Review, 'at' | 'id'>, b: Pick<Review, 'at' | 'id'>): number {
  const later = isSameClock(a.at, b.at)
    ? Number(a.at > b.at) - Number(a.at < b.at)
    : Date.parse(a.at) - Date.parse(b.at);
  return later !== 0 ? later : a.id < b.id ? -1 : a.id > b.id ? 1 : 0;
}

/** Whether two moments are written alike, in one offset: then the later one reads later. */
const isSameClock = (a: string, b: string): boolean =>
  a.length === b.length &&
  (a.endsWith('Z') ? b.endsWith('Z') : a.slice(OFFSET) === b.slice(OFFSET));

/** Where `+01:00` begins, from the end. */
const OFFSET = -6;

const DAY = 86_400_000;

// A book has many answers of few days; reading a date takes longer than finding it.
const days = new Map<string, number>();
const MOST_REMEMBERED = 10_000;

/** The day of a moment where it was told, counted from 1970-01-01. */
export function dayNumber(moment: string): number {
  const date = moment.slice(0, 10);
  let day = days.get(date);
  if (day === undefined) {
    day = Date.UTC(+date.slice(0, 4), +date.slice(5, 7) - 1, +date.slice(8)) / DAY;
    if (days.size > MOST_REMEMBERED) days.clear();
    days.set(date, day);
  }
  return day;
}

/** That day as `YYYY-MM-DD`. */
export const dayNamed = (day: number): string => new Date(day * DAY).toISOString().slice(0, 10);
