import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Choice, type Option } from './choice';
import { choiceCalled, chooseIn } from './choice.spec-support';

@Component({
  imports: [Choice],
  template: `<sc-choice
    label="Paper"
    said="Paper for the walk"
    [options]="options"
    [value]="paper()"
    [disabled]="isBusy()"
    (chosen)="told.push($event)"
  />`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class Page {
  readonly options: readonly Option<string>[] = [
    { value: '', name: 'any' },
    { value: 'a4', name: 'A4', under: 'Sheets' },
    { value: 'a5', name: 'A5', under: 'Sheets' },
  ];
  readonly paper = signal('');
  readonly isBusy = signal(false);
  readonly told: string[] = [];
}

describe('a field of choice', () => {
  it('groups what belongs together, and shows what is taken, not what is only told', () => {
    const fixture = TestBed.createComponent(Page);
    fixture.detectChanges();
    const host = fixture.nativeElement as Element;
    const select = choiceCalled(host, 'Paper')!;
    expect(select.getAttribute('aria-label')).toBe('Paper for the walk');
    expect(host.querySelector('optgroup')!.label).toBe('Sheets');
    expect([...select.options].map(({ text }) => text.trim())).toEqual(['any', 'A4', 'A5']);
    chooseIn(select, 'a5');
    expect(fixture.componentInstance.told).toEqual(['a5']);
    expect(select.value).toBe('');
    fixture.componentInstance.paper.set('a5');
    fixture.componentInstance.isBusy.set(true);
    fixture.detectChanges();
    expect(select.value).toBe('a5');
    expect(select.disabled).toBeTrue();
  });
});
