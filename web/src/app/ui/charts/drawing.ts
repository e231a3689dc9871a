import type { EChartsCoreOption } from 'echarts/core';
import type { Inks } from './inks';

const FONT = 'Atkinson Hyperlegible Next, sans-serif';

export const common = (inks: Inks): EChartsCoreOption => ({
  animation: false,
  textStyle: { fontFamily: FONT, color: inks.text },
  grid: { left: 58, right: 18, top: 16, bottom: 34 },
});

export const axis = (inks: Inks, more: object): object => ({
  axisLabel: { color: inks.text },
  axisLine: { lineStyle: { color: inks.line } },
  splitLine: { lineStyle: { color: inks.line } },
  ...more,
});

/** A tooltip told by the place of what is pointed at. */
export const tipFrom =
  (says: (index: number) => string) =>
  (given: { dataIndex: number } | { dataIndex: number }[]): string =>
    says(Array.isArray(given) ? given[0]!.dataIndex : given.dataIndex);
