import { randomFrom, SIDES } from '../../puzzle/cube/index.js';
import {
  apart,
  at,
  faces,
  home,
  looksLeft,
  say,
  stays,
  touch,
} from '../../teaching/wording/index.js';
import {
  type Approach,
  approachById,
  APPROACHES,
  type Claim,
  type Lines,
  retold,
  sentencesOf,
} from '../../teaching/approaches/index.js';
import { checkClaims } from './over-starts.js';
import { writtenSentences } from './written.spec-support.js';

/** All starts but of the first cross, of which every so many are enough. */
const SAMPLED: Record<string, number> = { daisy: 37, 'cross-lift': 37, 'cross-under': 37 };

/** Sentences that nothing can be checked of, and why they may stand. */
const UNCLAIMED = new Map([
  ['Find the {piece} corner.', 'the colours are read off the piece that the step is about'],
  ['Find the {piece} edge.', 'the colours are read off the piece that the step is about'],
]);

describe('every sentence of a built-in case', () => {
  for (const approach of APPROACHES) {
    it(`is so whenever it is read: ${approach.id}`, () => {
      const { broken, steps } = checkClaims(approach, { every: SAMPLED[approach.id] ?? 1 });
      expect(steps).toBeGreaterThan(0);
      expect(broken.map((one) => [one.case, one.says, one.claim, one.times])).toEqual([]);
    });
  }

  it('is so for another first colour', () => {
    const random = randomFrom(7);
    for (const approach of APPROACHES) {
      const first = SIDES[1 + random(5)]!;
      const { broken } = checkClaims(approach, { first, every: 97 });
      expect(broken.map(({ says, claim }) => [says, claim])).toEqual([]);
    }
  });

  it('claims something, but for a few with a reason', () => {
    const silent = writtenSentences().filter(
      ({ so, says }) => so.length === 0 && !UNCLAIMED.has(says),
    );
    expect(silent.map(({ where }) => where)).toEqual([]);
  });
});

describe('a claim that is not so', () => {
  const broken = (id: string, caseId: string, claim: Claim): number => {
    const approach = approachById(id)!;
    const cases = approach.cases.map((one) =>
      one.id === caseId ? { ...one, why: [say('As it was told.', claim)] } : one,
    );
    const changed = { ...approach, cases } as Approach;
    const every = /corners|middle/.test(id) ? 101 : 1;
    return checkClaims(changed, { every }).broken.find((one) => one.claim === claim)?.times ?? 0;
  };

  it('is found on the steps where it is not', () => {
    const wrong: [string, string, Claim][] = [
      ['middle-refit', 'middle-refit/put-left', touch('piece', 'UB', 'before')],
      ['middle-turn', 'middle-turn/right', touch('piece', 'DFR', 5)],
      ['face-repeat', 'face-repeat/one', stays('piece')],
      ['corners-white-up', 'corners-white-up/right', faces('piece', 'first', 'R', 'before')],
      ['corners-three', 'corners-three/front', home('piece', 3)],
      ['place-right', 'place-right/one', looksLeft(0)],
      ['middle-eight', 'middle-eight/right', apart('piece', 'DFR', 4)],
      ['swap-back', 'swap-back/pair', stays('UBL')],
      // A turn that the sequence does not have.
      ['daisy', 'daisy/middle-right', at('piece', 'UR', 2)],
    ];
    for (const [id, caseId, claim] of wrong) {
      expect(broken(id, caseId, claim))
        .withContext(`${caseId} ${claim.is}`)
        .toBeGreaterThan(0);
    }
  });
});

const MIRROR: Record<string, string> = { L: 'R', R: 'L', F: 'B', B: 'F', U: 'D', D: 'U' };
const mirrored = (name: string): string => name.replace(/[UDFBRL]/, (letter) => MIRROR[letter]!);

/** The same kind of claim of another place, number or outcome; undefined where there is none. */
function otherwise(claim: Claim): Claim | undefined {
  switch (claim.is) {
    case 'at':
      if (claim.place === claim.piece || claim.place.startsWith('{')) return undefined;
      if (claim.not) return { is: 'at', piece: claim.piece, place: claim.place, when: claim.when };
      return { ...claim, place: mirrored(claim.place) };
    case 'belongs':
      return { ...claim, place: mirrored(claim.place) };
    case 'solved':
    case 'in-place':
    case 'next-to':
    case 'same-colour':
    case 'has':
      return { ...claim, not: claim.not ? undefined : true };
    case 'goes-home-after':
      return { ...claim, turns: claim.turns - 1 };
    case 'turned':
      return { ...claim, side: mirrored(claim.side) };
    case 'turns':
      return { ...claim, number: claim.number + 1 };
    case 'count':
      return typeof claim.number === 'number' ? { ...claim, number: claim.number + 1 } : undefined;
    default:
      return undefined;
  }
}

describe('every claim of a built-in case, said of another place, number or outcome', () => {
  for (const approach of APPROACHES) {
    it(`is false on some start: ${approach.id}`, () => {
      const changed = new Map<Claim, string>();
      const turned = (lines: Lines | undefined): Lines | undefined =>
        lines &&
        sentencesOf(lines).map(({ says, so }) => ({
          says,
          so: so.flatMap((claim) => other(claim, says)),
        }));
      const other = (claim: Claim, says: string): Claim[] => {
        const one = otherwise(claim);
        if (one) changed.set(one, says);
        return one ? [one] : [];
      };
      const cases = approach.cases.map((one) => ({
        ...one,
        find: turned(one.find),
        look: turned(one.look),
        why: turned(one.why),
      }));
      const { broken } = checkClaims({ ...approach, cases } as Approach, {
        every:
          approach.stage === 'middle' || approach.stage === 'corners'
            ? 11
            : (SAMPLED[approach.id] ?? 1),
      });
      for (const { claim } of broken) changed.delete(claim);
      expect([...changed].map(([claim, says]) => [says, claim])).toEqual([]);
    });
  }
});

describe('lines told anew', () => {
  const lines = [say('It is so.', looksLeft(1)), say('Then look again.', stays('piece'))];

  it('keep what each sentence claims where it stays in its place, or stays as it was', () => {
    expect(retold(lines, 'It is so, they say. Then look again.')).toEqual([
      { says: 'It is so, they say.', so: lines[0]!.so },
      lines[1]!,
    ]);
    expect(retold(lines, 'First this. It is so. Then look again.')).toEqual([
      { says: 'First this.', so: [] },
      ...lines,
    ]);
    expect(retold(lines, 'Quite another.')).toEqual([{ says: 'Quite another.', so: [] }]);
    expect(retold('Look at it.', 'Look at me. Now.')).toBe('Look at me. Now.');
  });
});
