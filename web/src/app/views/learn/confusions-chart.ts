import { type Confusion, dayNamed } from '@sleetcrest/core/learner/answers';
import type { Chart } from '../../ui/charts/chart';
import { axis, common, tipFrom } from '../../ui/charts/drawing';
import type { Inks } from '../../ui/charts/inks';
import { NARROW } from './knowledge-charts';
import { daySaid } from '../../base/words/days';
import { SAY } from './words';

/** Which case was taken for which, as a table of rises: the darker, the more often. */
export function confusionsChart(
  confusions: readonly Confusion[],
  titleOf: (item: string) => string,
  inks: Inks,
): Chart {
  const all = [...confusions].sort((a, b) => b.times - a.times).slice(0, MOST_PAIRS);
  // Names are too long to stand along the top: there they are by number.
  const cases = [...new Set(all.flatMap(({ was, said }) => [was, said]))];
  const numbers = cases.map((_, k) => String(k + 1));
  const most = Math.max(1, ...all.map(({ times }) => times));
  const says = (k: number): string => {
    const { was: one, said: other, times } = all[k]!;
    return SAY.takenForTimes({
      one: titleOf(one),
      other: titleOf(other),
      times,
    });
  };
  const label = { color: inks.text, width: 190, overflow: 'break', lineHeight: 13 };
  return {
    title: SAY.mixedUp,
    says: SAY.downTheSideWhatIt,
    note: SAY.inRowsWhatItWas,
    options: {
      ...common(inks),
      grid: { left: 205, right: 18, top: 40, bottom: 8 },
      media: [NARROW],
      tooltip: { trigger: 'item', formatter: tipFrom(says) },
      xAxis: axis(inks, {
        type: 'category',
        position: 'top',
        data: numbers,
        axisLabel: { color: inks.text, interval: 0 },
      }),
      yAxis: axis(inks, {
        type: 'category',
        inverse: true,
        data: cases.map((one, k) => `${numbers[k]}  ${titleOf(one)}`),
        axisLabel: label,
      }),
      series: [
        {
          type: 'custom',
          data: all.map(({ was: one, said: other, times }) => [
            cases.indexOf(other),
            cases.indexOf(one),
            times,
          ]),
          renderItem: (_: unknown, api: Api) => {
            const [x, y] = api.coord([api.value(0), api.value(1)]) as [number, number];
            const [width, height] = api.size([1, 1]) as [number, number];
            const shape = {
              x: x - width / 2 + 2,
              y: y - height / 2 + 2,
              width: width - 4,
              height: height - 4,
            };
            return {
              type: 'group',
              children: [
                {
                  type: 'rect',
                  shape,
                  style: { fill: inks.accent, opacity: 0.2 + (0.7 * api.value(2)) / most },
                },
                {
                  type: 'text',
                  style: {
                    text: String(api.value(2)),
                    x,
                    y,
                    fill: inks.text,
                    align: 'center',
                    verticalAlign: 'middle',
                    font: '700 14px sans-serif',
                  },
                },
              ],
            };
          },
        },
      ],
    },
    points: all.map((_, k) => says(k)),
    head: [SAY.itWas, SAY.takenFor3, SAY.times2, SAY.last],
    rows: confusions.map((one) => [
      titleOf(one.was),
      titleOf(one.said),
      String(one.times),
      daySaid(dayNamed(one.lastDay)),
    ]),
  };
}

interface Api {
  value(at: number): number;
  coord(at: number[]): number[];
  size(of: number[]): number[];
}

const MOST_PAIRS = 12;
