import { COLOURS, randomCube, randomFrom, SIDES } from '../../puzzle/cube/index.js';
import { APPROACHES } from '../../teaching/approaches/index.js';
import { METHODS } from '../../teaching/methods/index.js';
import { solve } from '../../engine/run/index.js';
import { readable, syllablesOf } from './readable.js';

describe('reading', () => {
  it('counts syllables', () => {
    const known: Record<number, string> = {
      1: 'the side sides turned once piece square these whole stayed while times eight',
      2: 'corner places edges centre layer little lifted needed matches away colour orange yellow',
      3: 'opposite underneath another already eleven',
    };
    for (const [count, words] of Object.entries(known)) {
      for (const word of words.split(' ')) {
        expect(syllablesOf(word)).withContext(word).toBe(Number(count));
      }
    }
  });

  it('grades by the words of a sentence and the syllables of a word', () => {
    // Two sentences, 10 words, 11 syllables.
    const { grade, longest } = readable('The cat sat on the mat. It was a kitten.');
    expect(grade).toBeCloseTo(0.39 * 5 + 11.8 * 1.1 - 15.59, 10);
    expect(longest).toBe(6);
    expect(readable('')).toEqual({ grade: 0, longest: 0 });
  });

  it('is easy at ten for every line of every case, whatever the colours', () => {
    const random = randomFrom(3);
    const hard = new Set<string>();
    const met = new Set<string>();
    const grades: number[] = [];
    for (let k = 0; k < 720; k++) {
      const first = SIDES[Math.floor(k / 6) % 6]!;
      const walk = solve(randomCube(random), METHODS[k % 6]!, first, COLOURS);
      if (!walk.ok) throw new Error(walk.error);
      for (const step of walk.value.steps) {
        met.add(step.case);
        for (const line of ['find', 'look', 'why'] as const) {
          const { grade, longest } = readable(step[line]);
          grades.push(grade);
          if (grade > 6 || longest > 18 || longest === 0) hard.add(`${step.case}: ${step[line]}`);
        }
      }
    }
    const all = APPROACHES.flatMap(({ cases }) => cases.map(({ id }) => id));
    expect([...met].sort()).toEqual([...all].sort());
    expect([...hard]).toEqual([]);
    expect(grades.reduce((sum, grade) => sum + grade, 0) / grades.length).toBeLessThan(2);
  });
});
