import {
  type Card,
  type CardBook,
  type CardKind,
  type CaseCards,
  graspOf,
} from '../answers/index.js';

/**
 * How a learner stands with a case, or a stage: not yet; begun; known, done once alone; sure, on several
 * days; slipping, known or sure before and not any more.
 */
export const STANDINGS = ['new', 'begun', 'known', 'sure', 'slipping'] as const;
export type Standing = (typeof STANDINGS)[number];

/** What a standing with a case rests on. Days are counted from 1970-01-01. */
export interface CaseEvidence {
  readonly standing: Standing;
  readonly answers: number;
  /** The most different days on which one of its cards went right. */
  readonly rightDays: number;
  /** Null where it was never asked. */
  readonly lastDay: number | null;
  /** The chance that it is still there today: of seeing and doing the less; 0 where never asked. */
  readonly recall: number;
}

const KINDS: readonly CardKind[] = ['see', 'turn', 'both'];

const cardsOf = (book: CardBook, { case: id, sequence }: CaseCards): Card[] =>
  KINDS.flatMap((kind) => {
    if (kind === 'turn' && sequence === '') return [];
    return book.card(kind, kind === 'turn' ? sequence : id) ?? [];
  });

/** Days on which something must have gone right for it to have been sure. */
const DAYS = 2;

/** How a learner stands with a case today, and what that rests on. */
export function caseEvidence(book: CardBook, about: CaseCards, today: number): CaseEvidence {
  const cards = cardsOf(book, about);
  if (cards.length === 0) {
    return { standing: 'new', answers: 0, rightDays: 0, lastDay: null, recall: 0 };
  }
  const recalls = cards.map(({ kind, item }) => book.recall(kind, item, today));
  return {
    standing: standingOf(book, about, cards, today),
    answers: cards.reduce((sum, { answers }) => sum + answers, 0),
    rightDays: Math.max(...cards.map(({ rightDays }) => rightDays)),
    lastDay: Math.max(...cards.map(({ lastDay }) => lastDay)),
    recall: Math.min(...recalls),
  };
}

function standingOf(
  book: CardBook,
  about: CaseCards,
  cards: readonly Card[],
  today: number,
): Standing {
  const grasp = graspOf(book, about, today);
  if (grasp === 'sure') return 'sure';
  const often = (kind: CardKind): boolean =>
    cards.some((card) => card.kind === kind && card.rightDays >= DAYS);
  const wasSure = often('both') || (often('see') && (about.sequence === '' || often('turn')));
  const wentWrong = cards.some(({ right, lapses }) => !right && lapses > 0);
  return wasSure || (wentWrong && grasp === 'known') ? 'slipping' : grasp;
}

/** What a log says of one stage: times it was finished, in whole solves or alone, without a guide. */
export interface StageDone {
  readonly times: number;
  /** The different days of the last `RECENT_DAYS` on which it was. */
  readonly days: number;
  /** Null where it never was. */
  readonly lastDay: number | null;
  /** The median of its last times; seconds. Null where none was taken. */
  readonly typical: number | null;
}

/** What was done longer ago says nothing of how sure somebody is. */
export const RECENT_DAYS = 45;

/**
 * How a learner stands with a stage: as with all its cases, or, where it was finished without a guide,
 * known by that, and sure once on several days of late. What slips in it is told before anything else.
 */
export function stageStanding(cases: readonly Standing[], done: StageDone): Standing {
  if (cases.includes('slipping')) return 'slipping';
  if (done.days >= DAYS || cases.every((one) => one === 'sure')) return 'sure';
  if (done.times > 0 || cases.every((one) => one === 'sure' || one === 'known')) return 'known';
  return cases.some((one) => one !== 'new') ? 'begun' : 'new';
}

/**
 * How a learner stands with a case that was never practised by itself, where its stage was finished without a
 * guide: known by that, and as sure as the stage where no other case of it was practised either. Whoever does
 * it in another way needs not be taught this one.
 */
export function standingBySolves(
  standing: Standing,
  done: StageDone,
  noOtherPractised: boolean,
): Standing {
  if (standing !== 'new' || done.times === 0) return standing;
  return noOtherPractised && done.days >= DAYS ? 'sure' : 'known';
}
