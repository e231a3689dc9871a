import { SOME_INKS } from '../../parts/charts/inks.spec-support';
import { chartOf } from './chart';

interface Drawn {
  series: { name: string; data: [number, number][]; lineStyle: { type: unknown }; color: string }[];
  xAxis: { min: number; max: number };
}
const drawn = (): Drawn =>
  chartOf(
    [
      { name: 'Short', turns: [...new Array<number>(40).fill(0), 0.25, 0.5, 0.25] },
      {
        name: 'Long',
        turns: [...new Array<number>(90).fill(0), 1, ...new Array<number>(200).fill(0)],
      },
    ],
    SOME_INKS,
  ) as unknown as Drawn;

describe('the chart of turns', () => {
  it('draws the share of each count of turns, in per cent', () => {
    const [short] = drawn().series;
    expect(short!.data[41]).toEqual([41, 50]);
    expect(short!.data.reduce((sum, [, share]) => sum + share, 0)).toBeCloseTo(100, 9);
  });

  it('tells lines apart by more than their colour', () => {
    const { series } = drawn();
    expect(new Set(series.map(({ lineStyle }) => String(lineStyle.type))).size).toBe(2);
    expect(series.map(({ color }) => color)).toEqual(['quiet', 'accent']);
  });

  it('shows the turns that solves take, and not the empty rest', () => {
    const { min, max } = drawn().xAxis;
    expect([min, max]).toEqual([40, 100]);
  });
});
