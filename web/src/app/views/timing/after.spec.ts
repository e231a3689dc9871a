import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { ChangeEntry } from '@sleetcrest/contract/log';
import { STANDARD_SCHEME, UP } from '@sleetcrest/core';
import { openStore } from '../../app.spec-support';
import { anEntry } from '../../subjects/log/log.spec-support';
import { After } from './after';

describe('what is told after a solve', () => {
  let fixture: ComponentFixture<After>;
  let changes: ChangeEntry[];

  function show(change: Parameters<typeof anEntry>[0] = {}): void {
    openStore();
    fixture = TestBed.createComponent(After);
    changes = [];
    fixture.componentInstance.changed.subscribe((told) => changes.push(told));
    fixture.componentRef.setInput('entry', anEntry({ time: 83.42, ...change }));
    fixture.componentRef.setInput('first', UP);
    fixture.componentRef.setInput('scheme', STANDARD_SCHEME);
    fixture.detectChanges();
  }
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const state = (kept: string): string => {
    fixture.componentRef.setInput('state', kept);
    fixture.detectChanges();
    return host().querySelector('[role=status]')!.textContent;
  };
  const tell = (index: number, text: string): void => {
    const field = host().querySelectorAll<HTMLInputElement>('mat-form-field :is(input, textarea)')[
      index
    ]!;
    field.value = text;
    field.dispatchEvent(new Event('change'));
    fixture.detectChanges();
  };

  it('shows the time and its stages, with turns where they are known', () => {
    show({
      splits: [
        { stage: 'daisy', time: 9.5, turns: 1 },
        { stage: 'cross', time: 8, turns: null },
      ],
    });
    const rows = [...host().querySelectorAll('tr')].map((row) => row.textContent.trim());
    expect(host().querySelector('h2')!.textContent).toContain('1:23.42');
    expect(rows).toEqual(['Daisy9.501 turn', 'White cross8.00']);
  });

  it('says where the record is', () => {
    show();
    expect(state('kept')).toBe('in the log');
    expect(state('waiting')).toContain('until the server can be reached');
    expect(state('failed')).toContain('not in the log yet');
  });

  it('passes on notes, the cube and turns, but no turns that cannot be read', () => {
    show();
    tell(0, 'grey');
    tell(1, 'cold hands');
    tell(2, 'R Q');
    expect(host().querySelector('sc-trouble')!.textContent).toContain('“Q” at character 3');
    tell(2, "R U'");
    expect(host().querySelector('sc-trouble')!.textContent).toBe('');
    expect(changes).toEqual([{ cube: 'grey' }, { note: 'cold hands' }, { turns: "R U'" }]);
  });

  it('can be reviewed once its turns are known', () => {
    show();
    expect(host().textContent).not.toContain('Review it');
    fixture.componentRef.setInput('entry', anEntry({ turns: 'R U' }));
    fixture.detectChanges();
    expect(host().querySelector('a')!.getAttribute('href')).toMatch(/^\/review\//);
  });
});
