import type { Stage } from '@sleetcrest/core';
import type { LogSummary, Ridge } from '@sleetcrest/core/learner/log';
import type { Chart } from '../../ui/charts/chart';
import { axis, common, tipFrom } from '../../ui/charts/drawing';
import type { Inks } from '../../ui/charts/inks';
import { clockText } from '../../base/words/clock-text';
import { daySaid } from '../../base/words/days';
import { SAY } from './words';

export type TitleOf = (stage: Stage) => string;

/** The times of each day: its median, and the middle half of them as a band. */
export function daysChart({ days }: LogSummary, inks: Inks): Chart {
  const low = days.map(({ day, lower }) => [day, lower]);
  const band = days.map(({ day, lower, upper }) => [day, upper - lower]);
  const median = days.map(({ day, median: middle }) => [day, middle]);
  return {
    title: SAY.timesOverDays,
    says: SAY.theMedianOfEachDay({ days: days.length }),
    options: {
      ...common(inks),
      tooltip: { trigger: 'axis', formatter: tipFrom((k) => dayTip(days[k]!)) },
      xAxis: axis(inks, {
        type: 'time',
        splitNumber: 4,
        splitLine: { show: false },
        axisLabel: { color: inks.text, hideOverlap: true },
      }),
      yAxis: axis(inks, { type: 'value', axisLabel: { color: inks.text, formatter: clock0 } }),
      series: [
        { type: 'line', name: SAY.median, data: median, color: inks.accent, symbolSize: 6, z: 3 },
        {
          type: 'line',
          stack: 'half',
          data: low,
          symbol: 'none',
          lineStyle: { opacity: 0 },
          silent: true,
          color: inks.band,
        },
        {
          type: 'line',
          stack: 'half',
          name: SAY.middleHalf,
          data: band,
          symbol: 'none',
          lineStyle: { opacity: 0 },
          silent: true,
          color: inks.band,
          areaStyle: { color: inks.band, opacity: 0.7 },
        },
      ],
    },
    points: days.map(dayTip),
    head: [SAY.day, SAY.solves, SAY.lowerQuarter, SAY.median2, SAY.upperQuarter],
    rows: days.map(({ day, count, lower, median: middle, upper }) => [
      daySaid(day),
      String(count),
      clockText(lower),
      clockText(middle),
      clockText(upper),
    ]),
  };
}

const dayTip = ({ day, count, lower, median, upper }: LogSummary['days'][0]): string =>
  SAY.dayTip({
    day: daySaid(day),
    median: clockText(median),
    lower: clockText(lower),
    upper: clockText(upper),
    count,
  });

export const clock0 = (seconds: number): string => clockText(seconds, 0);

/** How often each time came up. */
export function spreadChart({ spread, timed }: LogSummary, inks: Inks): Chart {
  const { from, width, counts } = spread ?? { from: 0, width: 1, counts: [] };
  const starts = counts.map((_, k) => from + k * width);
  const decimals = width < 1 ? 1 : 0;
  const range = (k: number): string =>
    SAY.range({
      from: clockText(starts[k]!, decimals),
      to: clockText(starts[k]! + width, decimals),
    });
  return {
    title: SAY.spread,
    says: SAY.howOftenEachTimeCame({ timed }),
    options: {
      ...common(inks),
      tooltip: { trigger: 'item', formatter: tipFrom((k) => `${range(k)}: ${counts[k]}`) },
      xAxis: axis(inks, {
        type: 'category',
        data: starts.map((start) => clockText(start, decimals)),
        splitLine: { show: false },
      }),
      yAxis: axis(inks, { type: 'value', minInterval: 1 }),
      series: [{ type: 'bar', data: counts, color: inks.quiet, barCategoryGap: '12%' }],
    },
    points: counts.map((count, k) => `${range(k)}: ${count}`),
    head: [SAY.time, SAY.solves],
    rows: counts.map((count, k) => [range(k), String(count)]),
  };
}

const tenths = (value: number): string => value.toFixed(1);

/** Turns per second by stage, where turns are known. */
export function rateChart({ now, from, to }: Ridge, titleOf: TitleOf, inks: Inks): Chart {
  const known = now.filter(({ turnsPerSecond }) => turnsPerSecond !== null);
  const says = (k: number): string =>
    SAY.turnsPerSecond({
      stage: titleOf(known[k]!.stage),
      turnsPerSecond: known[k]!.turnsPerSecond!.toFixed(1),
    });
  return {
    title: SAY.turnsPerSecondByStage,
    says: SAY.howFastEachStageWas({ from: daySaid(from), to: daySaid(to) }),
    options: {
      ...common(inks),
      grid: { left: 118, right: 34, top: 8, bottom: 28 },
      tooltip: { trigger: 'item', formatter: tipFrom(says) },
      xAxis: axis(inks, { type: 'value', axisLabel: { color: inks.text, formatter: tenths } }),
      yAxis: axis(inks, {
        type: 'category',
        inverse: true,
        splitLine: { show: false },
        data: known.map(({ stage }) => titleOf(stage)),
      }),
      series: [
        {
          type: 'bar',
          color: inks.done,
          barMaxWidth: 18,
          data: known.map(({ turnsPerSecond }) => turnsPerSecond),
          label: {
            show: true,
            position: 'right',
            color: inks.text,
            formatter: ({ value }: { value: number }) => value.toFixed(1),
          },
        },
      ],
    },
    points: known.map((_, k) => says(k)),
    head: [SAY.stage, SAY.turnsPerSecond2],
    rows: known.map(({ stage, turnsPerSecond }) => [titleOf(stage), turnsPerSecond!.toFixed(1)]),
  };
}
