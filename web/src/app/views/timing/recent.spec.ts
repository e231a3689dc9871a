import { TestBed } from '@angular/core/testing';
import { openStore, until } from '../../app.spec-support';
import { summarise } from '@sleetcrest/core/learner/log';
import { today } from '../../base/words/days';
import { LogBooks } from '../../subjects/log';
import { anEntry, FakeBook, fakeBooks } from '../../subjects/log/log.spec-support';
import { clockText } from '../../base/words/clock-text';
import { Recent } from './recent';

describe('the times of before', () => {
  it('are those of what is timed, with the typical one, and follow the log', async () => {
    const book = new FakeBook([
      anEntry({ time: 60 }),
      anEntry({ time: 70, beganAt: `${today()}T00:00:00.000Z` }),
      anEntry({ time: 5, outcome: 'aside', reason: 'a slip' }),
      anEntry({ kind: 'stage', stage: 'daisy', time: 9 }),
    ]);
    const books = fakeBooks(book);
    openStore({ provide: LogBooks, useValue: books });
    const fixture = TestBed.createComponent(Recent);
    fixture.componentRef.setInput('stage', null);
    const host = fixture.nativeElement as HTMLElement;
    const seen = (text: string): Promise<void> =>
      until(() => {
        fixture.detectChanges();
        return host.textContent.includes(text);
      });
    await seen('Typical 1:05.00 median of the last 2 finished');
    expect(host.querySelectorAll('li').length).toBe(3);
    expect(host.querySelector('li')!.textContent).toContain('today');
    expect(host.querySelectorAll('li.aside').length).toBe(1);
    fixture.componentRef.setInput('stage', 'daisy');
    await seen('Typical 9.00');
    expect(host.querySelector('h2')!.textContent).toBe('This stage before');
    book.entries.push(anEntry({ kind: 'stage', stage: 'daisy', time: 11 }));
    books.arrivals.set(1);
    await seen('Typical 10.00');
    book.failure = new Error('away');
    books.arrivals.set(2);
    await seen('No times yet.');
  });

  it('have the typical time of the log: of the last twelve that were finished', async () => {
    const entries = Array.from({ length: 20 }, (_, k) =>
      anEntry({
        beganAt: `2026-11-01T10:${String(k + 10)}:00.000Z`,
        time: 50 + k,
        outcome: k % 3 === 0 ? 'unfinished' : 'finished',
      }),
    );
    openStore({ provide: LogBooks, useValue: fakeBooks(new FakeBook(entries)) });
    const fixture = TestBed.createComponent(Recent);
    fixture.componentRef.setInput('stage', null);
    const said = `Typical ${clockText(summarise(entries, today()).typical!)} median of the last 12 finished`;
    await until(() => {
      fixture.detectChanges();
      return (fixture.nativeElement as HTMLElement).textContent.includes(said);
    });
    expect(said).toContain('1:00.50');
  });
});
