import { mirrorMoves, readMoves, writeMoves } from '../../puzzle/notation/index.js';
import { type Approach, type Case, isSearch } from '../../teaching/approaches/index.js';

/** What is asked of a case that is shown: which it is, or only which way it goes. */
export interface SeeQuestion {
  readonly case: string;
  /** The answers that are right: the case, and at times others that are as good there. */
  readonly right: readonly string[];
  readonly asks: 'case' | 'way';
  /** Cases to choose from, in the order in which they are shown; the key of each is its number. */
  readonly choices: readonly string[];
}

/** Shown since `shownAt` (milliseconds of any clock), and what was answered. */
export interface SeeState {
  readonly question: SeeQuestion;
  readonly shownAt: number;
  readonly answered: {
    readonly choice: string;
    readonly seconds: number;
    readonly right: boolean;
  } | null;
}

/** A case is asked among all of its approach; where just two mirror each other, which way it goes. */
export function seeQuestion(
  approach: Approach,
  caseId: string,
  right: readonly string[] = [caseId],
): SeeQuestion {
  const mirror = mirrorOf(approach, caseId);
  if (mirror && waysAlone(approach)) {
    const both = approach.cases.map(({ id }) => id).filter((id) => id === caseId || id === mirror);
    return { case: caseId, right, asks: 'way', choices: both };
  }
  return { case: caseId, right, asks: 'case', choices: approach.cases.map(({ id }) => id) };
}

export const shown = (question: SeeQuestion, shownAt: number): SeeState => ({
  question,
  shownAt,
  answered: null,
});

/** The first answer counts; what is no choice, or comes before the question was drawn, does not. */
export function chosen(state: SeeState, choice: string, at: number): SeeState {
  const { question, shownAt, answered } = state;
  if (answered || !question.choices.includes(choice) || at < shownAt) return state;
  const seconds = Math.round((at - shownAt) / 10) / 100;
  return { ...state, answered: { choice, seconds, right: question.right.includes(choice) } };
}

/** Whether an approach has nothing but two cases that mirror each other, and what digs out. */
const waysAlone = (approach: Approach): boolean =>
  !isSearch(approach) &&
  approach.cases.filter((one) => mirrorOf(approach, one.id) !== undefined).length === 2 &&
  approach.cases.length <= 3;

/** The case whose turns are those of this one in a mirror, and the other way about, if there is one. */
function mirrorOf(approach: Approach, caseId: string): string | undefined {
  if (isSearch(approach)) return undefined;
  const { cases } = approach;
  const like = (one: Case): Case | undefined => {
    const mirrored = inMirror(one);
    return cases.find(({ id, sequence }) => id !== one.id && sequence === mirrored);
  };
  const one = cases.find(({ id }) => id === caseId);
  const other = one && like(one);
  return other && like(other) === one ? other.id : undefined;
}

function inMirror({ sequence }: Case): string | undefined {
  const moves = readMoves(sequence);
  return moves.ok && moves.value.length > 0 ? writeMoves(mirrorMoves(moves.value)) : undefined;
}
