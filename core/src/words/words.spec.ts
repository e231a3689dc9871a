import { speak, words } from './index.js';

const MESSAGES = {
  undo: 'Undo',
  toGo: '{count, plural, one {# turn} other {# turns}} to go',
  of: '{done} of {all} done',
  stands: '{name} {how, select, sure {is sure of it} other {isn’t yet}}, <b> and “it’s {name}’s”',
} as const;

describe('words by key', () => {
  const say = words(MESSAGES);

  afterEach(() => {
    speak('plain');
  });

  it('are a text, or made of the values a message asks for', () => {
    expect(say.undo).toBe('Undo');
    expect([1, 1200].map((count) => say.toGo({ count }))).toEqual([
      '1 turn to go',
      '1,200 turns to go',
    ]);
    expect(say.of({ done: 0, all: 4 })).toBe('0 of 4 done');
    expect(say.stands({ name: 'Asa {x}', how: 'sure' })).toBe(
      'Asa {x} is sure of it, <b> and “it’s Asa {x}’s”',
    );
  });

  it('ask the compiler for each value, and for no other', () => {
    // @ts-expect-error the count is missing
    expect(() => say.toGo({})).toThrowError(/count/);
    // @ts-expect-error nothing is asked for under this name
    expect(say.of({ done: 1, all: 2, more: 3 })).toBe('1 of 2 done');
  });

  it('are longer and accented in the longer language, but not what they are filled with', () => {
    speak('longer');
    const longer = words(MESSAGES);
    expect(longer.undo).toBe('⟦Ûñdô~~⟧');
    expect(longer.toGo({ count: 1 })).toMatch(/^⟦1 tûrñ tô gô[~ ]+⟧$/);
    expect(longer.stands({ name: 'Anna', how: 'other' })).toMatch(
      /^⟦Anna ïsñ’t ýét, <b> àñd “ït’s Anna’s”[~ ]+⟧$/,
    );
  });

  it('refuse a message that is none, when it is said', () => {
    const wrong = words({ open: 'from {here' });
    expect(() => wrong['open']).toThrowError(SyntaxError);
  });
});
