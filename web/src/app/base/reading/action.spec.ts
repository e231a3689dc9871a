import { HttpErrorResponse } from '@angular/common/http';
import { action } from './action';

describe('what a page does at somebody’s wish', () => {
  it('is under way until it is done', async () => {
    const deed = action();
    let finish: (value?: unknown) => void = () => undefined;
    const done = deed.run(() => new Promise((resolve) => (finish = resolve)));
    expect(deed.busy()).toBeTrue();
    finish();
    await done;
    expect([deed.busy(), deed.trouble(), deed.isDone()]).toEqual([false, null, true]);
  });

  it('says in a sentence why it failed, until something else is done', async () => {
    const deed = action();
    const isDone = await deed.run(async () => {
      throw new HttpErrorResponse({ status: 0 });
    });
    expect([isDone, deed.isDone()]).toEqual([false, false]);
    expect(deed.trouble()).toBe('The server cannot be reached just now.');
    await deed.run(async () => {
      throw new Error('The lift stands still.');
    });
    expect(deed.trouble()).toBe('The lift stands still.');
    await deed.run(async () => undefined);
    expect(deed.trouble()).toBeNull();
    deed.refuse('give the group a name.');
    expect(deed.trouble()).toBe('give the group a name.');
    deed.forget();
    expect(deed.trouble()).toBeNull();
  });
});
