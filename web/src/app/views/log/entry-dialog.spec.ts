import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import type { LogEntry } from '@sleetcrest/core/learner/log';
import { openStore, until } from '../../app.spec-support';
import { EntryDialog, type EntryDialogData } from './entry-dialog';
import { anEntry, FakeBook } from '../../subjects/log/log.spec-support';

describe('changing a record', () => {
  let fixture: ComponentFixture<EntryDialog>;
  let book: FakeBook;
  let closed: (LogEntry | undefined)[];
  const entry = anEntry({ note: 'before', tags: ['club'] });

  function show(own = true): void {
    book = new FakeBook([entry]);
    closed = [];
    const data: EntryDialogData = {
      entry,
      methods: [{ id: 'gentle', title: 'Gentle' }],
      book: own ? book : null,
    };
    openStore(
      { provide: MAT_DIALOG_DATA, useValue: data },
      {
        provide: MatDialogRef,
        useValue: { close: (answer?: LogEntry) => closed.push(answer), id: 'dialog' },
      },
    );
    fixture = TestBed.createComponent(EntryDialog);
    fixture.detectChanges();
  }
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const field = (label: string): HTMLInputElement =>
    [...host().querySelectorAll('mat-form-field')]
      .find((one) => one.textContent.includes(label))!
      .querySelector('input, textarea')!;
  const type = (label: string, text: string, event = 'input'): void => {
    field(label).value = text;
    field(label).dispatchEvent(new Event(event));
    fixture.detectChanges();
  };
  const save = (): void => {
    host()
      .querySelector('form')!
      .dispatchEvent(new Event('submit', { cancelable: true }));
    fixture.detectChanges();
  };

  it('sends only what was changed', async () => {
    show();
    type('Note', 'after');
    type('Tags', ' club; winter ; club');
    type('Time', '1:02.50', 'change');
    save();
    await until(() => closed.length === 1);
    expect(closed[0]).toEqual({ ...entry, note: 'after', tags: ['club', 'winter'], time: 62.5 });
    expect(book.entries).toEqual([closed[0]!]);
  });

  it('says what is wrong, and stays open', () => {
    show();
    type('Time', 'soon', 'change');
    save();
    expect(host().querySelector('[role=alert]')!.textContent).toContain('83.42 or 1:23.42');
    type('Time', '62.5', 'change');
    type('Turns done', 'R Q');
    save();
    expect(host().querySelector('[role=alert]')!.textContent).toContain('“Q” at character 3');
    expect(closed).toEqual([]);
    expect(book.entries).toEqual([entry]);
  });

  it('asks why something is set aside, and takes the reason off again', () => {
    show();
    const ended = host().querySelector('select')!;
    const end = (outcome: string): void => {
      ended.value = outcome;
      ended.dispatchEvent(new Event('change'));
      fixture.detectChanges();
    };
    end('aside');
    expect(field('Why it is not counted')).toBeTruthy();
    type('Why it is not counted', 'the ferry came');
    end('finished');
    save();
    expect(book.entries[0]!.reason).toBe('');
  });

  it('closes without asking when nothing was changed', () => {
    show();
    save();
    expect(closed).toEqual([undefined]);
  });

  it('shows a learner’s record without letting it be changed', () => {
    show(false);
    expect(field('Note').readOnly).toBeTrue();
    expect(host().querySelector('select')!.disabled).toBeTrue();
    expect(host().textContent).not.toContain('Keep the changes');
  });
});
