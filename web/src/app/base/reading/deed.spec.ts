import { HttpErrorResponse } from '@angular/common/http';
import { Deed } from './deed';

describe('what a page does at somebody’s wish', () => {
  it('is under way until it is done', async () => {
    const deed = new Deed();
    let finish = (): void => undefined;
    const done = deed.do(() => new Promise((resolve) => (finish = resolve)));
    expect(deed.busy()).toBeTrue();
    finish();
    await done;
    expect([deed.busy(), deed.trouble()]).toEqual([false, null]);
  });

  it('says in a sentence why it failed, until something else is done', async () => {
    const deed = new Deed();
    await deed.do(async () => {
      throw new HttpErrorResponse({ status: 0 });
    });
    expect(deed.trouble()).toBe('The server cannot be reached just now.');
    await deed.do(async () => {
      throw new Error('The lift stands still.');
    });
    expect(deed.trouble()).toBe('The lift stands still.');
    await deed.do(async () => undefined);
    expect(deed.trouble()).toBeNull();
    deed.refuse('give the group a name.');
    expect(deed.trouble()).toBe('give the group a name.');
    deed.forget();
    expect(deed.trouble()).toBeNull();
  });
});
