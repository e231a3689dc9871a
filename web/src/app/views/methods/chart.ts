import type { EChartsCoreOption } from 'echarts/core';
import { quantileOf, type Distribution } from '@sleetcrest/core/methods';
import type { Inks } from '../../parts/charts/inks';

/** One line of the chart. */
export interface Series {
  name: string;
  turns: Distribution;
}

/** Lines that differ in colour, dash and mark, so that none is told by its colour alone. */
const LINES = [
  { ink: 'quiet', dash: 'solid', symbol: 'circle' },
  { ink: 'accent', dash: [7, 4], symbol: 'diamond' },
  { ink: 'done', dash: [2, 3], symbol: 'triangle' },
  { ink: 'trouble', dash: [10, 3, 2, 3], symbol: 'rect' },
] as const;

const RARE = 1e-4;

/** How likely each count of turns is, as the chart draws it: one line per method. */
export function chartOf(
  series: readonly Series[],
  { text, line, ...inks }: Inks,
): EChartsCoreOption {
  // What one cube in ten thousand needs is left out of the picture; the table tells the worst.
  const from = Math.min(...series.map(({ turns }) => quantileOf(turns, RARE)));
  const to = Math.max(...series.map(({ turns }) => quantileOf(turns, 1 - RARE)));
  return {
    animation: false,
    textStyle: { fontFamily: 'Atkinson Hyperlegible Next, sans-serif', color: text },
    aria: { enabled: true },
    grid: { left: 56, right: 16, top: 36, bottom: 44 },
    legend: { top: 0, right: 8, itemWidth: 34, textStyle: { color: text } },
    tooltip: {
      trigger: 'axis',
      valueFormatter: (value: unknown) => `${Number(value).toFixed(2)} %`,
    },
    xAxis: {
      type: 'value',
      name: 'turns',
      nameLocation: 'middle',
      nameGap: 26,
      min: Math.floor(from / 10) * 10,
      max: Math.ceil((to + 1) / 10) * 10,
      axisLabel: { color: text },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      name: '% of cubes',
      axisLabel: { color: text },
      splitLine: { lineStyle: { color: line } },
    },
    series: series.map(({ name, turns }, k) => {
      const look = LINES[k % LINES.length]!;
      return {
        type: 'line',
        name,
        data: turns.map((share, count) => [count, share * 100]),
        showSymbol: false,
        symbol: look.symbol,
        color: inks[look.ink],
        lineStyle: { width: 2.4, type: look.dash },
        areaStyle: { opacity: 0.07 },
      };
    }),
  };
}
