import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { NOWHERE, tellsWhere, Whereabouts, type Where } from './whereabouts';

const where = signal<Where | null>(null);

@Component({ template: '', changeDetection: ChangeDetectionStrategy.OnPush })
class SomeView {
  constructor() {
    tellsWhere(() => where());
  }
}

describe('where somebody is', () => {
  const walk: Where = { doing: 'walk', title: 'Daisy', at: 1, of: 9, cube: null };

  it('is told by the view they are in, for as long as they are in it', () => {
    where.set(null);
    const { now } = TestBed.inject(Whereabouts);
    const view = TestBed.createComponent(SomeView);
    view.detectChanges();
    expect(now()).toEqual(NOWHERE);
    where.set(walk);
    TestBed.tick();
    expect(now()).toEqual(walk);
    view.destroy();
    expect(now()).toEqual(NOWHERE);
  });

  it('stays what the next view has told', () => {
    where.set(walk);
    const { now } = TestBed.inject(Whereabouts);
    const view = TestBed.createComponent(SomeView);
    view.detectChanges();
    const lesson: Where = { ...walk, doing: 'lesson' };
    now.set(lesson);
    view.destroy();
    expect(now()).toBe(lesson);
  });
});
