import { readable } from '../../insight/claims/readable.js';
import { moves } from '../../core.spec-support.js';
import { APPROACHES, isSearch } from '../approaches/index.js';
import { sayingFor, SAYINGS } from './built-in.js';
import {
  readWords,
  type Saying,
  sayingOf,
  sayingProblems,
  wordsOver,
  writeWords,
} from './saying.js';

describe('the sayings that ship', () => {
  it('are there for every built-in sequence of more than one turn, and for no other', () => {
    const sequences = APPROACHES.flatMap((approach) =>
      isSearch(approach) ? [] : approach.cases.map(({ sequence }) => sequence),
    ).filter((sequence) => moves(sequence).length > 1);
    const without = sequences.filter((sequence) => !sayingOf(sequence, SAYINGS));
    expect([...new Set(without)]).toEqual([]);
    expect(SAYINGS.filter(({ sequence }) => !sequences.includes(sequence))).toEqual([]);
  });

  it('cover their turns, and can be told apart', () => {
    expect(sayingProblems(SAYINGS)).toEqual([]);
  });

  it('are words a child says', () => {
    for (const { name, words } of SAYINGS) {
      for (const says of [name, ...words.map((word) => word.says)]) {
        expect(says.split(' ').length).withContext(says).toBeLessThanOrEqual(5);
      }
      expect(readable(words.map(({ says }) => says).join('. ')).grade).toBeLessThanOrEqual(6);
    }
  });
});

describe('sayings of one’s own', () => {
  const four = (words: string, name = 'Mine', sequence = "R U R' U'"): Saying => ({
    sequence,
    name,
    words: readWords(words),
  });
  const trouble = (...sayings: Saying[]): string[] =>
    sayingProblems(sayings).map(({ says }) => says);

  it('are written in one line, a group with its count', () => {
    const line = 'open the book · turn a page ×4 · close the book';
    expect(writeWords(readWords(line))).toBe(line);
    expect(readWords('up / in x2\n down ')).toEqual([
      { says: 'up', turns: 1 },
      { says: 'in', turns: 2 },
      { says: 'down', turns: 1 },
    ]);
    expect(readWords('')).toEqual([]);
  });

  it('say where their words do not cover the turns', () => {
    expect(trouble(four('up · in · down'))).toEqual(['Its words cover only 3 of 4 turns.']);
    expect(trouble(four('up · in ×3 · down'))).toEqual(['Its words cover even 5 of 4 turns.']);
    expect(trouble(four('up · in ×2 · down'))).toEqual([]);
  });

  it('say which cannot be told apart, by name or by words', () => {
    const other = four('up · in · down · home', 'Other', "L' U' L U");
    expect(trouble(other, four('up · in · down · out'))).toEqual([
      "Its words cannot be told apart from those of L' U' L U, “Other”.",
    ]);
    expect(trouble(other, four('a · b · c · d', 'other!'))).toEqual([
      "“other!” is also the name of L' U' L U.",
    ]);
    expect(trouble(other, four('up · round · over · out'))).toEqual([]);
  });

  it('come before those one is taught by, and these before those that ship', () => {
    const [mine, theirs] = [four('a · b · c · d'), four('e · f · g · h', 'Theirs')];
    const sequence = "R U R' U'";
    expect(sayingFor(sequence, { sayings: [mine] }, [theirs])).toBe(mine);
    expect(sayingFor(sequence, {}, [theirs])).toBe(theirs);
    expect(sayingFor(sequence, undefined)?.name).toBe('The ferry');
    expect(sayingFor("R U R' B", { sayings: [mine] }, [theirs])).toBeUndefined();
  });

  it('belong to a sequence however it is written, and tell which word is said over each turn', () => {
    const saying = four('up · in ×2');
    expect(sayingOf('R  U R’ U’', [saying])).toBe(saying);
    expect(sayingOf('', [saying])).toBeUndefined();
    expect(wordsOver(saying, moves("R U R' U'"))).toEqual([0, 1, 1, -1]);
  });
});
