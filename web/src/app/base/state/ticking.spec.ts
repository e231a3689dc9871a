import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { ticking } from './ticking';

describe('the moment it is', () => {
  beforeEach(() => jasmine.clock().install());
  afterEach(() => jasmine.clock().uninstall());

  it('is told anew while it runs, stands while it does not, and ends with its page', () => {
    let at = 100;
    const runs = signal(true);
    const moment = TestBed.runInInjectionContext(() => ticking(250, { now: () => at, runs }));
    const after = (milliseconds: number): number => {
      TestBed.tick();
      at += milliseconds;
      jasmine.clock().tick(milliseconds);
      return moment();
    };
    expect(moment()).toBe(100);
    expect(after(249)).toBe(100);
    expect(after(1)).toBe(350);
    runs.set(false);
    expect(after(1000)).toBe(350);
    runs.set(true);
    expect(after(250)).toBe(1600);
    TestBed.resetTestingModule();
    at += 1000;
    jasmine.clock().tick(1000);
    expect(moment()).toBe(1600);
  });
});
