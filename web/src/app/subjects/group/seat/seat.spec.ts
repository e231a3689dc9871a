import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import type { BoardEvent, HereTold, LiveSession } from '@sleetcrest/contract/table';
import { openStore, until } from '../../../app.spec-support';
import { NOWHERE, Whereabouts } from '../here/whereabouts';
import { TableApi } from '../table-api';
import { forgetSeat, isSeated } from './remembered-seat';
import { Seat } from './seat';
import { UsualSteps } from './usual-steps';

const SESSION: LiveSession = {
  id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e301',
  group: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e103',
  groupName: 'Thursday',
  code: null,
  begunAt: '2026-11-26T17:30:00.000Z',
  showsTimes: false,
  joined: true,
  offer: null,
};

/** Stands for the browser's, which says what it is told to. */
class FakeSource {
  static last: FakeSource | undefined;
  readyState = 1;
  onmessage: ((event: { data: string }) => void) | null = null;

  constructor() {
    FakeSource.last = this;
  }

  say(event: BoardEvent): void {
    this.onmessage?.({ data: JSON.stringify(event) });
  }

  close(): void {
    this.onmessage = null;
  }
}

describe('a seat at the table', () => {
  const real = window.EventSource;
  let held: LiveSession[];
  let told: HereTold[];
  let failure: HttpErrorResponse | undefined;
  let seat: Seat;
  let whereabouts: Whereabouts;

  beforeEach(() => {
    [told, failure, held] = [[], undefined, [SESSION]];
    window.EventSource = FakeSource as never;
    openStore({
      provide: TableApi,
      useValue: {
        tellHere: async (_: string, here: HereTold) => {
          if (failure) throw failure;
          told.push(here);
          return {};
        },
        getUp: async () => undefined,
        sessions: async () => {
          if (failure && failure.status !== 404) throw failure;
          return held;
        },
      },
    });
    seat = TestBed.inject(Seat);
    whereabouts = TestBed.inject(Whereabouts);
  });
  afterEach(async () => {
    await seat.getUp();
    whereabouts.now.set(NOWHERE);
    forgetSeat();
    window.EventSource = real;
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

  it('is left where this very page is refused, and one sits there no more', async () => {
    seat.sit(SESSION);
    await until(() => told.length === 1);
    [failure, held] = [new HttpErrorResponse({ status: 404 }), []];
    seat.toggleHand();
    await until(() => !isSeated());
    expect(seat.session()).toBeNull();
  });

  for (const status of [0, 408, 429, 500, 502, 503, 504]) {
    it(`is kept where it is answered with ${status}, and a hand raised meanwhile arrives`, async () => {
      seat.sit(SESSION);
      await until(() => told.length === 1);
      failure = new HttpErrorResponse({ status });
      seat.toggleHand();
      await until(() => !seat.isHeard());
      expect(seat.session()?.id).toBe(SESSION.id);
      failure = undefined;
      await until(() => seat.isHeard());
      expect([told.at(-1)!.hand, isSeated()]).toEqual([true, true]);
    });
  }

  it('is left with the word that tells why', async () => {
    seat.sit(SESSION);
    await until(() => told.length === 1);
    FakeSource.last!.say({ is: 'over', why: 'taken off' });
    await until(() => !isSeated());
    expect(seat.session()).toBeNull();
  });

  it('is followed anew after signing up, where one sits there still', async () => {
    seat.sit(SESSION);
    await until(() => told.length === 1);
    const first = FakeSource.last;
    FakeSource.last!.say({ is: 'over', why: 'signed out' });
    await until(() => FakeSource.last !== first);
    expect([seat.session()?.id, isSeated()]).toEqual([SESSION.id, true]);
  });

  it('is taken again after the page was loaded, with the hand as it was, however long nobody answers', async () => {
    seat.sit(SESSION);
    seat.toggleHand();
    await until(() => seat.isHeard());
    seat.session.set(null);
    seat.hand.set(false);
    failure = new HttpErrorResponse({ status: 502 });
    await seat.resume();
    expect([seat.session(), isSeated()]).toEqual([null, true]);
    failure = undefined;
    await until(() => seat.session() !== null);
    expect(seat.hand()).toBeTrue();
  });

  it('shows what is offered until it is waved away, and not again', async () => {
    const offer = {
      id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e302',
      words: 'Look here',
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
