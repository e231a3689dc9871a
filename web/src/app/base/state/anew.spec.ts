import { signal } from '@angular/core';
import { anew } from './anew';

describe('what a page forgets', () => {
  it('is there until it is about something else, whatever else becomes another', () => {
    const [about, first] = [signal('a'), signal(1)];
    const chosen = anew(about, (it) => `${it}${first()}`);
    expect(chosen()).toBe('a1');
    chosen.set('mine');
    first.set(2);
    expect(chosen()).toBe('mine');
    about.set('b');
    expect(chosen()).toBe('b2');
  });
});
