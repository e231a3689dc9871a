import { ChangeDetectionStrategy, Component, DestroyRef, inject } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { press } from '../../app.spec-support';
import { deedOf, HISTORY, keyScope } from './key-scope';
import { Keyboard, listensTo } from './keyboard';

const OUTER = keyScope('Outside', {
  letters: { on: ['l'], shown: 'L', says: 'letters' },
  save: { on: ['s'], shown: 'S', says: 'save' },
});
const INNER = keyScope('Inside', { turn: { on: ['([lr])'], shown: 'L R', says: 'turn' } });

describe('the keyboard', () => {
  let heard: string[];
  let end: () => void;

  beforeEach(() => {
    heard = [];
    TestBed.runInInjectionContext(() =>
      listensTo(OUTER, { letters: () => heard.push('letters'), save: () => heard.push('save') }),
    );
  });

  const inside = (more: { takesAll?: (event: KeyboardEvent) => unknown } = {}): void => {
    end = TestBed.inject(Keyboard).listen({
      scope: INNER,
      deeds: { turn: ({ key }) => (key === 'r' ? false : heard.push('turn')) },
      ...more,
    });
  };

  it('has a key do one thing: what was opened last is asked first', () => {
    inside();
    press('l');
    press('s');
    expect(heard).toEqual(['turn', 'save']);
    end();
    press('l');
    expect(heard).toEqual(['turn', 'save', 'letters']);
  });

  it('lets no key past a scope that takes them all, but those it gives back', () => {
    inside({ takesAll: ({ key }) => (key === 'x' ? heard.push('any') : false) });
    press('x');
    press('s');
    expect(heard).toEqual(['any', 'save']);
  });

  it('leaves keys to fields, and to whatever took them before', () => {
    const field = document.body.appendChild(document.createElement('input'));
    const type = (): boolean =>
      field.dispatchEvent(
        new KeyboardEvent('keydown', { key: 's', bubbles: true, cancelable: true }),
      );
    expect(type()).toBeTrue();
    field.remove();
    const taken = new KeyboardEvent('keydown', { key: 's', bubbles: true, cancelable: true });
    taken.preventDefault();
    document.body.dispatchEvent(taken);
    expect(heard).toEqual([]);
    press('s');
    expect(heard).toEqual(['save']);
  });

  it('hears nothing for what is not there any more', () => {
    @Component({ template: '', changeDetection: ChangeDetectionStrategy.OnPush })
    class Inside {
      readonly gone = inject(DestroyRef);
      constructor() {
        listensTo(INNER, { turn: () => heard.push('turn') });
      }
    }
    const fixture = TestBed.createComponent(Inside);
    press('l');
    fixture.destroy();
    press('l');
    expect(heard).toEqual(['turn', 'letters']);
  });

  it('knows keys with others held from those without', () => {
    const scope = keyScope('History', HISTORY);
    const key = (name: string, more: KeyboardEventInit = {}): KeyboardEvent =>
      new KeyboardEvent('keydown', { key: name, ...more });
    expect(deedOf(scope, key('z'))).toBeUndefined();
    expect(deedOf(scope, key('z', { ctrlKey: true }))).toBe('undo');
    expect(deedOf(scope, key('Z', { ctrlKey: true, shiftKey: true }))).toBe('redo');
    expect(deedOf(scope, key('y', { ctrlKey: true }))).toBe('redo');
  });
});
