import { GROUND, skyline, type Stage, STAGES } from '@sleetcrest/core';
import {
  GROUP_DAYS,
  LEAST_OTHERS,
  type Ridge,
  type StageSummary,
} from '@sleetcrest/core/learner/log';
import type { Chart } from '../../ui/charts/chart';
import { axis, common, tipFrom } from '../../ui/charts/drawing';
import type { Inks } from '../../ui/charts/inks';
import { clockText } from '../../base/words/clock-text';
import { clock0, type TitleOf } from './charts';
import { SAY } from './words';

/** What there is to say of the group, whose figures do not follow the days asked for. */
const GROUP_SAYS = {
  none: undefined,
  few: SAY.yourGroupHasTooFew({ leastOthers: LEAST_OTHERS }),
  enough: SAY.yourGroupWhatIsTypical({ groupDays: GROUP_DAYS }),
};
const groupOf = ({ group }: Ridge): keyof typeof GROUP_SAYS =>
  group === null ? 'none' : group === 'too few' ? 'few' : 'enough';

/** How much of a stage's room its rises take. */
const FILLED = 0.82;

interface Row {
  /** Which times they are, and how the key names them. */
  of: 'now' | 'before' | 'group';
  name: string;
  stages: readonly StageSummary[];
  ink: string;
}

interface Rise {
  row: number;
  /** Which of the stages shown. */
  at: number;
  stage: Stage;
  median: number;
}

/**
 * Where the time goes, stage beside stage: a rise as high as the stage's median time, beside what it
 * was a month before and what is typical of the group. Nothing is added up: the medians of stages
 * are of different solves, and no solve took their sum.
 */
export function stagesChart(ridge: Ridge, titleOf: TitleOf, inks: Inks): Chart {
  const all: Row[] = [
    { of: 'now', name: SAY.now, stages: ridge.now, ink: inks.quiet },
    { of: 'before', name: SAY.aMonthBefore, stages: ridge.earlier, ink: inks.before },
    ...(Array.isArray(ridge.group)
      ? [{ of: 'group' as const, name: SAY.yourGroup, stages: ridge.group, ink: inks.done }]
      : []),
  ];
  const rows = all.filter(({ stages }) => stages.length > 0);
  const shown = STAGES.filter((stage) =>
    rows.some(({ stages }) => stages.some((one) => one.stage === stage)),
  );
  const rises = shown.flatMap((stage, at) =>
    rows.flatMap(({ stages }, row): Rise[] => {
      const own = stages.find((one) => one.stage === stage);
      return own ? [{ row, at, stage, median: own.median }] : [];
    }),
  );
  const note = GROUP_SAYS[groupOf(ridge)];
  const says = (k: number): string => {
    const { row, stage, median } = rises[k]!;
    return SAY.stageTip({ stage: titleOf(stage), row: rows[row]!.of, median: clockText(median) });
  };
  return {
    title: SAY.whereTheTimeGoes,
    says: [SAY.stagesSay({ from: ridge.from, to: ridge.to }), note].join(' ').trim(),
    note,
    keys: rows.map(({ name, ink }) => ({ name, ink })),
    options: {
      ...common(inks),
      grid: { left: 58, right: 18, top: 18, bottom: 28 },
      xAxis: axis(inks, {
        type: 'category',
        data: shown.map((stage) => titleOf(stage)),
        splitLine: { show: false },
        axisLabel: { color: inks.text, interval: 0 },
      }),
      yAxis: axis(inks, { type: 'value', axisLabel: { color: inks.text, formatter: clock0 } }),
      tooltip: { trigger: 'item', formatter: tipFrom(says) },
      series: [
        {
          type: 'custom',
          data: rises.map(({ at, median }) => [at, median]),
          renderItem: ({ dataIndex }: { dataIndex: number }, api: Api) =>
            drawn(rises[dataIndex]!, rows, api, inks),
        },
      ],
    },
    points: rises.map((_, k) => says(k)),
    head: [SAY.stage, ...rows.map(({ name }) => name)],
    rows: shown.map((stage) => [
      titleOf(stage),
      ...rows.map(({ stages }) => {
        const found = stages.find((one) => one.stage === stage);
        return found ? clockText(found.median) : '–';
      }),
    ]),
  };
}

interface Api {
  coord(at: number[]): number[];
  size(of: number[]): number[];
}

/** One rise as a polygon, beside the others of its stage. */
function drawn({ row, at, median }: Rise, rows: readonly Row[], api: Api, inks: Inks): object {
  const [middle, top] = api.coord([at, median]) as [number, number];
  const [, ground] = api.coord([at, 0]) as [number, number];
  const room = api.size([1, 0])[0]! * FILLED;
  const width = room / rows.length;
  const left = middle - room / 2 + row * width;
  const [rise] = skyline([1], 0);
  const peak = Math.min(...rise!.points.map(([, y]) => y));
  const points = rise!.points.map(([x, y]): [number, number] => [
    left + (x / 1000) * width,
    ground - ((GROUND - y) / (GROUND - peak)) * (ground - top),
  ]);
  return {
    type: 'polygon',
    shape: { points: [[left, ground], ...points, [left + width, ground]] },
    style: { fill: rows[row]!.ink, stroke: inks.surface, lineWidth: 1.5 },
  };
}
