import { HttpErrorResponse } from '@angular/common/http';
import { signal } from '@angular/core';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MatDialogRef } from '@angular/material/dialog';
import { openStore, until } from '../../app.spec-support';
import { ImportDialog } from './import-dialog';
import { LogBooks } from '../../subjects/log';
import { FakeBook } from '../../subjects/log/log.spec-support';
import { choiceCalled, chooseIn } from '../../ui/fields/choice.spec-support';

describe('bringing records in', () => {
  let fixture: ComponentFixture<ImportDialog>;
  let book: FakeBook;
  let closed: unknown[];

  beforeEach(() => {
    book = new FakeBook();
    closed = [];
    openStore(
      { provide: LogBooks, useValue: { own: signal(book) } },
      {
        provide: MatDialogRef,
        useValue: { close: (added: boolean) => closed.push(added), id: 'dialog' },
      },
    );
    fixture = TestBed.createComponent(ImportDialog);
    document.body.append(fixture.nativeElement as Node);
    fixture.detectChanges();
  });
  afterEach(() => {
    fixture.destroy();
    (fixture.nativeElement as Element).remove();
  });

  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const seen = (text: string): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return host().textContent.includes(text);
    });
  const shown = (name: string): HTMLButtonElement | undefined =>
    [...host().querySelectorAll('button')].find((one) => one.textContent.includes(name));
  const button = (name: string): HTMLButtonElement => shown(name)!;
  function choose(...lines: string[]): void {
    const files = new DataTransfer();
    files.items.add(new File([lines.join('\n')], 'solves.csv'));
    const field = host().querySelector<HTMLInputElement>('input[type=file]')!;
    field.files = files.files;
    field.dispatchEvent(new Event('change'));
  }

  it('shows what is in the file and what cannot be read, before anything is kept', async () => {
    choose('when,seconds', '2026-11-01T10:00:00Z,60', '2026-11-01T10:05:00Z,never');
    await seen('1 record can be read, 1 cannot.');
    expect(host().querySelector('.unread')!.textContent).toContain('line 3: time');
    expect(host().querySelectorAll('tbody tr').length).toBe(2);
    expect(book.entries).toEqual([]);
    button('Cancel').click();
    expect(closed).toEqual([false]);
  });

  it('takes a column for what one says it is, and adds what can be read', async () => {
    choose('when,odd', '2026-11-01T10:00:00Z,60', '2026-11-01T10:05:00Z,61');
    await seen('2 records can be read.');
    const select = choiceCalled(host(), 'time')!;
    expect(select.value).toBe('');
    chooseIn(select, '1');
    await until(() => {
      fixture.detectChanges();
      return shown('Add 2 records')?.disabled === false;
    });
    button('Add 2 records').click();
    await seen('2 records added; 0 were in the log already.');
    expect(book.entries.map((entry) => entry.time)).toEqual([60, 61]);
    button('Close').click();
    expect(closed).toEqual([true]);
  });

  it('says what to do when the server goes away in between, and when a file is none', async () => {
    choose('when,seconds', '2026-11-01T10:00:00Z,60');
    await seen('1 record can be read.');
    book.failure = new HttpErrorResponse({ status: 0 });
    button('Add 1 record').click();
    await until(() => {
      fixture.detectChanges();
      return host().querySelector('[role=alert]') !== null;
    });
    choose('');
    await seen('The file is empty.');
    expect(button('Add')).toBeUndefined();
  });
});
