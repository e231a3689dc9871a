import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import type { HereTold, LiveSession } from '@sleetcrest/contract/table';
import { openStore, until } from '../../app.spec-support';
import { NOWHERE, Whereabouts } from '../../keeping/here/whereabouts';
import { TableApi } from '../../sending/table-api';
import { forgetSeat, isSeated } from './remembered-seat';
import { Seat } from './seat';
import { UsualSteps } from './usual-steps';

const SESSION: LiveSession = {
  ...{ id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e301', group: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e103' },
  ...{ groupName: 'Thursday', code: null, begunAt: '2026-11-26T17:30:00.000Z', showsTimes: false },
  ...{ joined: true, offer: null },
};

describe('a seat at the table', () => {
  let told: HereTold[];
  let failure: HttpErrorResponse | undefined;
  let seat: Seat;
  let whereabouts: Whereabouts;

  beforeEach(() => {
    [told, failure] = [[], undefined];
    openStore({
      provide: TableApi,
      useValue: {
        tellHere: async (_: string, here: HereTold) => {
          if (failure) throw failure;
          told.push(here);
          return {};
        },
        getUp: async () => undefined,
        sessions: async () => [SESSION],
      },
    });
    seat = TestBed.inject(Seat);
    whereabouts = TestBed.inject(Whereabouts);
  });
  afterEach(async () => {
    await seat.getUp();
    whereabouts.now.set(NOWHERE);
    forgetSeat();
  });

  it('tells where one is, as soon as one sits and whenever it changes', async () => {
    seat.sit(SESSION);
    await until(() => told.length === 1);
    expect(told[0]).toEqual(jasmine.objectContaining({ doing: 'idle', hand: false }));
    whereabouts.now.set({ doing: 'walk', title: 'Daisy', at: 2, of: 20, cube: null });
    TestBed.tick();
    await until(() => told.some(({ at }) => at === 2));
    expect(told.at(-1)).toEqual(
      jasmine.objectContaining({ doing: 'walk', title: 'Daisy', of: 20 }),
    );
    expect(isSeated()).toBeTrue();
  });

  it('holds the hand up until it has been heard, however long nobody answers', async () => {
    seat.sit(SESSION);
    await until(() => told.length === 1);
    failure = new HttpErrorResponse({ status: 0 });
    seat.toggleHand();
    expect([seat.hand(), seat.isHeard()]).toEqual([true, false]);
    failure = undefined;
    await until(() => seat.isHeard());
    expect(told.at(-1)!.hand).toBeTrue();
  });

  it('is left where the session is over', async () => {
    seat.sit(SESSION);
    await until(() => told.length === 1);
    failure = new HttpErrorResponse({ status: 404 });
    seat.toggleHand();
    await until(() => seat.session() === null);
    expect(isSeated()).toBeFalse();
  });

  it('is taken again after the page was loaded, while the session is held', async () => {
    seat.sit(SESSION);
    await until(() => told.length === 1);
    seat.session.set(null);
    await seat.resume();
    expect(seat.session()?.id).toBe(SESSION.id);
  });

  it('shows what is offered until it is waved away, and not again', async () => {
    const offer = {
      ...{ id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e302', words: 'Look here' },
      show: { what: 'case' as const, case: 'daisy/middle-right' },
    };
    seat.sit({ ...SESSION, offer });
    expect(seat.offer()).toEqual(offer);
    seat.settle(offer);
    expect(seat.offer()).toBeNull();
  });
});

describe('how long steps usually take', () => {
  it('is learned from one’s own, and remembered in this browser', () => {
    localStorage.removeItem('sleetcrest.steps');
    const steps = new UsualSteps();
    expect(steps.stuckAfter).toBe(180);
    for (let k = 0; k < 7; k++) steps.add(30_000);
    expect(steps.stuckAfter).toBe(90);
    expect(new UsualSteps().stuckAfter).toBe(90);
    localStorage.removeItem('sleetcrest.steps');
  });
});
