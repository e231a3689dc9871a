import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { until } from '../../app.spec-support';
import { reading, type Reading } from './reading';

describe('reading what depends on something', () => {
  const wanted = signal<string | undefined>('a');
  /** What was asked, and how to answer it. */
  let asked: { for: string; answer: (text: string) => void; fail: (why: Error) => void }[];
  let aborted: string[];
  let read: Reading<string>;

  beforeEach(async () => {
    wanted.set('a');
    [asked, aborted] = [[], []];
    read = TestBed.runInInjectionContext(() =>
      reading(wanted, (what, unwanted) => {
        unwanted.addEventListener('abort', () => aborted.push(what));
        return new Promise<string>((answer, fail) => asked.push({ for: what, answer, fail }));
      }),
    );
    await until(() => asked.length === 1);
  });

  const settled = (): Promise<void> => until(() => !read.isBusy());

  it('shows the newest asked, however late an earlier answer comes', async () => {
    wanted.set('b');
    await until(() => asked.length === 2);
    asked[1]!.answer('of b');
    await settled();
    expect(read.value()).toBe('of b');
    asked[0]!.answer('of a');
    await Promise.resolve();
    TestBed.tick();
    expect([read.value(), aborted]).toEqual(['of b', ['a']]);
  });

  it('shows what was read last while it is read anew', async () => {
    asked[0]!.answer('first');
    await settled();
    expect(read.value()).toBe('first');
    wanted.set('b');
    await until(() => asked.length === 2);
    expect([read.value(), read.isBusy()]).toEqual(['first', true]);
  });

  it('says why it failed, and reads again when asked', async () => {
    asked[0]!.fail(new Error('The lift stands still.'));
    await settled();
    expect([read.trouble(), read.value()]).toEqual(['The lift stands still.', undefined]);
    read.again();
    await until(() => asked.length === 2);
    asked[1]!.answer('there');
    await settled();
    expect([read.trouble(), read.value()]).toEqual([null, 'there']);
  });

  it('reads nothing while there is nothing to read', async () => {
    wanted.set(undefined);
    await settled();
    expect(asked.length).toBe(1);
  });
});
