import { signal } from '@angular/core';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { LiveSession, Offer, Present } from '@sleetcrest/contract/table';
import { solvedCube, writeCubeDocument } from '@sleetcrest/core';
import { listen, openStore } from '../../../app.spec-support';
import { Seat } from '../seat/seat';
import { SeatStrip } from './seat-strip';
import { TakeUp } from '../seat/take-up';

const ID = '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e3';
const session = (change: Partial<LiveSession> = {}): LiveSession => ({
  id: `${ID}01`,
  group: `${ID}02`,
  groupName: 'Thursday',
  code: null,
  begunAt: '2026-11-26T17:30:00.000Z',
  showsTimes: false,
  joined: true,
  offer: null,
  ...change,
});
const offer = (show: Offer['show']): Offer => ({ id: `${ID}03`, words: 'Look here', show });
const someone = (k: number, name: string): Present => ({
  id: `${ID}1${k}`,
  name,
  guest: false,
  handAt: null,
  since: '2026-11-26T17:40:00.000Z',
  toldAt: '2026-11-26T17:41:00.000Z',
  here: {
    doing: 'walk',
    title: 'Daisy',
    at: 2,
    of: 9,
    usualSeconds: 180,
    hand: false,
    cube: null,
  },
});

/** A seat that tells nobody. */
class SeatOfNobody {
  readonly session = signal<LiveSession | null>(null);
  readonly hand = signal(false);
  readonly isHeard = signal(true);
  readonly isBehind = signal(false);
  readonly others = signal<readonly Present[]>([]);
  readonly offer = signal<Offer | null>(null);
  resumed = 0;
  async resume(): Promise<void> {
    this.resumed++;
  }
  toggleHand(): void {
    this.hand.update((up) => !up);
  }
  settle(): void {
    this.offer.set(null);
  }
  async getUp(): Promise<void> {
    this.session.set(null);
  }
}

describe('the strip of who sits at a table', () => {
  let fixture: ComponentFixture<SeatStrip>;
  let seat: SeatOfNobody;
  let went: unknown[][];
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => {
    fixture.detectChanges();
    return host().textContent.replace(/\s+/g, ' ');
  };
  const press = (name: string): void => {
    fixture.detectChanges();
    [...host().querySelectorAll('button')]
      .find((one) => one.textContent.trim().startsWith(name))!
      .click();
  };

  beforeEach(() => {
    seat = new SeatOfNobody();
    ({ went } = openStore({ provide: Seat, useValue: seat }));
    fixture = TestBed.createComponent(SeatStrip);
  });
  afterEach(() => fixture.destroy());

  it('is not there for who does not sit, and sits down again where one sat', () => {
    expect(text().trim()).toBe('');
    expect(seat.resumed).toBe(1);
  });

  it('raises the hand and says whether that was heard', () => {
    seat.session.set(session());
    press('Raise your hand');
    seat.isHeard.set(false);
    expect(text()).toContain('Your hand is up');
    expect(text()).toContain('Sending');
    expect(host().querySelector('[aria-pressed=true]')).not.toBeNull();
    seat.isHeard.set(true);
    seat.isBehind.set(true);
    expect(text()).toContain('The table cannot be reached just now');
    seat.isBehind.set(false);
    expect(host().querySelector('[role=status]') ?? text()).not.toContain('reached');
  });

  it('offers what is shown, to be taken up or left', () => {
    seat.session.set(session());
    seat.offer.set(offer({ what: 'case', case: 'daisy/middle-right' }));
    expect(text()).toContain('Look here');
    press('Not now');
    expect([seat.offer(), went.length]).toEqual([null, 0]);
    seat.offer.set(offer({ what: 'case', case: 'daisy/middle-right' }));
    press('Look');
    expect(seat.offer()).toBeNull();
    expect(went.at(-1)).toEqual(['/learn/lesson']);
  });

  it('names others only where the coach lets their times be seen', () => {
    seat.session.set(session());
    seat.others.set([someone(1, 'Teo'), someone(2, 'Odd')]);
    expect(text()).not.toContain('Teo');
    seat.session.set(session({ showsTimes: true }));
    expect(text()).toContain('2 others');
    expect(text()).toMatch(/Teo Daisy, since \d\d:\d\d:00/);
  });

  it('is gone once one has got up', async () => {
    seat.session.set(session());
    press('Leave');
    await fixture.whenStable();
    expect(text().trim()).toBe('');
  });
});

describe('what is taken up', () => {
  it('is looked at where it belongs: a lesson, its looks, the clock, or a walk', () => {
    const { store } = openStore();
    const navigate = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    const actions = listen(store);
    const up = TestBed.inject(TakeUp);
    up.go(offer({ what: 'case', case: 'daisy/middle-right' }));
    up.go(offer({ what: 'glance', case: 'daisy/middle-right' }));
    up.go(offer({ what: 'mixed', scramble: "R U'" }));
    expect(navigate.calls.allArgs()).toEqual([
      [['/learn/lesson'], { queryParams: { case: 'daisy/middle-right' } }],
      [['/learn/lesson'], { queryParams: { case: 'daisy/middle-right', look: 'first' } }],
      [['/timing'], { queryParams: { scramble: "R U'" } }],
    ]);
    const cube = writeCubeDocument(solvedCube());
    up.go(offer({ what: 'cube', cube, method: 'gentle', firstColour: 'yellow' }));
    const begun = actions.at(-1) as unknown as { record: Record<string, unknown> };
    expect(begun.record).toEqual(
      jasmine.objectContaining({ name: 'Look here', start: cube, method: 'gentle' }),
    );
    expect(begun.record['firstColour']).toBe('yellow');
    expect(navigate.calls.mostRecent().args[0]).toEqual(['/bench', begun.record['id']]);
  });
});
