import { openStore, until } from '../../../app.spec-support';
import type { WritableSignal } from '@angular/core';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Group } from '@sleetcrest/contract/accounts';
import type { BoardEvent, LiveSession, Present } from '@sleetcrest/contract/table';
import { TableApi, GroupStore } from '../../../subjects/group';
import { aGroup, groupsOf, learnerId } from '../table.spec-support';
import { Board } from './board';
import { BoardPerson, personOf } from './board-person';
import { choiceCalled, chooseIn } from '../../../ui/fields/choice.spec-support';

const NOW = Date.parse('2026-11-26T18:00:00.000Z');
const ago = (minutes: number): string => new Date(NOW - minutes * 60_000).toISOString();

const present = (change: Partial<Present> = {}, here: Partial<Present['here']> = {}): Present => ({
  id: learnerId(1),
  name: 'Amalie',
  guest: false,
  since: ago(1),
  handAt: null,
  toldAt: ago(0),
  here: {
    doing: 'walk',
    title: 'First corners',
    at: 10,
    of: 40,
    usualSeconds: 120,
    hand: false,
    cube: null,
    ...here,
  },
  ...change,
});

describe('a learner on the board', () => {
  beforeEach(() => openStore());

  function shown(one: Present): { card: HTMLElement; says: string } {
    const fixture = TestBed.createComponent(BoardPerson);
    fixture.componentRef.setInput('person', personOf(one));
    fixture.componentRef.setInput('now', NOW);
    fixture.componentRef.setInput('heard', NOW);
    fixture.detectChanges();
    const card = (fixture.nativeElement as HTMLElement).querySelector<HTMLElement>('.card')!;
    return { card, says: card.textContent.replace(/\s+/g, ' ').trim() };
  }

  it('is at it: where, how far, and for how long', () => {
    const { card, says } = shown(present());
    expect(card.className).toContain('well');
    expect(says).toContain('First corners 10/40');
    expect(says).toContain('1 min');
    expect(card.getAttribute('aria-label')).toBe('Amalie: at it, First corners 10/40');
    expect(card.querySelector('rect')!.getAttribute('width')).toBe('250');
  });

  it('is stuck after longer than their own usual, and no earlier', () => {
    expect(shown(present({ since: ago(3) })).card.className).toContain('stuck');
    expect(shown(present({ since: ago(2) })).card.className).toContain('well');
  });

  it('has the hand up, however well it goes', () => {
    const { card, says } = shown(present({ handAt: ago(4) }));
    expect(card.className).toContain('hand');
    expect(says).toContain('hand up 4 min');
  });

  it('has given no sign of life: that is said, rather than that they are stuck', () => {
    const { card, says } = shown(present({ since: ago(9), toldAt: ago(4) }));
    expect(card.className).toContain('away');
    expect(says).toContain('offline 4 min');
  });

  it('is done, between things, or a guest', () => {
    expect(
      shown(present({}, { doing: 'done' }))
        .card.querySelector('rect')!
        .getAttribute('width'),
    ).toBe('1000');
    expect(shown(present({ here: null })).says).toContain('idle');
    expect(shown(present({ guest: true })).says).toContain('guest');
  });
});

describe('the live board', () => {
  let fixture: ComponentFixture<Board>;
  let heard: (event: BoardEvent) => void;
  let asked: unknown[][];
  const real = window.EventSource;
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');
  const shown = (name: string): HTMLButtonElement | undefined =>
    [...host().querySelectorAll('button')].find((one) => one.textContent.trim().includes(name));
  const button = (name: string): HTMLButtonElement => shown(name)!;
  const seen = (what: () => boolean): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return what();
    });
  const session = (change: Partial<LiveSession> = {}): LiveSession => ({
    id: learnerId(90),
    group: aGroup().id,
    groupName: 'Thursday',
    code: 'ACDEFH',
    begunAt: ago(5),
    showsTimes: false,
    joined: false,
    offer: null,
    ...change,
  });

  beforeEach(async () => {
    asked = [];
    window.EventSource = class {
      onmessage: ((event: { data: string }) => void) | null = null;
      constructor() {
        heard = (event) => this.onmessage?.({ data: JSON.stringify(event) });
      }
      close(): void {
        this.onmessage = null;
      }
    } as never;
    openStore(groupsOf(aGroup('Amalie', 'Teo')), {
      provide: TableApi,
      useValue: {
        sessions: async () => [],
        beginSession: async () => session(),
        changeSession: async (...given: [string, Partial<LiveSession>]) => {
          asked.push(given);
          return session(given[1]);
        },
        lowerHand: async (...given: string[]) => void asked.push(given),
        endSession: async (...given: string[]) => void asked.push(given),
      },
    });
    fixture = TestBed.createComponent(Board);
    await seen(() => text().includes('No session running'));
    button('Begin the session').click();
    await seen(() => text().includes('Join with ACDEFH'));
  });
  afterEach(() => {
    fixture.destroy();
    window.EventSource = real;
  });

  const names = (): string[] =>
    [...host().querySelectorAll('.name')].map((one) => one.textContent.trim().split(' ')[0]!);

  it('shows who needs the coach first, as it is told', async () => {
    expect(text()).toContain('Nobody has joined yet');
    const now = new Date(NOW).toISOString();
    heard({ is: 'all', now, present: [present(), present({ id: learnerId(2), name: 'Teo' })] });
    await seen(() => names().length === 2);
    heard({ is: 'one', present: present({ id: learnerId(2), name: 'Teo', handAt: ago(1) }) });
    await seen(() => names()[0] === 'Teo');
    expect(host().querySelector('.hands')!.textContent).toContain('1');
    heard({ is: 'left', id: learnerId(1) });
    await seen(() => names().join() === 'Teo');
    host().querySelector<HTMLButtonElement>('.card')!.click();
    await seen(() => shown('Lower hand') !== undefined);
    button('Lower hand').click();
    await seen(() => asked.length === 1);
    expect(asked[0]).toEqual([learnerId(90), learnerId(2)]);
  });

  it('offers a case to everybody, and what to look at first', async () => {
    button('Everybody look here').click();
    await seen(() => choiceCalled(host(), 'A case') !== undefined);
    chooseIn(choiceCalled(host(), 'A case')!, 'daisy/middle-right');
    await seen(() => !button('Show it to all').disabled);
    button('Show it to all').click();
    await seen(() => text().includes('Now showing: Look here'));
    const [, change] = asked[0] as [string, { offer: { show: object } }];
    expect(change.offer.show).toEqual({ what: 'case', case: 'daisy/middle-right' });
  });

  it('is over when it is ended here or elsewhere', async () => {
    heard({ is: 'over' });
    await seen(() => text().includes('The session is over'));
  });

  it('shows nothing of one group while another is looked at, which does not meet', async () => {
    const now = new Date(NOW).toISOString();
    heard({ is: 'all', now, present: [present()] });
    await seen(() => names().length === 1);
    const group = TestBed.inject(GroupStore).group as WritableSignal<Group | undefined>;
    group.set({ ...aGroup('Odd'), id: learnerId(77) });
    await seen(() => text().includes('No session running'));
    expect(names()).toEqual([]);
  });
});
