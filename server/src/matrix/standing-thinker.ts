import {
  type Colour,
  type Method,
  sideOfColour,
  stageWords,
  STANDARD_SCHEME,
} from '@sleetcrest/core';
import { resolveMethod } from '@sleetcrest/core/engine/run';
import { caseTitle } from '@sleetcrest/core/teaching/approaches';
import { dayNumber } from '@sleetcrest/core/learner/answers';
import { drilled } from '@sleetcrest/core/learner/path';
import { caseEvidence } from '@sleetcrest/core/learner/standing';
import type { Matrix, MatrixColumn, MatrixRow } from '@sleetcrest/contract/table';
import { bookOf } from '../practice/reckoner.js';

/** What a thread is asked: the columns of a method, or how some learners stand with its cases. */
export type AboutStanding =
  | { ask: 'columns'; method: Method; firstColour: Colour }
  | { ask: 'rows'; cases: readonly CaseAsked[]; learners: readonly LearnerAsked[]; day: string };

export interface CaseAsked {
  case: string;
  /** What the hands learn of it; empty where that is not drilled. */
  sequence: string;
}

export interface LearnerAsked {
  id: string;
  /** What their answers leave, as it is kept. */
  facts: string | null;
}

export interface Columns extends Pick<Matrix, 'columns' | 'stages'> {
  cases: CaseAsked[];
}

/** How a learner stands by what they practised. */
export type PracticeStanding = Pick<MatrixRow, 'id' | 'cases' | 'mixedUp' | 'due' | 'lastDay'>;

/** Runs on a thread of its own (thinking.ts). */
export default function think(about: AboutStanding): Columns | PracticeStanding[] {
  if (about.ask === 'columns') return columnsOf(about.method, about.firstColour);
  const { cases, learners, day } = about;
  return learners.map((one) => standing(one, cases, dayNumber(day)));
}

function columnsOf(method: Method, firstColour: Colour): Columns {
  const approaches = resolveMethod(method);
  if (!approaches.ok) return { columns: [], stages: [], cases: [] };
  const first = sideOfColour(STANDARD_SCHEME, firstColour);
  const columns: MatrixColumn[] = [];
  const cases: CaseAsked[] = [];
  for (const approach of approaches.value) {
    for (const one of approach.cases) {
      const { turns, drill } = drilled(approach, one.id);
      const title = caseTitle(one, first, STANDARD_SCHEME);
      columns.push({ case: one.id, stage: approach.stage, title, turns });
      cases.push({ case: one.id, sequence: drill });
    }
  }
  const stages = approaches.value.map(({ stage }) => ({
    stage,
    title: stageWords(stage, first, STANDARD_SCHEME).title,
  }));
  return { columns, stages, cases };
}

/** Mixed up so often or more is told. */
const LEAST_MIXED = 2;

function standing(
  { id, facts }: LearnerAsked,
  cases: readonly CaseAsked[],
  today: number,
): PracticeStanding {
  const book = bookOf(facts);
  const known = new Set(cases.map((one) => one.case));
  const isDue = (one: CaseAsked): boolean =>
    [
      book.card('see', one.case),
      book.card('both', one.case),
      one.sequence ? book.card('turn', one.sequence) : undefined,
    ].some((card) => card !== undefined && card.dueDay <= today);
  const last = [...book.cards.values()].reduce(
    (so, { lastDay }) => Math.max(so, lastDay),
    -Infinity,
  );
  return {
    id,
    cases: cases.map((one) => caseEvidence(book, one, today)),
    mixedUp: [...book.confusions.values()]
      .filter(({ was, said, times }) => times >= LEAST_MIXED && known.has(was) && known.has(said))
      .map(({ was, said, times }) => ({ was, said, times })),
    due: cases.filter(isDue).map((one) => one.case),
    lastDay: last === -Infinity ? null : last,
  };
}
