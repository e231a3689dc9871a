import { approachById, type Case, type PatternApproach } from '../../teaching/approaches/index.js';
import { explainFailure } from './failure.js';
import { prove } from './prove.js';

function failing(id: string, change: (one: Case) => Case | undefined) {
  const whole = approachById(id) as PatternApproach;
  const cases = whole.cases.flatMap((one) => change(one) ?? []);
  const approach = { ...whole, cases };
  const { unsolved, solved, starts } = prove(approach);
  expect(solved).toBeLessThan(starts);
  return explainFailure(approach, unsolved!);
}

describe('what goes wrong with an approach', () => {
  it('is the step that undoes what was done before', () => {
    const { steps, at, says } = failing('middle-eight', (one) =>
      one.id.endsWith('/left') ? { ...one, sequence: "U' L' U L U F U F'" } : one,
    );
    expect(steps[at]!.case).toBe('middle-eight/left');
    expect(says).toMatch(/^Step \d+ undoes .* white layer is done/);
  });

  it('is the cube that no case fits', () => {
    const none = failing('ycross-two', (one) => (one.id.endsWith('/bar') ? undefined : one));
    expect(none.says).toMatch(/no case fits/i);
    const dot = failing('ycross-two', (one) => (one.id.endsWith('/dot') ? undefined : one));
    expect([dot.at, dot.says]).toEqual([-1, 'No case fits this cube.']);
  });

  it('is the step after which it goes round in a circle', () => {
    const circle = failing('ycross-two', (one) =>
      one.id.endsWith('/bar') ? { ...one, sequence: 'U2' } : one,
    );
    expect(circle.says).toMatch(/goes round in a circle/);
    expect(circle.at).toBe(circle.steps.length - 1);
  });
});
