import { TestBed } from '@angular/core/testing';
import { DateField } from './date-field';

describe('a field for a day', () => {
  const made = (value: string) => {
    const fixture = TestBed.createComponent(DateField);
    fixture.componentRef.setInput('label', 'From');
    fixture.componentRef.setInput('value', value);
    const told: string[] = [];
    fixture.componentInstance.told.subscribe((day) => told.push(day));
    fixture.detectChanges();
    const input = (fixture.nativeElement as HTMLElement).querySelector('input')!;
    const type = (text: string): void => {
      input.value = text;
      input.dispatchEvent(new Event('input'));
      input.dispatchEvent(new Event('change'));
    };
    return { told, input, type };
  };

  it('shows a day as it is said everywhere', () => {
    expect(made('2026-11-05').input.value).toBe('5 Nov 2026');
  });

  it('takes a day as people type it, and keeps it one way', () => {
    for (const typed of ['5 Nov 2026', '5 November 2026', '5.11.2026', '5/11/2026', '2026-11-05']) {
      const { told, type } = made('');
      type(typed);
      expect(told).withContext(typed).toEqual(['2026-11-05']);
    }
  });

  it('tells nothing of what is no day, and that it was emptied', () => {
    const { told, type } = made('2026-11-05');
    for (const typed of ['31 Feb 2026', '5 N', 'soon']) type(typed);
    expect(told).toEqual([]);
    type('');
    expect(told).toEqual(['']);
  });
});
