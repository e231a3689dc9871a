import { type Calibration, type Confusion, dayNamed } from '@sleetcrest/core/learner/answers';
import type { Knowledge } from '../../subjects/practice';
import type { Chart } from '../../ui/charts/chart';
import { axis, common, tipFrom } from '../../ui/charts/drawing';
import type { Inks } from '../../ui/charts/inks';
import { counted } from '../../base/words/counted';

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const KIND_NAMES = { see: 'See', turn: 'Turn', both: 'See and turn', read: 'Read' } as const;

/** How likely each case is recalled today, the least likely first. */
export function recallChart(
  cases: readonly { title: string; see: number | null; turn: number | null }[],
  inks: Inks,
): Chart {
  const asked = cases.filter(({ see, turn }) => see !== null || turn !== null);
  const least = (one: (typeof asked)[number]): number => Math.min(one.see ?? 1, one.turn ?? 1);
  const shown = [...asked].sort((a, b) => least(a) - least(b)).slice(0, MOST_CASES);
  const told = (share: number | null): string => (share === null ? 'never asked' : percent(share));
  const says = (k: number): string => {
    const { title, see, turn } = shown[k]!;
    return `${title}: recognise it ${told(see)}, turn it ${told(turn)}`;
  };
  return {
    title: 'The chance to recall it today',
    says: `How likely each case is recognised and turned today; the ${shown.length} least likely.`,
    note:
      asked.length > shown.length
        ? `The ${shown.length} least likely of ${asked.length}.`
        : undefined,
    keys: [
      { name: 'recognise it', ink: inks.quiet },
      { name: 'turn it', ink: inks.done },
    ],
    options: {
      ...common(inks),
      grid: { left: 250, right: 24, top: 8, bottom: 28 },
      media: [NARROW, { query: NARROW.query, option: { xAxis: { interval: 0.5 } } }],
      tooltip: { trigger: 'axis', formatter: tipFrom(says) },
      xAxis: axis(inks, {
        type: 'value',
        max: 1,
        axisLabel: { color: inks.text, formatter: percent },
      }),
      yAxis: axis(inks, {
        type: 'category',
        inverse: true,
        splitLine: { show: false },
        data: shown.map(({ title }) => title),
        axisLabel: { color: inks.text, width: 235, overflow: 'truncate' },
      }),
      series: [
        { type: 'bar', color: inks.quiet, barMaxWidth: 9, data: shown.map(({ see }) => see) },
        { type: 'bar', color: inks.done, barMaxWidth: 9, data: shown.map(({ turn }) => turn) },
      ],
    },
    points: shown.map((_, k) => says(k)),
    head: ['Case', 'Recognise it', 'Turn it'],
    rows: asked.map(({ title, see, turn }) => [title, told(see), told(turn)]),
  };
}

const MOST_CASES = 12;
/** On a phone the names of cases leave half of the width to the bars. */
const NARROW = {
  query: { maxWidth: 480 },
  option: {
    grid: { left: 140 },
    yAxis: { axisLabel: { width: 125 } },
  },
};

/** What was promised of answers on later days, and what came. */
export function calibrationChart(all: readonly Calibration[], inks: Inks): Chart {
  const says = (k: number): string => {
    const { promised, came, answers } = all[k]!;
    return `promised ${percent(promised)}, came ${percent(came)}, of ${counted(answers, 'answer')}`;
  };
  // From the lowest promise on, in whole tenths.
  const least = Math.floor(Math.min(0.4, ...all.map(({ promised }) => promised)) * 10) / 10;
  return {
    title: 'Promised and come true',
    says: 'How often what was promised to be recalled was, by how much was promised.',
    note: 'On the line, what is promised comes true.',
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
    head: ['Promised', 'Came', 'Answers'],
    rows: all.map(({ promised, came, answers }) => [
      percent(promised),
      percent(came),
      String(answers),
    ]),
  };
}

/** How long right answers took, day by day. */
export function daysChart(days: Knowledge['days'], inks: Inks): Chart {
  const kinds = (['see', 'turn', 'both', 'read'] as const).filter((kind) =>
    days.some((one) => one.kind === kind),
  );
  const colours = { see: inks.accent, turn: inks.done, both: inks.quiet, read: inks.before };
  const says = ({ day, kind, seconds, answers }: Knowledge['days'][number]): string =>
    `${day}, ${KIND_NAMES[kind]}: ${seconds.toFixed(2)} s, ${counted(answers, 'answer')}`;
  return {
    title: 'Seconds to the answer, over days',
    says: 'The median time of right answers on each day, by kind.',
    keys: kinds.map((kind) => ({ name: KIND_NAMES[kind], ink: colours[kind] })),
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
      series: kinds.map((kind) => ({
        type: 'line',
        name: KIND_NAMES[kind],
        color: colours[kind],
        symbolSize: 5,
        data: days.filter((one) => one.kind === kind).map(({ day, seconds }) => [day, seconds]),
      })),
    },
    points: days.map(says),
    head: ['Day', 'Kind', 'Median seconds', 'Answers'],
    rows: days.map(({ day, kind, seconds, answers }) => [
      day,
      KIND_NAMES[kind],
      seconds.toFixed(2),
      String(answers),
    ]),
  };
}

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
    return `“${titleOf(one)}” taken for “${titleOf(other)}” ${times === 1 ? 'once' : `${times} times`}`;
  };
  const label = { color: inks.text, width: 190, overflow: 'truncate' };
  return {
    title: 'Taken for each other',
    says: 'Down the side what it was; along the top, by the same numbers, what was said.',
    note: 'In rows what it was, in columns what was said.',
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
    head: ['It was', 'Taken for', 'Times', 'Last'],
    rows: confusions.map((one) => [
      titleOf(one.was),
      titleOf(one.said),
      String(one.times),
      dayNamed(one.lastDay),
    ]),
  };
}

interface Api {
  value(at: number): number;
  coord(at: number[]): number[];
  size(of: number[]): number[];
}

const MOST_PAIRS = 12;

/** What comes due in the days ahead. */
export function dueChart(due: Knowledge['due'], today: number, inks: Inks): Chart {
  const days = due.map((_, k) => dayNamed(today + k));
  const says = (k: number): string => {
    const { cards, seconds } = due[k]!;
    const minutes = Math.max(1, Math.round(seconds / 60));
    const what =
      cards === 0 ? 'nothing' : `${counted(cards, 'card')}, about ${counted(minutes, 'minute')}`;
    return `${k === 0 ? 'today' : days[k]!}: ${what}`;
  };
  const some = due.some(({ cards }) => cards > 0);
  return {
    title: 'Due in the next fortnight',
    says: 'How many cards come due on each of the next days.',
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
    head: ['Day', 'Cards', 'Minutes'],
    rows: some
      ? due.map(({ cards, seconds }, k) => [days[k]!, String(cards), (seconds / 60).toFixed(1)])
      : [],
  };
}
