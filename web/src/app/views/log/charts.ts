import type { EChartsCoreOption } from 'echarts/core';
import {
  GROUP_DAYS,
  LEAST_OTHERS,
  type LogSummary,
  type Ridge,
  type StageSummary,
} from '@sleetcrest/core/log';
import type { Stage } from '@sleetcrest/core';
import type { Chart } from '../../parts/charts/chart';
import type { Inks } from '../../parts/charts/inks';
import { clockText } from '../../parts/words/clock-text';
import { GROUND, skyline } from '../../parts/ridge/skyline';

type TitleOf = (stage: Stage) => string;
const FONT = 'Atkinson Hyperlegible Next, sans-serif';

const common = (inks: Inks): EChartsCoreOption => ({
  animation: false,
  textStyle: { fontFamily: FONT, color: inks.text },
  grid: { left: 58, right: 18, top: 16, bottom: 34 },
});

const axis = (inks: Inks, more: object): object => ({
  axisLabel: { color: inks.text },
  axisLine: { lineStyle: { color: inks.line } },
  splitLine: { lineStyle: { color: inks.line } },
  ...more,
});

/** The times of each day: its median, and the middle half of them as a band. */
export function daysChart({ days }: LogSummary, inks: Inks): Chart {
  const low = days.map(({ day, lower }) => [day, lower]);
  const band = days.map(({ day, lower, upper }) => [day, upper - lower]);
  const median = days.map(({ day, median: middle }) => [day, middle]);
  return {
    title: 'Times over days',
    says: `The median of each day and the middle half of its times, over ${days.length} days.`,
    options: {
      ...common(inks),
      tooltip: { trigger: 'axis', formatter: tipFrom((k) => dayTip(days[k]!)) },
      xAxis: axis(inks, {
        ...{ type: 'time', splitNumber: 4, splitLine: { show: false } },
        axisLabel: { color: inks.text, hideOverlap: true },
      }),
      yAxis: axis(inks, { type: 'value', axisLabel: { color: inks.text, formatter: clock0 } }),
      series: [
        { type: 'line', name: 'median', data: median, color: inks.accent, symbolSize: 6, z: 3 },
        {
          ...{ type: 'line', stack: 'half', data: low, symbol: 'none' },
          ...{ lineStyle: { opacity: 0 }, silent: true, color: inks.band },
        },
        {
          ...{ type: 'line', stack: 'half', name: 'middle half', data: band, symbol: 'none' },
          ...{ lineStyle: { opacity: 0 }, silent: true, color: inks.band },
          areaStyle: { color: inks.band, opacity: 0.7 },
        },
      ],
    },
    points: days.map(dayTip),
    head: ['Day', 'Solves', 'Lower quarter', 'Median', 'Upper quarter'],
    rows: days.map(({ day, count, lower, median: middle, upper }) => [
      ...[day, String(count), clockText(lower), clockText(middle), clockText(upper)],
    ]),
  };
}

const dayTip = ({ day, count, lower, median, upper }: LogSummary['days'][0]): string =>
  `${day}: median ${clockText(median)}, middle half ${clockText(lower)} to ${clockText(upper)}, ${count === 1 ? '1 solve' : `${count} solves`}`;

const clock0 = (seconds: number): string => clockText(seconds, 0);

/** A tooltip told by the place of what is pointed at. */
const tipFrom =
  (says: (index: number) => string) =>
  (given: { dataIndex: number } | { dataIndex: number }[]): string =>
    says(Array.isArray(given) ? given[0]!.dataIndex : given.dataIndex);

/** How often each time came up. */
export function spreadChart({ spread, timed }: LogSummary, inks: Inks): Chart {
  const { from, width, counts } = spread ?? { from: 0, width: 1, counts: [] };
  const starts = counts.map((_, k) => from + k * width);
  const decimals = width < 1 ? 1 : 0;
  const range = (k: number): string =>
    `${clockText(starts[k]!, decimals)} to ${clockText(starts[k]! + width, decimals)}`;
  return {
    title: 'Spread',
    says: `How often each time came up, of ${timed}.`,
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
    head: ['Time', 'Solves'],
    rows: counts.map((count, k) => [range(k), String(count)]),
  };
}

/** Turns per second by stage, where turns are known. */
export function rateChart({ now, from, to }: Ridge, titleOf: TitleOf, inks: Inks): Chart {
  const known = now.filter(({ turnsPerSecond }) => turnsPerSecond !== null);
  const says = (k: number): string =>
    `${titleOf(known[k]!.stage)}: ${known[k]!.turnsPerSecond!.toFixed(2)} turns per second`;
  return {
    title: 'Turns per second, by stage',
    says: `How fast each stage was turned from ${from} to ${to}, where its turns are known.`,
    options: {
      ...common(inks),
      grid: { left: 118, right: 34, top: 8, bottom: 28 },
      tooltip: { trigger: 'item', formatter: tipFrom(says) },
      xAxis: axis(inks, { type: 'value' }),
      yAxis: axis(inks, {
        ...{ type: 'category', inverse: true, splitLine: { show: false } },
        data: known.map(({ stage }) => titleOf(stage)),
      }),
      series: [
        {
          ...{ type: 'bar', color: inks.done, barMaxWidth: 18 },
          data: known.map(({ turnsPerSecond }) => turnsPerSecond),
          label: { show: true, position: 'right', color: inks.text },
        },
      ],
    },
    points: known.map((_, k) => says(k)),
    head: ['Stage', 'Turns per second'],
    rows: known.map(({ stage, turnsPerSecond }) => [titleOf(stage), turnsPerSecond!.toFixed(2)]),
  };
}

interface RidgeRow {
  name: string;
  stages: readonly StageSummary[];
}

const RIDGE_HEIGHT = 0.86;

/** What there is to say of the group, whose figures do not follow the days asked for. */
const GROUP_SAYS = {
  none: undefined,
  few: `Your group has too few others to compare with: it takes ${LEAST_OTHERS} for each stage.`,
  enough: `Your group: what is typical of its others over the last ${GROUP_DAYS} days.`,
};
const groupOf = ({ group }: Ridge): keyof typeof GROUP_SAYS =>
  group === null ? 'none' : group === 'too few' ? 'few' : 'enough';

/** Where the time goes: a ridge of one rise per stage, each as wide as its median time. */
export function ridgeChart(ridge: Ridge, titleOf: TitleOf, inks: Inks): Chart {
  const rows: RidgeRow[] = [
    { name: 'Now', stages: ridge.now },
    { name: 'A month before', stages: ridge.earlier },
    ...(Array.isArray(ridge.group) ? [{ name: 'Your group', stages: ridge.group }] : []),
  ].filter(({ stages }) => stages.length > 0);
  const rises = rows.flatMap(({ stages }, row) => {
    const total = stages.reduce((sum, { median }) => sum + median, 0);
    const drawn = skyline(
      stages.map(({ median }) => median),
      0,
    );
    let from = 0;
    return stages.map(({ stage, median }, k) => {
      const rise = { row, stage, median, from, to: from + median, drawn: drawn[k]!, total };
      from += median;
      return rise;
    });
  });
  const note = GROUP_SAYS[groupOf(ridge)];
  const says = (k: number): string => {
    const { row, stage, median, total } = rises[k]!;
    const share = Math.round((100 * median) / total);
    return `${rows[row]!.name}, ${titleOf(stage)}: ${clockText(median)} s, ${share} %`;
  };
  return {
    title: 'Where the time goes',
    says: `The median time of each stage from ${ridge.from} to ${ridge.to}, and a month before.${note ? ` ${note}` : ''}`,
    note,
    options: {
      ...common(inks),
      grid: { left: 112, right: 20, top: 6, bottom: 28 },
      tooltip: { trigger: 'item', formatter: tipFrom(says) },
      xAxis: axis(inks, {
        ...{ type: 'value', min: 0, max: Math.max(1, ...rises.map(({ to }) => to)) },
        ...{ splitLine: { show: false }, axisLabel: { color: inks.text, formatter: clock0 } },
      }),
      yAxis: axis(inks, {
        ...{ type: 'category', inverse: true, splitLine: { show: false } },
        data: rows.map(({ name }) => name),
      }),
      series: [
        {
          type: 'custom',
          data: rises.map(({ from, to, row }) => [from, row, to]),
          encode: { x: [0, 2], y: 1 },
          renderItem: (
            { dataIndex }: { dataIndex: number },
            api: { coord(at: number[]): number[]; size(of: number[]): number[] },
          ) => {
            const rise = rises[dataIndex]!;
            const [x0, middle] = api.coord([rise.from, rise.row]) as [number, number];
            const [x1] = api.coord([rise.to, rise.row]) as [number, number];
            const band = api.size([0, 1])[1]! * RIDGE_HEIGHT;
            const width = Math.max(1, x1 - x0);
            const title = width > 58 ? titleOf(rise.stage) : '';
            return {
              type: 'group',
              children: [
                {
                  type: 'polygon',
                  shape: {
                    points: [
                      [x0, middle + band / 2],
                      ...rise.drawn.points.map(([x, y]) => [
                        x0 + ((x - rise.drawn.from) / (rise.drawn.to - rise.drawn.from)) * width,
                        middle - band / 2 + (y / GROUND) * band,
                      ]),
                      [x0 + width, middle + band / 2],
                    ],
                  },
                  style: {
                    fill: [inks.quiet, inks.before, inks.done][rise.row],
                    stroke: inks.surface,
                    lineWidth: 1.5,
                  },
                },
                {
                  type: 'text',
                  ...{ x: x0 + width / 2, y: middle + band / 2 - 3 },
                  style: {
                    text: title,
                    ...{ align: 'center', verticalAlign: 'bottom', font: `12px ${FONT}` },
                    fill: rise.row === 1 ? inks.text : inks.surface,
                    ...{ width: width - 6, overflow: 'truncate' },
                  },
                },
              ],
            };
          },
        },
      ],
    },
    points: rises.map((_, k) => says(k)),
    head: ['Stage', ...rows.map(({ name }) => name)],
    rows: [...new Set(rises.map(({ stage }) => stage))].map((stage) => [
      titleOf(stage),
      ...rows.map(({ stages }) => {
        const found = stages.find((one) => one.stage === stage);
        return found ? clockText(found.median) : '–';
      }),
    ]),
  };
}
