import { signal } from '@angular/core';
import { undoable } from './undoable';

describe('what can be taken back', () => {
  it('goes back step by step, and no further than its beginning', () => {
    const word = undoable(
      () => 1,
      () => '',
    );
    word.set('a');
    word.set('ab');
    word.undo();
    expect([word.now(), word.canUndo()]).toEqual(['a', true]);
    word.undo();
    word.undo();
    expect([word.now(), word.canUndo()]).toEqual(['', false]);
  });

  it('takes what goes on and on back as one step', () => {
    const word = undoable(
      () => 1,
      () => '',
    );
    word.amend('a');
    word.amend('ab');
    word.amend('abc');
    word.undo();
    expect(word.now()).toBe('');
  });

  it('begins anew, without a past, where it is about something else', () => {
    const about = signal(1);
    const word = undoable(about, (it) => `about ${it}`);
    word.set('told');
    about.set(2);
    expect([word.now(), word.canUndo()]).toEqual(['about 2', false]);
  });
});
