import { approachById, APPROACHES, type PatternApproach } from '../../teaching/approaches/index.js';
import {
  approachesAfter,
  DEFAULT_METHOD,
  isLast,
  methodById,
  methodOf,
  METHODS,
  mixOf,
} from '../../teaching/methods/index.js';
import { allMixes } from '../../teaching/methods/mixes.js';
import { approachProblem, resolveMethod, stagesOf } from './resolve.js';

const after = (id: string | undefined): string[] =>
  approachesAfter(id === undefined ? undefined : approachById(id)).map((one) => one.id);

describe('what can follow', () => {
  it('is any approach of the next stage, and pairs after any cross', () => {
    expect(after(undefined)).toEqual(['daisy', 'cross-lift', 'cross-under']);
    expect(after('daisy')).toEqual(['daisy-cross']);
    for (const cross of ['daisy-cross', 'cross-lift', 'cross-under']) {
      expect(after(cross)).toEqual([
        'corners-repeat',
        'corners-match',
        'corners-three',
        'corners-white-up',
        'pairs',
      ]);
    }
    expect(after('pairs')).toEqual(after('middle-five'));
    expect(after('ycross-alt')).toEqual(['edges-match', 'face-repeat', 'face-two']);
    expect(after('turn-up')).toEqual([]);
  });

  it('leads every approach to a solved cube', () => {
    for (const approach of APPROACHES) {
      expect(isLast(approach) || after(approach.id).length > 0)
        .withContext(approach.id)
        .toBeTrue();
    }
  });

  it('has every approach in some mix, and every named method among the mixes', () => {
    const mixes = [...allMixes()];
    expect(new Set(mixes.flat()).size).toBe(APPROACHES.length);
    const ids = new Set(mixes.map((mix) => mix.map(({ id }) => id).join()));
    expect(ids.size).toBe(mixes.length);
    for (const { approaches } of METHODS) expect(ids).toContain(approaches.join());
  });
});

describe('a method', () => {
  it('made of the approaches of a named one is that one', () => {
    for (const method of METHODS) {
      const approaches = resolveMethod(method);
      if (!approaches.ok) throw new Error(approaches.error);
      expect(mixOf(approaches.value, 'mix', 'Mix')).toBe(method);
    }
    const [first] = allMixes();
    expect(mixOf(first!, 'mix', 'Mix').id).toBe('mix');
  });

  it('is chosen by its id or written out', () => {
    expect(methodOf('gentle')).toBe(DEFAULT_METHOD);
    expect(methodOf('rough')).toBeUndefined();
    const own = { ...DEFAULT_METHOD, id: 'own' };
    expect(methodOf(own)).toBe(own);
  });

  it('goes through its stages in their order', () => {
    expect(stagesOf(methodById('step-up')!)).toEqual([
      ...(['cross', 'middle', 'yellow-cross', 'yellow-face', 'corner-swap', 'edge-cycle'] as const),
    ]);
    expect(stagesOf({ ...DEFAULT_METHOD, approaches: ['pairs'] })).toEqual([]);
  });
});

describe('an own approach', () => {
  const builtIn = approachById('corners-three') as PatternApproach;
  const own = (change: Partial<PatternApproach> = {}): PatternApproach => ({
    ...builtIn,
    id: 'mine',
    cases: builtIn.cases.map((one) => ({ ...one, id: one.id.replace(builtIn.id, 'mine') })),
    ...change,
  });
  const withCase = (change: object): PatternApproach => {
    const { cases } = own();
    return own({ cases: [{ ...cases[0]!, ...change }, ...cases.slice(1)] });
  };

  it('may be used when nothing is wrong with it', () => {
    expect(approachProblem(own())).toBeUndefined();
  });

  it('is refused with the case and what to mend in it', () => {
    const problems: [PatternApproach, RegExp][] = [
      [own({ id: 'pairs' }), /pairs is the id of a built-in approach/],
      [withCase({ id: 'other/one' }), /other\/one: its id must begin with mine\//],
      [own({ cases: [own().cases[0]!, own().cases[0]!] }), /mine\/right: two cases have this id/],
      [withCase({ seen: { 'UFR.D': 'first' } }), /mine\/right: no sticker is named UFR.D/],
      [withCase({ seen: [{}, { 'XYZ.U': 'first' }] }), /mine\/right: no sticker is named XYZ.U/],
      [withCase({ pieces: ['FB'] }), /mine\/right: no place is named FB/],
      [withCase({ sequence: 'R U (' }), /mine\/right: /],
      [withCase({ why: 'See {colour}.' }), /mine\/right: sentences cannot name {colour}/],
    ];
    for (const [approach, problem] of problems) expect(approachProblem(approach)).toMatch(problem);
  });

  it('cannot search', () => {
    const searching = { ...approachById('cross-under')!, id: 'mine' };
    expect(approachProblem(searching)).toMatch(/only built-in approaches can/);
  });
});
