import type { EChartsCoreOption } from 'echarts/core';

/** A chart with all that is needed to read it without seeing it. */
export interface Chart {
  title: string;
  /** What it shows, in a sentence. */
  says: string;
  /** What there is to say beside its title, if anything. */
  note?: string | undefined;
  /** What its colours mean, where it has several. */
  keys?: readonly { name: string; ink: string }[];
  options: EChartsCoreOption;
  /** What each point says, in the order of its data. */
  points: string[];
  head: string[];
  rows: string[][];
}
