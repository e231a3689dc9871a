import { problemSchema } from '@sleetcrest/contract';
import { MOST_WORK, workOf } from '@sleetcrest/core';
import type { PatternApproach } from '@sleetcrest/core/teaching/approaches';
import { aSolve, TestApp } from '../app.spec-support.js';
import type { HttpProblem } from '../http/problem.js';
import { aMethod } from '../methods/methods.spec-support.js';
import { Threads, TooLong } from './threads.js';

describe('work on other threads', () => {
  const threads = new Threads<number, number>('spec', {
    file: new URL('./busy.spec-support.js', import.meta.url),
    // Far above what starting a thread takes on a busy machine.
    threads: 1,
    waiting: 2,
    seconds: 3,
  });

  it('is done, or fails as it would here', async () => {
    expect(await threads.run(1)).toBe(1);
    await expectAsync(threads.run(-1)).toBeRejectedWithError('less than none');
  });

  it('has a deadline of its own, which waiting does not shorten', async () => {
    const never = threads.run(1e9);
    // It waits for a whole deadline, and is done all the same.
    const soon = threads.run(1);
    await expectAsync(never).toBeRejectedWithError(TooLong);
    expect(await soon).toBe(1);
    expect(Object.fromEntries(Threads.lengths())['spec']).toBe(0);
  });

  it('waits for a thread in turn, but no more of it than a few', async () => {
    const given = [1, 2, 3, 4].map((job) => threads.run(job));
    expect(Object.fromEntries(Threads.lengths())['spec']).toBe(3);
    const settled = await Promise.allSettled(given);
    expect(settled.slice(0, 3).map(({ status }) => status)).toEqual(Array(3).fill('fulfilled'));
    const refused = settled[3] as PromiseRejectedResult;
    expect((refused.reason as HttpProblem).status).toBe(429);
  });
});

describe('somebody’s own method', () => {
  let app: TestApp;
  beforeAll(async () => (app = await TestApp.start()));
  afterAll(() => app.stop());

  /** A few hundred bytes that ask for a great deal. */
  function greedy(patterns: number, times: number): ReturnType<typeof aMethod> {
    const kept = aMethod('greedy');
    const mine = kept.method.approaches.find((one) => typeof one !== 'string') as PatternApproach;
    const [one] = mine.cases;
    const cases = [
      {
        ...one!,
        id: 'mine/greedy',
        times,
        sequence: 'R U '.repeat(90),
        seen: Array.from({ length: patterns }, () => ({})),
        lineUp: { layer: 'U' as const, turning: '', already: '' },
      },
    ];
    const approaches = kept.method.approaches.map((each) =>
      each === mine ? { ...mine, cases } : each,
    );
    return { ...kept, method: { ...kept.method, approaches } };
  }

  it('may not ask for more work than any good one: it is refused, and nobody waits meanwhile', async () => {
    const kept = greedy(20, 12);
    expect(JSON.stringify(kept).length).toBeLessThan(3000);
    const { method } = kept;
    const asked: [string, string, unknown][] = [
      ['PUT', '/api/methods/greedy', kept],
      ['POST', '/api/solves', aSolve(1, { method })],
      ['POST', '/api/handouts', { ...HANDOUT, method }],
    ];
    for (const [verb, path, body] of asked) {
      const answer = await app.ask(verb, path, body);
      expect(answer.status).withContext(path).toBe(422);
      expect(problemSchema.parse(answer.body).detail).toContain('asks for too much');
    }
  });

  it('is read on another thread at most: the one that answers everybody goes on', async () => {
    const { method, proof } = greedy(20, 1);
    const mine = method.approaches.find((one) => typeof one !== 'string') as PatternApproach;
    // As near to the bound as this gets.
    expect(workOf(mine)).toBeGreaterThan(MOST_WORK / 2);
    expect(workOf(mine)).toBeLessThan(MOST_WORK);
    const order: string[] = [];
    const asked = async (name: string, answer: Promise<{ status: number }>): Promise<void> => {
      const { status } = await answer;
      expect([200, 201]).withContext(name).toContain(status);
      order.push(name);
    };
    await Promise.all([
      asked('method', app.ask('PUT', '/api/methods/greedy', { method, proof })),
      asked('health', app.somebody().ask('GET', '/api/health')),
    ]);
    expect(order).toEqual(['health', 'method']);
  });
});

const HANDOUT = {
  stage: null,
  paper: 'A4',
  dialect: 'prime',
  firstColour: 'white',
  ink: 'letters',
  swatches: Object.fromEntries(
    ['white', 'red', 'green', 'yellow', 'orange', 'blue'].map((colour) => [colour, '#aabbcc']),
  ),
};
