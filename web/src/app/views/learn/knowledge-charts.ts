import { type Calibration, type CardKind, dayNamed } from '@sleetcrest/core/learner/answers';
import { KINDS, type Knowledge } from '../../subjects/practice';
import type { Chart } from '../../ui/charts/chart';
import { axis, common, tipFrom } from '../../ui/charts/drawing';
import type { Inks } from '../../ui/charts/inks';
import { daySaid } from '../../base/words/days';
import { SAY } from './words';

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const nameOf = (asked: CardKind): string => KINDS.find(({ kind }) => kind === asked)!.name;

/** What was promised of answers on later days, and what came. */
export function calibrationChart(all: readonly Calibration[], inks: Inks): Chart {
  const says = (k: number): string => {
    const { promised, came, answers } = all[k]!;
    return SAY.promised({ promised: percent(promised), came: percent(came), answers });
  };
  // From the lowest promise on, in whole tenths.
  const least = Math.floor(Math.min(0.4, ...all.map(({ promised }) => promised)) * 10) / 10;
  return {
    title: SAY.predictedAndActual,
    says: SAY.howOftenYouRememberedWhat,
    note: SAY.onTheLineThePrediction,
    options: {
      ...common(inks),
      grid: { left: 58, right: 18, top: 12, bottom: 34 },
      tooltip: { trigger: 'item', formatter: tipFrom(says) },
      xAxis: axis(inks, {
        type: 'value',
        min: least,
        max: 1,
        axisLabel: { color: inks.text, formatter: percent },
      }),
      yAxis: axis(inks, {
        type: 'value',
        min: 0,
        max: 1,
        axisLabel: { color: inks.text, formatter: percent },
      }),
      series: [
        {
          type: 'line',
          color: inks.accent,
          symbolSize: 9,
          data: all.map(({ promised, came }) => [promised, came]),
        },
        {
          type: 'line',
          silent: true,
          symbol: 'none',
          color: inks.before,
          lineStyle: { type: 'dashed' },
          data: [
            [least, least],
            [1, 1],
          ],
        },
      ],
    },
    points: all.map((_, k) => says(k)),
    head: [SAY.predicted, SAY.actual, SAY.answers2],
    rows: all.map(({ promised, came, answers }) => [
      percent(promised),
      percent(came),
      String(answers),
    ]),
  };
}

/** How long right answers took, day by day. */
export function daysChart(days: Knowledge['days'], inks: Inks): Chart {
  const kinds = KINDS.filter(({ kind }) => days.some((one) => one.kind === kind));
  const says = ({ day, kind, seconds, answers }: Knowledge['days'][number]): string =>
    SAY.secondsTip({ day: daySaid(day), kind: nameOf(kind), seconds: seconds.toFixed(2), answers });
  return {
    title: SAY.secondsToTheAnswerOver,
    says: SAY.theMedianTimeOfRight,
    keys: kinds.map(({ name, ink }) => ({ name, ink: inks[ink] })),
    options: {
      ...common(inks),
      tooltip: { trigger: 'axis' },
      xAxis: axis(inks, {
        type: 'time',
        splitNumber: 4,
        splitLine: { show: false },
        axisLabel: { color: inks.text, hideOverlap: true },
      }),
      yAxis: axis(inks, { type: 'value' }),
      series: kinds.map(({ kind, name, ink }) => ({
        type: 'line',
        name,
        color: inks[ink],
        symbolSize: 5,
        data: days.filter((one) => one.kind === kind).map(({ day, seconds }) => [day, seconds]),
      })),
    },
    points: days.map(says),
    head: [SAY.day, SAY.kind, SAY.medianSeconds, SAY.answers2],
    rows: days.map(({ day, kind, seconds, answers }) => [
      daySaid(day),
      nameOf(kind),
      seconds.toFixed(2),
      String(answers),
    ]),
  };
}

/** What comes due in the days ahead. */
export function dueChart(due: Knowledge['due'], today: number, inks: Inks): Chart {
  const days = due.map((_, k) => dayNamed(today + k));
  const says = (k: number): string => {
    const { cards, seconds } = due[k]!;
    const minutes = Math.max(1, Math.round(seconds / 60));
    return SAY.toRepeat({ day: k === 0 ? SAY.todayLower : daySaid(days[k]!), cards, minutes });
  };
  const some = due.some(({ cards }) => cards > 0);
  return {
    title: SAY.toRepeatInTheNext,
    says: SAY.howManyCardsAreTo,
    options: {
      ...common(inks),
      tooltip: { trigger: 'item', formatter: tipFrom(says) },
      xAxis: axis(inks, {
        type: 'category',
        data: days.map((day) => day.slice(8)),
        splitLine: { show: false },
      }),
      yAxis: axis(inks, { type: 'value', minInterval: 1 }),
      series: [
        {
          type: 'bar',
          data: due.map(({ cards }) => cards),
          color: inks.quiet,
          barCategoryGap: '18%',
        },
      ],
    },
    points: days.map((_, k) => says(k)),
    head: [SAY.day, SAY.cards, SAY.minutes],
    rows: some
      ? due.map(({ cards, seconds }, k) => [
          daySaid(days[k]!),
          String(cards),
          (seconds / 60).toFixed(1),
        ])
      : [],
  };
}
