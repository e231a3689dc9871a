import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { TimeField } from './time-field';

describe('a field for a time of day', () => {
  let fixture: ComponentFixture<TimeField>;
  let told: string[];
  const field = (): HTMLInputElement =>
    (fixture.nativeElement as HTMLElement).querySelector('input')!;
  const type = (text: string): void => {
    field().value = text;
    field().dispatchEvent(new Event('input'));
    field().dispatchEvent(new Event('change'));
    field().dispatchEvent(new Event('blur'));
    fixture.detectChanges();
  };

  beforeEach(async () => {
    told = [];
    fixture = TestBed.createComponent(TimeField);
    fixture.componentRef.setInput('label', 'From');
    fixture.componentRef.setInput('value', '17:30');
    fixture.componentInstance.told.subscribe((one) => told.push(one));
    await fixture.whenStable();
  });

  it('shows 24 hours, in whatever language the browser is', () => {
    expect(field().value).toBe('17:30');
  });

  it('tells what is typed, and nothing that is no time of day', () => {
    type('nonsense');
    type('25:00');
    expect(told).toEqual([]);
    type('19:05');
    expect(told).toEqual(['19:05']);
  });
});
