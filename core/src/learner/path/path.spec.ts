import { approachById } from '../../teaching/approaches/index.js';
import { stagePath } from './path.js';

const path = (id: string, chances: Record<string, number> = {}) =>
  stagePath(approachById(id)!, new Map(Object.entries(chances)), () => ({
    sequence: '',
    drill: '',
    turns: 0,
  }));

describe('the order in which cases are worth learning', () => {
  it('is by the turns a solve loses without them, and says how far one comes', () => {
    for (const id of ['corners-repeat', 'face-two', 'ycross-two', 'swap-back', 'cycle-one']) {
      const { cases } = path(id);
      const lost = cases.map((one) => one.lost!);
      expect(lost)
        .withContext(id)
        .toEqual([...lost].sort((a, b) => b - a));
      const direct = cases.map((one) => one.direct!);
      expect(direct)
        .withContext(id)
        .toEqual([...direct].sort((a, b) => a - b));
      expect(cases.at(-1)).toEqual(jasmine.objectContaining({ finished: 1, direct: 1 }));
    }
  });

  it('lets every start be finished before all cases are known, with two of three or three of four', () => {
    for (const [id, count] of [
      ['ycross-two', 1],
      ['face-two', 3],
      ['corners-repeat', 2],
    ] as const) {
      const { cases } = path(id);
      expect(cases[count - 1]!.finished)
        .withContext(id)
        .toBe(1);
    }
  });

  it('reckons by hand: a dot that is not known costs nothing, since any sequence turns it', () => {
    const dot = path('ycross-two').cases.find((one) => one.case === 'ycross-two/dot')!;
    expect(dot.lost).toBe(0);
    // Once round the last layer: with one way known, three edges go round twice instead of once.
    const twice = path('cycle-two').cases;
    expect(twice[0]!.direct).toBeLessThan(1);
    expect(twice.find((one) => one.case === 'cycle-two/none')!.lost).toBe(0);
  });

  it('counts a stage that cannot be finished without its only case as done twice', () => {
    const [only, ...others] = path('daisy-cross').cases;
    expect(others).toEqual([]);
    expect(only!.lost).toBeGreaterThan(5);
  });

  it('puts first what is met more often where nothing is lost, and knows nothing of a search', () => {
    const met = path('daisy-cross', { 'daisy-cross/down': 1 }).cases[0]!;
    expect(met.chance).toBe(1);
    expect(path('pairs').cases[0]).toEqual(jasmine.objectContaining({ lost: null, direct: null }));
  });
});
