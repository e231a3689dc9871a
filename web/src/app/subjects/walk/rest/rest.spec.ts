import { TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import { openStore } from '../../../app.spec-support';
import { SettingsPage } from '../../settings';
import { Rest } from './rest';
import { RestBanner } from '../parts/rest-banner';

const MINUTE = 60_000;

describe('the proposal to rest', () => {
  let rest: Rest;
  let store: Store;

  beforeEach(() => {
    ({ store } = openStore());
    rest = TestBed.inject(Rest);
  });

  /** A turn each minute, from one minute to another. */
  const work = (from: number, to: number): void => {
    for (let minute = from; minute <= to; minute++) rest.worked(minute * MINUTE);
  };

  it('comes after twenty minutes of turning, not sooner', () => {
    work(0, 19);
    expect(rest.due()).toBeFalse();
    work(20, 20);
    expect(rest.due()).toBeTrue();
  });

  it('counts anew after a pause that was a rest, and after a rest that was taken', () => {
    work(0, 15);
    work(22, 35);
    expect(rest.due()).toBeFalse();
    work(36, 42);
    expect(rest.due()).toBeTrue();
    rest.rested();
    work(43, 50);
    expect(rest.due()).toBeFalse();
  });

  it('comes again five minutes after "not now", and never when it is not wanted', () => {
    work(0, 20);
    rest.later(20 * MINUTE);
    work(21, 24);
    expect(rest.due()).toBeFalse();
    work(25, 25);
    expect(rest.due()).toBeTrue();
    rest.rested();
    store.dispatch(SettingsPage.settingChanged({ change: { restMinutes: 0 } }));
    work(26, 200);
    expect(rest.due()).toBeFalse();
  });

  it('is said calmly with what to do, and goes when it is answered', async () => {
    work(0, 20);
    const fixture = TestBed.createComponent(RestBanner);
    await fixture.whenStable();
    const host = fixture.nativeElement as HTMLElement;
    expect(host.textContent).toContain('numbness or tingling means stop');
    host.querySelector<HTMLElement>('button')!.click();
    expect(rest.due()).toBeFalse();
  });
});
