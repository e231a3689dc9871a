import { TestBed } from '@angular/core/testing';
import { type Colour, STANDARD_SCHEME } from '@sleetcrest/core';
import { Pots } from './pots';

describe('the colours one paints with', () => {
  it('are named, with letters where they are wanted, and tell which was picked', async () => {
    const fixture = TestBed.createComponent(Pots);
    fixture.componentRef.setInput('colours', STANDARD_SCHEME);
    fixture.componentRef.setInput('chosen', 'green');
    const picked: Colour[] = [];
    fixture.componentInstance.picked.subscribe((colour) => picked.push(colour));
    await fixture.whenStable();
    const pots = [
      ...(fixture.nativeElement as HTMLElement).querySelectorAll<HTMLElement>('[aria-pressed]'),
    ];
    expect(pots.map(({ ariaLabel }) => ariaLabel)).toEqual([...STANDARD_SCHEME]);
    expect(pots.map(({ ariaPressed }) => ariaPressed)).toEqual(
      STANDARD_SCHEME.map((colour) => String(colour === 'green')),
    );
    expect(pots.map(({ textContent }) => textContent.trim()).join('')).toBe('');
    fixture.componentRef.setInput('letters', true);
    await fixture.whenStable();
    expect(pots.map(({ textContent }) => textContent.trim())).toEqual(
      STANDARD_SCHEME.map((colour) => colour[0]!.toUpperCase()),
    );
    pots[1]!.click();
    expect(picked).toEqual([STANDARD_SCHEME[1]!]);
  });
});
