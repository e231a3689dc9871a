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
  type Case,
  type CaseWords,
  type Claim,
  isSearch,
  type Lines,
  retold,
  type SearchCase,
  type Sentence,
  sentencesOf,
} from '../../teaching/approaches/index.js';
import { checkClaims } from './over-starts.js';

/** All starts but of the first cross, of which every so many are enough. */
const SAMPLED: Record<string, number> = { daisy: 37, 'cross-lift': 37, 'cross-under': 37 };

/** Sentences that nothing can be checked of, and why they may stand. */
const UNCLAIMED = new Map([
  ['Find the {piece} corner.', 'the colours are read off the piece that the step is about'],
  ['Find the {piece} edge.', 'the colours are read off the piece that the step is about'],
]);

interface Written extends Sentence {
  where: string;
  one: CaseWords;
}

/** Every sentence that a case can say. */
function sentences(): Written[] {
  return APPROACHES.flatMap((approach) =>
    approach.cases.flatMap((one): Written[] => {
      const lines: (Lines | undefined)[] = [one.find, one.look, one.why];
      if ('lineUp' in one) lines.push(one.lineUp?.turning, one.lineUp?.already);
      if (isSearch(approach)) {
        const { turning, otherwise = {} } = one as SearchCase;
        const others = Object.values(otherwise).flatMap((other) => Object.values(other));
        lines.push(turning, ...others);
      }
      return lines
        .flatMap((line) => sentencesOf(line ?? ''))
        .map((sentence) => ({ ...sentence, where: `${one.id}: ${sentence.says}`, one }));
    }),
  );
}

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
    const silent = sentences().filter(({ so, says }) => so.length === 0 && !UNCLAIMED.has(says));
    expect(silent.map(({ where }) => where)).toEqual([]);
  });

  it('speaks of no place, turn count or success that its claims do not', () => {
    const loose = sentences().flatMap((one) =>
      unbacked(one).map((word) => `${word}: ${one.where}`),
    );
    expect(loose).toEqual([]);
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

const LETTER_WORDS: [RegExp, string][] = [
  [/\b(top|up|above)\b/, 'U'],
  [/\b(bottom|down|below|under|underneath)\b/, 'D'],
  [/\b(front|you)\b/, 'F'],
  [/\b(at the back|back (?:right|left)|the back)\b/, 'B'],
  [/\bright\b/, 'R'],
  [/\bleft\b/, 'L'],
];
const NO_PLACE =
  /right order|bring it up|brings? its place up|(?:corner|place) is left|centre (?:below|above) it|Any side may be in front/;
const ROLE_LETTERS: [string, string][] = [
  ['front', 'F'],
  ['right', 'R'],
  ['back', 'B'],
  ['left', 'L'],
];
const NUMBERS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];

/** Words of a sentence that no claim of it, nor a turn of its case, backs. */
function unbacked({ says, so, one }: Written): string[] {
  // Colours by role are read off the cube; some words only look as if they told a place.
  const text = says.replaceAll(/\{\w+\}/g, '').replace(NO_PLACE, '');
  const letters = lettersOf(so, one);
  const words = LETTER_WORDS.filter(
    ([word, letter]) => word.test(text) && !letters.includes(letter),
  ).map(([, letter]) => letter);
  const counted = /\b(\w+) turns\b/.exec(text)?.[1];
  const number = NUMBERS.indexOf(counted ?? '') + 1;
  if (number > 0 && !numbersOf(so).includes(number)) words.push(`${number} turns`);
  if (/\bsolved\b/.test(text) && !hasClaim(so, SUCCESS)) words.push('solved');
  if (/\bin its place\b/.test(text) && !hasClaim(so, ['in-place', 'solved', 'count'])) {
    words.push('in its place');
  }
  return words;
}

const SUCCESS = ['solved', 'goes-home-after', 'done', 'not-finished', 'keeps-pairs'];

const hasClaim = (so: readonly Claim[], kinds: readonly string[]): boolean =>
  kinds.some((kind) => JSON.stringify(so).includes(`"is":"${kind}"`)) ||
  /"(solved|inPlace)":(true|false)/.test(JSON.stringify(so));

/** The sides of the hold that claims name, and those that the case turns or holds up. */
function lettersOf(so: readonly Claim[], one: CaseWords): string {
  const whole = one as Partial<Case>;
  const named = JSON.stringify(so).match(/(?<=")[UDFBRL.]+(?=")|\{(?:was|to|lined|at)\d?\}/g) ?? [];
  const roles = ROLE_LETTERS.filter(([role]) => JSON.stringify(so).includes(role));
  const turned = `${whole.sequence ?? ''}${whole.lineUp?.layer ?? ''}`;
  const search = whole.sequence === undefined ? 'UD' : '';
  return `${named.join('')}${roles.map(([, letter]) => letter).join('')}${turned}${search}`;
}

/** The counts of turns that claims name. */
const numbersOf = (so: readonly Claim[]): number[] =>
  so.flatMap((claim) => {
    if (claim.is === 'turns') return [claim.number, claim.times ?? 0];
    if (claim.is === 'goes-home-after') return [claim.turns];
    return 'when' in claim && typeof claim.when === 'number' ? [claim.when] : [];
  });
