import { Subject } from 'rxjs';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { groupsOf, type LogFilter, type LogGroup, overviewOf } from '@sleetcrest/core/learner/log';
import { openStore, until } from '../../app.spec-support';
import { ChartFrame } from '../../ui/charts/chart-frame';
import { SOME_INKS } from '../../ui/charts/inks.spec-support';
import { daysChart } from './charts';
import { LogFilters } from './log-filters';
import { LogGroups } from './log-groups';
import { LogWindows, type LogLine } from './log-windows';
import { anEntry, FakeBook } from '../../subjects/log/log.spec-support';

const entries = [1, 2, 3].map((day) =>
  anEntry({ beganAt: `2026-11-0${day}T10:00:00.000Z`, time: 50 + day }),
);

describe('a long list of records', () => {
  const many = Array.from({ length: 450 }, (_, k) =>
    anEntry({ beganAt: new Date(Date.UTC(2026, 0, 1) + k * 60_000).toISOString(), note: `${k}` }),
  );

  it('fetches what is looked at, each window once', async () => {
    const book = new FakeBook(many);
    const asked: number[] = [];
    const page = book.page.bind(book);
    book.page = (filter, offset, limit) => {
      asked.push(offset);
      return page(filter, offset, limit);
    };
    const windows = new LogWindows(book, {});
    let lines: readonly LogLine[] = [];
    await windows.begin();
    const viewChange = new Subject<{ start: number; end: number }>();
    windows.connect({ viewChange }).subscribe((now) => (lines = now));
    viewChange.next({ start: 90, end: 130 });
    viewChange.next({ start: 95, end: 140 });
    viewChange.next({ start: 420, end: 450 });
    await until(() => lines[449] !== null && lines[150] !== null);
    expect(asked).toEqual([0, 100, 400]);
    expect(lines.length).toBe(450);
    // Newest first: the last is the oldest; between, nothing was looked at.
    expect([lines[449]!.note, lines[250]]).toEqual(['0', null]);
    expect(windows.total()).toBe(450);
  });

  it('asks again for a window that could not be fetched', async () => {
    const book = new FakeBook(many);
    book.failure = new Error('away');
    const windows = new LogWindows(book, {});
    await expectAsync(windows.begin()).toBeRejectedWithError('away');
    book.failure = undefined;
    await windows.begin();
    expect([windows.total(), windows.trouble()]).toEqual([450, null]);
  });
});

describe('the groups of a log', () => {
  it('are shown by day or session, and one is chosen', async () => {
    openStore();
    const fixture = TestBed.createComponent(LogGroups);
    document.body.append(fixture.nativeElement as Node);
    const chosen: LogGroup[] = [];
    fixture.componentInstance.chosen.subscribe((group) => chosen.push(group));
    fixture.componentRef.setInput('groups', groupsOf(entries, 'day'));
    fixture.componentRef.setInput('by', 'day');
    fixture.componentRef.setInput('titleOf', (stage: string) => stage);
    const host = fixture.nativeElement as HTMLElement;
    await until(() => {
      fixture.detectChanges();
      return host.querySelectorAll('.line').length === 3;
    });
    expect(host.querySelector('.line')!.textContent).toContain('3 Nov 2026');
    expect(host.querySelector('.line')!.textContent).toContain('1 solve: 53.00');
    host.querySelectorAll<HTMLButtonElement>('.line')[1]!.click();
    expect(chosen[0]!.from).toBe('2026-11-02T10:00:00.000Z');
    host.remove();
  });
});

describe('the filters of a log', () => {
  it('say what is meant, and all of it again', () => {
    openStore();
    const fixture = TestBed.createComponent(LogFilters);
    const narrowed: LogFilter[] = [];
    fixture.componentInstance.narrowed.subscribe((filter) => narrowed.push(filter));
    fixture.componentRef.setInput('filter', { text: 'ferry' });
    fixture.componentRef.setInput('methods', [{ id: 'gentle', title: 'Gentle' }]);
    fixture.componentRef.setInput('stages', [{ stage: 'daisy', title: 'Daisy' }]);
    fixture.detectChanges();
    const host = fixture.nativeElement as HTMLElement;
    const [from] = host.querySelectorAll('input');
    // What is no day is not told; it stays to be mended.
    for (const typed of ['2026-11-', '2026-11-02']) {
      from!.value = typed;
      from!.dispatchEvent(new Event('input'));
      from!.dispatchEvent(new Event('change'));
    }
    const kind = host.querySelector('select')!;
    kind.value = 'stage';
    kind.dispatchEvent(new Event('change'));
    kind.value = '';
    kind.dispatchEvent(new Event('change'));
    [...host.querySelectorAll('button')].at(-1)!.click();
    expect(narrowed).toEqual([
      { text: 'ferry', from: '2026-11-02' },
      { text: 'ferry', kind: 'stage' },
      { text: 'ferry', kind: undefined },
      {},
    ]);
  });
});

describe('a chart of the log', () => {
  let fixture: ComponentFixture<ChartFrame>;
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const said = (): string => {
    fixture.detectChanges();
    return host().querySelector('[aria-live]')!.textContent;
  };
  const press = (key: string): boolean =>
    host()
      .querySelector('.plot')!
      .dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));

  beforeEach(() => {
    openStore();
    fixture = TestBed.createComponent(ChartFrame);
    document.body.append(fixture.nativeElement as Node);
  });
  afterEach(() => host().remove());

  it('is gone through by the arrow keys, point by point, and no further', () => {
    const { summary } = overviewOf(entries, {}, '2026-11-04');
    fixture.componentRef.setInput('chart', daysChart(summary, SOME_INKS));
    fixture.detectChanges();
    press('ArrowRight');
    expect(said()).toContain('1 Nov 2026: median 51.00');
    for (let k = 0; k < 5; k++) press('ArrowRight');
    expect(said()).toContain('3 Nov 2026: median 53.00');
    press('ArrowLeft');
    expect(said()).toContain('2 Nov 2026');
    expect(press('x')).toBeTrue();
    expect(host().querySelectorAll('tbody tr').length).toBe(3);
  });

  it('says so when there is nothing to show', () => {
    const { summary } = overviewOf([], {}, '2026-11-04');
    fixture.componentRef.setInput('chart', daysChart(summary, SOME_INKS));
    fixture.componentRef.setInput('nothing', 'No times yet.');
    fixture.detectChanges();
    expect(host().textContent).toContain('No times yet.');
    expect(host().querySelector('.plot')).toBeNull();
  });
});
