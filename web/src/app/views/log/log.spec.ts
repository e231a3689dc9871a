import { HttpErrorResponse } from '@angular/common/http';
import { provideState } from '@ngrx/store';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { openStore, pressNotice, until } from '../../app.spec-support';
import { Log } from './log';
import { logFeature } from './log.feature';
import { LogBooks } from '../../subjects/log';
import { anEntry, FakeBook, fakeBooks } from '../../subjects/log/log.spec-support';

describe('the Log view', () => {
  let fixture: ComponentFixture<Log>;
  let book: FakeBook;

  async function show(entries = [anEntry({ note: 'first' }), anEntry({ note: 'second' })]) {
    book = new FakeBook(entries);
    openStore(provideState(logFeature), { provide: LogBooks, useValue: fakeBooks(book) });
    fixture = TestBed.createComponent(Log);
    document.body.append(fixture.nativeElement as Node);
    await seen(() => host().querySelector('.count, .empty') !== null);
  }
  afterEach(() => (fixture.nativeElement as Element).remove());

  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const seen = (shows: () => boolean): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return shows();
    });
  const rows = (): string[] =>
    [...host().querySelectorAll('sc-log-line')].map((row) => row.textContent);
  const button = (name: string): HTMLButtonElement =>
    [...host().querySelectorAll('button')].find((one) =>
      (one.ariaLabel ?? one.textContent).includes(name),
    )!;

  it('shows the records, what they come to, and finds some of them', async () => {
    await show();
    await seen(() => rows().length === 2);
    expect(host().querySelector('.facts')!.textContent).toContain('1:00.00');
    const words = host().querySelector<HTMLInputElement>('input[type=search]')!;
    words.value = 'second';
    words.dispatchEvent(new Event('change'));
    await seen(() => rows().length === 1 && rows()[0]!.includes('second'));
  });

  it('holds only what is looked at of a hundred thousand', async () => {
    await show(Array.from({ length: 100_000 }, (_, k) => anEntry({ note: `number ${k}` })));
    await seen(() => rows().length > 5);
    expect(rows().length).toBeLessThan(60);
    expect(host().querySelector('.count')!.textContent).toContain('100,000 records');
  });

  it('deletes with undo, and tags what is chosen', async () => {
    await show();
    await seen(() => rows().length === 2);
    host().querySelector<HTMLInputElement>('sc-log-line input')!.click();
    await seen(() => host().querySelector('.bulk') !== null);
    const tag = host().querySelector<HTMLInputElement>('.bulk input')!;
    tag.value = 'club';
    button('Add').click();
    await until(() => book.entries.some(({ tags }) => tags.includes('club')));
    await seen(() => rows().length === 2);
    button('Delete the record').click();
    await seen(() => rows().length === 1);
    await pressNotice('Undo', () => fixture.detectChanges());
    await seen(() => rows().length === 2);
  });

  it('never shows a late answer in place of a newer one, in the table, facts or groups', async () => {
    await show();
    await seen(() => rows().length === 2);
    // What is asked first is answered last.
    const late: (() => void)[] = [];
    const hold = <A extends unknown[], T>(ask: (...args: A) => Promise<T>) => {
      return async (...args: A): Promise<T> => {
        const answer = await ask(...args);
        if ((args[0] as { text?: string }).text === 'first') {
          await new Promise<void>((resolve) => late.push(resolve));
        }
        return answer;
      };
    };
    book.page = hold(book.page.bind(book));
    book.overview = hold(book.overview.bind(book));
    book.groups = hold(book.groups.bind(book));
    const words = host().querySelector<HTMLInputElement>('input[type=search]')!;
    const look = (text: string): void => {
      words.value = text;
      words.dispatchEvent(new Event('change'));
    };
    look('first');
    await seen(() => late.length === 2);
    look('second');
    await seen(() => rows().length === 1 && rows()[0]!.includes('second'));
    for (const answer of late) answer();
    await fixture.whenStable();
    await seen(() => rows().length === 1 && rows()[0]!.includes('second'));
    expect(host().querySelector('.facts')!.textContent).toContain('Times');
  });

  it('says when the server cannot be reached, and tries again', async () => {
    await show();
    book.failure = new HttpErrorResponse({ status: 0 });
    const words = host().querySelector<HTMLInputElement>('input[type=search]')!;
    words.value = 'second';
    words.dispatchEvent(new Event('change'));
    await seen(() => host().querySelector('[role=alert]') !== null);
    expect(host().querySelector('[role=alert]')!.textContent).toContain('cannot be reached');
    book.failure = undefined;
    button('Try again').click();
    await seen(() => rows().length === 1 && host().querySelector('[role=alert]') === null);
  });

  it('says what to do where there is nothing', async () => {
    await show([]);
    expect(host().querySelector('.empty')!.textContent).toContain('Time a solve');
  });
});
