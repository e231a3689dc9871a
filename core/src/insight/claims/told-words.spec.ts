import { NUMBERS, ORDINALS } from './telling-words.spec-support.js';
import { misread } from './told-words.spec-support.js';
import { type Written, writtenSentences } from './written.spec-support.js';

/** Words that turn what is said into something else, both ways. */
const PAIRS: readonly (readonly [string, string])[] = [
  ['left', 'right'],
  ['in front', 'at the back'],
  ['the front', 'the back'],
  ['front left', 'back left'],
  ['front right', 'back right'],
  ['on top', 'at the bottom'],
  ['the top', 'the bottom'],
  ['underneath', 'on top'],
  ['above', 'below'],
  ['up', 'down'],
  ['to the middle', 'to the top'],
  ['in the middle', 'on top'],
  ['{first}', '{opposite}'],
  ['{right}', '{left}'],
  ['{front}', '{back}'],
  ['{front}', '{right}'],
  ['{was}', '{to}'],
  ['{piece}', '{piece2}'],
  ['corner', 'edge'],
  ['corners', 'edges'],
  ['is', 'is not'],
  ['are', 'are not'],
  ['show', 'do not show'],
  ['match', 'do not match'],
  ['has', 'has no'],
  ['stays', 'goes'],
  ['stay', 'go'],
  ['beside', 'across from'],
  ['side by side', 'apart'],
  ['side by side', 'across from each other'],
  ['across from', 'next to'],
  ['away from you', 'towards you'],
  ['solved', 'unfinished'],
  ['half a turn', 'a quarter turn'],
  ['first', 'last'],
  ['next', 'last'],
  ['in its place', 'in another place'],
  ['change places', 'stay'],
  ['once more', 'never more'],
  ['goes', 'comes'],
  ['takes', 'leaves'],
  ['brings', 'leaves'],
  ['after', 'before'],
];

/** Each word of a count, and of an order, becomes the one after it. */
const COUNTS: readonly (readonly [string, string])[] = [NUMBERS, ORDINALS].flatMap((words) =>
  words.slice(0, -1).map((name, k): [string, string] => [name, words[k + 1]!]),
);

/** Changes that nothing catches, and why. */
const LET_GO: readonly (readonly [RegExp, string])[] = [
  [/^goes → comes/, 'who looks from where it ends sees it come: the same happens'],
];

interface Changed {
  from: string;
  to: string;
  says: string;
  sentence: Written;
}

/** Every sentence with one word changed. */
function* changes(): Generator<Changed> {
  const told = new Map(
    writtenSentences().map((one) => [`${one.says} ${JSON.stringify(one.so)}`, one]),
  );
  const ways = [...PAIRS, ...PAIRS.map(([a, b]) => [b, a] as const), ...COUNTS].filter(
    ([a]) => a !== '',
  );
  for (const sentence of told.values()) {
    for (const [from, to] of ways) {
      const word = new RegExp(
        `(?<![\\w{])${from.replace(/[{}]/g, '\\$&')}(?![\\w}])(?!(?<=front|back) (?:left|right))`,
        'gi',
      );
      for (const match of sentence.says.matchAll(word)) {
        const { index } = match;
        const says = sentence.says.slice(0, index) + to + sentence.says.slice(index + from.length);
        yield { from, to, says, sentence };
      }
    }
  }
}

describe('the words of a sentence', () => {
  it('tell what its claims say, and nothing else', () => {
    const wrong = writtenSentences().flatMap((one) =>
      misread(one, one.about).map((what) => `${what}: ${one.where}`),
    );
    expect(wrong).toEqual([]);
  });

  it('cannot be changed, one of them, without a claim that is not told or a word no claim makes', () => {
    let tried = 0;
    const missed = new Set<string>();
    for (const { from, to, says, sentence } of changes()) {
      tried++;
      if (misread({ says, so: sentence.so }, sentence.about).length > 0) continue;
      if (!LET_GO.some(([words]) => words.test(`${from} → ${to}: ${says}`))) {
        missed.add(`${from} → ${to}: ${says}`);
      }
    }
    expect(tried).toBeGreaterThan(1000);
    expect([...missed]).toEqual([]);
  });
});
