import { openStore } from '../../../app.spec-support';
import { TestBed } from '@angular/core/testing';
import type { Present } from '@sleetcrest/contract/table';
import { learnerId } from '../table.spec-support';
import { BoardPerson, personOf } from './board-person';

const NOW = Date.parse('2026-11-26T18:00:00.000Z');
const ago = (minutes: number): string => new Date(NOW - minutes * 60_000).toISOString();

const present = (change: Partial<Present> = {}, here: Partial<Present['here']> = {}): Present => ({
  ...{
    id: learnerId(1),
    name: 'Amalie',
    guest: false,
    since: ago(1),
    handAt: null,
    toldAt: ago(0),
  },
  here: {
    ...{ doing: 'walk', title: 'First corners', at: 10, of: 40, usualSeconds: 120 },
    ...{ hand: false, cube: null, ...here },
  },
  ...change,
});

describe('a learner on the board', () => {
  beforeEach(() => openStore());

  function shown(one: Present): { card: HTMLElement; says: string } {
    const fixture = TestBed.createComponent(BoardPerson);
    fixture.componentRef.setInput('person', personOf(one));
    fixture.componentRef.setInput('now', NOW);
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

  it('is done, between things, or a guest', () => {
    expect(
      shown(present({}, { doing: 'done' }))
        .card.querySelector('rect')!
        .getAttribute('width'),
    ).toBe('1000');
    expect(shown(present({ here: null })).says).toContain('between things');
    expect(shown(present({ guest: true })).says).toContain('guest');
  });
});
