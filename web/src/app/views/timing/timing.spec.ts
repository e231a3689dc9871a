import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { fakeSolver, openStore, until } from '../../app.spec-support';
import { LogBooks } from '../../subjects/log';
import { Solver } from '../../subjects/walk/work';
import { Scrambler } from '../../subjects/cube/work';
import { FakeBook, fakeBooks } from '../../subjects/log/log.spec-support';
import { Timing } from './timing';

describe('the Timing view', () => {
  let fixture: ComponentFixture<Timing>;
  let book: FakeBook;
  const wanted: (string | null)[] = [];

  beforeEach(async () => {
    book = new FakeBook();
    const scrambler: Pick<Scrambler, 'scramble'> = {
      scramble: ({ stage }) => {
        wanted.push(stage);
        return Promise.resolve(stage === null ? "R U2 F'" : "R U R'");
      },
    };
    openStore(
      { provide: LogBooks, useValue: fakeBooks(book) },
      { provide: Scrambler, useValue: scrambler },
      { provide: Solver, useValue: fakeSolver() },
    );
    fixture = TestBed.createComponent(Timing);
    document.body.append(fixture.nativeElement as Node);
    await seen(() => host().querySelector('figure') !== null);
  });
  afterEach(() => {
    fixture.destroy();
    localStorage.clear();
  });

  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const seen = (shows: () => boolean): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return shows();
    });
  const says = (): string => {
    fixture.detectChanges();
    return host().querySelector('.says')!.textContent.trim();
  };
  const key = (type: string, code: string, name: string): boolean =>
    document.dispatchEvent(
      new KeyboardEvent(type, { code, key: name, bubbles: true, cancelable: true }),
    );
  const hands = (type: 'keydown' | 'keyup'): void => {
    key(type, 'KeyF', 'f');
    key(type, 'KeyJ', 'j');
  };

  it('leads from the scramble through look and solve to a record', async () => {
    expect(host().querySelector('.mix sc-tiles [role=img]')!.getAttribute('aria-label')).toBe(
      "R U2 F'",
    );
    key('keydown', 'Enter', 'Enter');
    expect(says()).toBe('Look');
    hands('keydown');
    expect(says()).toBe('Let go to start');
    hands('keyup');
    expect(says()).toContain('Daisy');
    key('keydown', 'Space', ' ');
    expect(says()).toContain('White cross');
    key('keydown', 'Backspace', 'Backspace');
    expect(says()).toContain('Daisy');
    key('keydown', 'Space', ' ');
    hands('keydown');
    await seen(() => host().querySelector('sc-after') !== null && book.entries.length === 1);
    expect(book.entries[0]!.splits.map(({ stage }) => stage)).toEqual(['daisy']);
    expect(book.entries[0]!.scramble).toBe("R U2 F'");
  });

  it('asks why before a time is set aside, and keeps what is told of it', async () => {
    key('keydown', 'Enter', 'Enter');
    hands('keydown');
    hands('keyup');
    hands('keydown');
    await seen(() => host().querySelector('sc-after') !== null && book.entries.length === 1);
    const after = host().querySelector('sc-after')!;
    const aside = [...after.querySelectorAll('button')].find((one) =>
      one.textContent.includes('Don’t count'),
    )!;
    aside.click();
    await seen(() => after.querySelector('input[list]') !== null);
    expect(book.entries[0]!.outcome).toBe('finished');
    const reason = after.querySelector<HTMLInputElement>('input[list]')!;
    reason.value = 'the ferry came';
    reason.dispatchEvent(new Event('change'));
    await until(() => book.entries[0]!.outcome === 'aside');
    expect(book.entries[0]!.reason).toBe('the ferry came');
  });

  it('goes on with what the log has of it, when the page went before that was said', async () => {
    const add = spyOn(book, 'add').and.returnValue(new Promise(() => undefined));
    key('keydown', 'Enter', 'Enter');
    hands('keydown');
    hands('keyup');
    hands('keydown');
    await seen(() => add.calls.count() === 1);
    book.entries = [{ ...add.calls.first().args[0], note: 'on the ferry' }];
    add.and.callThrough();
    fixture.destroy();
    fixture = TestBed.createComponent(Timing);
    document.body.append(fixture.nativeElement as Node);
    await seen(() => host().querySelector('sc-after')?.textContent.includes('in the log') ?? false);
    const note = host().querySelector<HTMLInputElement>(
      'sc-after [formControlName=note], sc-after textarea',
    )!;
    expect(note.value).toBe('on the ferry');
    expect(book.entries.length).toBe(1);
  });

  it('scrambles for one stage alone when that is practised', async () => {
    const scope = host().querySelector<HTMLSelectElement>('.set select')!;
    scope.value = 'corners';
    scope.dispatchEvent(new Event('change'));
    await seen(() => host().textContent.includes('Mix to this position (from a solved cube)'));
    expect(wanted.at(-1)).toBe('corners');
  });

  it('gives up a look or a solve without a record', async () => {
    key('keydown', 'Enter', 'Enter');
    key('keydown', 'Escape', 'Escape');
    expect(says()).toBe('Start looking');
    expect(book.entries).toEqual([]);
  });
});
