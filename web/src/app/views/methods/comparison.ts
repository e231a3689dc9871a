import {
  type ColourScheme,
  type Method,
  type Side,
  type Stage,
  STAGES,
  stageWords,
} from '@sleetcrest/core';
import type { MethodSurvey } from '@sleetcrest/core/engine/prove';
import { approachesOf, meanOf, quantileOf, worstOf } from '@sleetcrest/core/engine/run';
import { demandsOf } from '@sleetcrest/core/shown/cases';
import type { Hand } from '@sleetcrest/core/shown/hands';
import { SAY } from './words';
import { approachTitle, caseTitle } from '@sleetcrest/core/teaching/approaches';

/** One method of the comparison, with what has been found of it so far. */
export interface Column {
  key: number;
  method: Method;
  survey: MethodSurvey | null;
  /** How much of the survey is done, 0…1; null when none is running. */
  share: number | null;
  trouble: string | null;
  /** Stickers looked at in a solve on average, and for one look at most; null until it is known. */
  seeing: { mean: number; worst: number } | null;
}

/** One line of the comparison: a figure per method, and the number behind it where it can differ. */
export interface Row {
  name: string;
  /** What each method has there; the case it is about, where it is about one. */
  cells: { text: string; value: number | null; case?: string | undefined }[];
  digits: number;
}

const figure = (
  name: string,
  columns: readonly Column[],
  digits: number,
  value: (column: Column) => number | null,
): Row => ({
  name,
  digits,
  cells: columns.map((column) => {
    const number = value(column);
    return { value: number, text: number === null ? '…' : number.toFixed(digits) };
  }),
});

const surveyed =
  (value: (survey: MethodSurvey) => number) =>
  ({ survey }: Column): number | null =>
    survey && value(survey);

/** What methods cost in turns and ask of the head. */
export function wholeRows(
  columns: readonly Column[],
  first: Side,
  scheme: ColourScheme,
  hand: Hand = 'right',
): Row[] {
  const sum = (of: 'looks' | 'holds') =>
    surveyed(({ stages }) => stages.reduce((total, stage) => total + stage[of], 0));
  const demands = columns.map(({ method }) => demandsOf(approachesOf(method), hand));
  const demand = (of: 'sequences' | 'cases' | 'length' | 'handCost') => (column: Column) =>
    demands[columns.indexOf(column)]![of];
  return [
    figure(
      SAY.turnsMean,
      columns,
      1,
      surveyed(({ turns }) => meanOf(turns)),
    ),
    figure(
      SAY.turnsAQuarterNeedAt,
      columns,
      0,
      surveyed(({ turns }) => quantileOf(turns, 0.25)),
    ),
    figure(
      SAY.turnsHalfNeedAtMost,
      columns,
      0,
      surveyed(({ turns }) => quantileOf(turns, 0.5)),
    ),
    figure(
      SAY.turnsThreeQuartersNeedAt,
      columns,
      0,
      surveyed(({ turns }) => quantileOf(turns, 0.75)),
    ),
    figure(
      SAY.turnsWorst,
      columns,
      0,
      surveyed(({ turns }) => worstOf(turns)),
    ),
    figure(SAY.sequencesToKnow, columns, 0, demand('sequences')),
    figure(SAY.casesToKnow, columns, 0, demand('cases')),
    figure(SAY.turnsOfASequenceMean, columns, 1, demand('length')),
    figure(SAY.effortOfASequenceMean, columns, 1, demand('handCost')),
    figure(SAY.looksMean, columns, 1, sum('looks')),
    figure(SAY.stickersLookedAtToDecide, columns, 1, ({ seeing }) => seeing && seeing.mean),
    figure(SAY.stickersForOneLookWorst, columns, 0, ({ seeing }) => seeing && seeing.worst),
    figure(SAY.reHoldsMean, columns, 1, sum('holds')),
    {
      name: SAY.hardestCase,
      digits: 0,
      cells: demands.map(({ hardest }) => ({
        text: hardest
          ? SAY.turns({ title: caseTitle(hardest, first, scheme), turns: hardest.turns })
          : SAY.noneToKnowByHeart,
        value: null,
        case: hardest?.id,
      })),
    },
  ];
}

/** The mean turns of each stage that any of the methods goes through, with its approach. */
export function stageRows(columns: readonly Column[], first: Side, scheme: ColourScheme): Row[] {
  const stages = STAGES.filter((stage) =>
    columns.some(({ method }) => approachesOf(method).some((one) => one.stage === stage)),
  );
  return stages.map((stage) => ({
    name: stageWords(stage, first, scheme).title,
    digits: 1,
    cells: columns.map((column) => stageCell(column, stage)),
  }));
}

function stageCell({ method, survey }: Column, stage: Stage): Row['cells'][number] {
  const approach = approachesOf(method).find((one) => one.stage === stage);
  if (!approach) return { text: '–', value: null };
  const turns = survey?.stages.find((one) => one.stage === stage)?.turns;
  const value = turns ? meanOf(turns) : null;
  return { text: `${value === null ? '…' : value.toFixed(1)}  ${approachTitle(approach)}`, value };
}

/** How much a figure differs from that of the first method, with its sign. */
export function difference({ cells, digits }: Row, index: number): string {
  const [base, value] = [cells[0]?.value ?? null, cells[index]?.value ?? null];
  if (index === 0 || base === null || value === null) return '';
  const by = value - base;
  if (Math.abs(by) < 0.5 * 10 ** -digits) return SAY.same;
  return `${by > 0 ? '+' : '−'}${Math.abs(by).toFixed(digits)}`;
}

/** The comparison as lines of a table file: names first, then a line per figure. */
export function tableOf(columns: readonly Column[], rows: readonly Row[]): string[][] {
  return [
    ['', ...columns.map(({ method }) => method.title)],
    ...rows.map(({ name, cells }) => [name, ...cells.map(({ text }) => text.replace(/ +/g, ' '))]),
  ];
}
