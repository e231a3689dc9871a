import { TestBed } from '@angular/core/testing';
import { type Approach, approachById } from '@sleetcrest/core/teaching/approaches';
import type { Saying } from '@sleetcrest/core/teaching/sayings';
import { SayingsForm } from './sayings-form';

const corners = approachById('corners-repeat')!;

describe('the words for sequences', () => {
  interface Told {
    sequence: string;
    saying: Saying | null;
  }

  function show(sayings: readonly Saying[], approach: Approach = corners) {
    const fixture = TestBed.createComponent(SayingsForm);
    fixture.componentRef.setInput('approach', approach);
    fixture.componentRef.setInput('approaches', [approach]);
    fixture.componentRef.setInput('sayings', sayings);
    const told: Told[] = [];
    fixture.componentInstance.told.subscribe((one) => told.push(one));
    fixture.detectChanges();
    const host = fixture.nativeElement as HTMLElement;
    const write = (field: number, text: string): void => {
      const input = host.querySelectorAll('input')[field]!;
      input.value = text;
      input.dispatchEvent(new Event('change'));
    };
    return { host, told, write };
  }
  const mine = (words: Saying['words'], name = 'Mine'): Saying => ({
    sequence: "R U R' U'",
    name,
    words,
  });

  it('are those that ship until they are one’s own, sequence by sequence', () => {
    const { host, told, write } = show([]);
    expect([...host.querySelectorAll('.row .mono')].map((one) => one.textContent)).toEqual([
      "R U R' U'",
      "L' U' L U",
    ]);
    expect(host.querySelectorAll('input')[1]!.value).toBe(
      'ramp up · car on · ramp down · cast off',
    );
    write(1, 'ramp up · car on · ramp down · cast off');
    expect(told).toEqual([]);
    write(1, 'up · in ×2 · out');
    expect(told[0]!.saying!.words.map(({ turns }) => turns)).toEqual([1, 2, 1]);
    expect(told[0]!.saying!.name).toBe('The ferry');
  });

  it('go back to those that ship', () => {
    const { host, told } = show([mine([{ turns: 4, says: 'all at once' }])]);
    host.querySelector('button')!.click();
    expect(told).toEqual([{ sequence: "R U R' U'", saying: null }]);
  });

  it('say what does not cover its turns, and what cannot be told apart', () => {
    const short = show([mine([{ turns: 3, says: 'too few' }])]).host;
    expect(short.querySelector('.trouble')!.textContent).toContain('cover only 3 of 4 turns');
    const alike = show([mine([{ turns: 4, says: 'round' }], 'the lamp')]).host;
    expect(alike.querySelector('.trouble')!.textContent).toContain('also the name of');
  });

  it('are none where a search finds the turns', () => {
    const { host } = show([], approachById('pairs'));
    expect(host.textContent).toContain('No sequence of several turns');
  });
});
