import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { until } from '../../app.spec-support';
import { reading, type Reading } from './reading';

describe('reading what belongs to somebody', () => {
  const whose = signal<string | undefined>('a');
  let asked: { for: string; answer: (text: string) => void; fail: (why: Error) => void }[];
  let read: Reading<string>;
  const settled = (): Promise<void> => until(() => !read.isBusy());
  /** Somebody else is meant now, and is asked for. */
  const turnTo = async (one: string): Promise<void> => {
    const before = asked.length;
    whose.set(one);
    await until(() => asked.length > before);
  };

  beforeEach(async () => {
    whose.set('a');
    asked = [];
    read = TestBed.runInInjectionContext(() =>
      reading(
        whose,
        (one) => new Promise<string>((answer, fail) => asked.push({ for: one, answer, fail })),
        { whenAnother: 'drop' },
      ),
    );
    await until(() => asked.length === 1);
    asked[0]!.answer('of a');
    await settled();
  });

  it('shows nothing of another while it is read', async () => {
    expect(read.value()).toBe('of a');
    await turnTo('b');
    expect([read.value(), read.isBusy()]).toEqual([undefined, true]);
    asked[1]!.answer('of b');
    await settled();
    expect(read.value()).toBe('of b');
  });

  it('shows nothing of another where it cannot be read', async () => {
    await turnTo('b');
    asked[1]!.fail(new Error('The lift stands still.'));
    await settled();
    expect([read.value(), read.trouble()]).toEqual([undefined, 'The lift stands still.']);
  });

  it('shows what was read last of the same while it is read anew', async () => {
    read.again();
    await until(() => asked.length === 2);
    expect([read.value(), read.isBusy()]).toEqual(['of a', true]);
  });

  it('takes something known in its place, for whom it is of alone', async () => {
    read.set('changed');
    expect(read.value()).toBe('changed');
    await turnTo('b');
    expect(read.value()).toBeUndefined();
    whose.set(undefined);
    read.set('of nobody');
    expect(read.value()).toBeUndefined();
  });
});
