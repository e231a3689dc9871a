import { TestBed } from '@angular/core/testing';
import { MethodRidges, type RidgeOf } from './method-ridges';

const SHORT: RidgeOf = {
  name: 'Short',
  missing: false,
  sequences: 8,
  cases: 20,
  turns: [...new Array<number>(40).fill(0), 0.25, 0.5, 0.25],
};
const LONG: RidgeOf = {
  name: 'Long',
  missing: false,
  sequences: 6,
  cases: 18,
  turns: [...new Array<number>(90).fill(0), 1, ...new Array<number>(200).fill(0)],
};

describe('the picture of methods', () => {
  function show(...methods: RidgeOf[]): HTMLElement {
    const fixture = TestBed.createComponent(MethodRidges);
    fixture.componentRef.setInput('methods', methods);
    fixture.detectChanges();
    return fixture.nativeElement as HTMLElement;
  }
  const texts = (host: HTMLElement, of: string): string[] =>
    [...host.querySelectorAll(of)].map((one) => one.textContent.trim());

  it('sets what is saved beside what is to be learned, against the first', () => {
    const host = show(LONG, SHORT);
    expect(texts(host, '.figures > *')).toEqual([
      '90.0 turns',
      'on average',
      '6 sequences',
      'and 18 cases',
      '41.0 turns',
      '49.0 saved',
      '8 sequences',
      '2 more to learn',
    ]);
    expect(host.querySelectorAll('.saves').length).toBe(1);
  });

  it('draws all on one scale, from the turns that solves take on', () => {
    const host = show(SHORT, LONG);
    expect(texts(host, '.axis span')).toEqual(['40', '50', '60', '70', '80', '90', '100']);
    const [short, long] = [...host.querySelectorAll('.body')].map((one) => one.getAttribute('d')!);
    // The most likely count of all reaches the top; one half as likely half as high.
    expect(long).toContain('L833.3 4.0');
    expect(short).toContain('L16.7 52.0');
    expect(host.querySelector('svg')!.getAttribute('aria-label')).toContain(
      'half of all cubes need 41 turns at most',
    );
  });

  it('says what is being counted, and what a method does not have', () => {
    const host = show({ ...SHORT, turns: null }, { ...LONG, turns: null, missing: true });
    expect(texts(host, '.quiet')).toEqual([
      'Its turns are being counted.',
      'It has no such stage.',
    ]);
    expect(host.querySelectorAll('svg').length).toBe(0);
  });
});
