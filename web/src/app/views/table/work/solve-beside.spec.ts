import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Place, Work } from '@sleetcrest/contract/table';
import type { LogEntry } from '@sleetcrest/core/learner/log';
import { openStore, until } from '../../../app.spec-support';
import { reviewDeeds } from '../../../subjects/log/work/review-deeds';
import { Reviewer } from '../../../subjects/log/work';
import { anEntry } from '../../../subjects/log/log.spec-support';
import { SolveBeside } from './solve-beside';

describe('a solve beside the words on it', () => {
  let fixture: ComponentFixture<SolveBeside>;
  let looked: Place[];
  /** What waits to be taken apart. */
  let waiting: (() => void)[];
  let holdsBack: boolean;
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');
  const turns = (): string[] =>
    [...host().querySelectorAll('.turn')].map((one) => one.textContent.trim());
  const named = (name: string): HTMLButtonElement =>
    host().querySelector<HTMLButtonElement>(`[aria-label^='${name}']`)!;
  /** The colours that are seen, one after the other. */
  const stickers = (): string =>
    [...host().querySelectorAll('sc-crown polygon')].map((one) => one.getAttribute('fill')).join();
  const seen = (what: () => boolean): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return what();
    });

  /** Opens it, or shows something else in its place. */
  function show(entry: LogEntry, place: Partial<Place> = {}, notes: Work['notes'] = []): void {
    const all = {
      entry,
      notes,
      firstColour: 'white',
      place: { turn: null, stage: null, ...place },
    };
    for (const [name, value] of Object.entries(all)) fixture.componentRef.setInput(name, value);
    fixture.detectChanges();
  }

  beforeEach(() => {
    [looked, waiting, holdsBack] = [[], [], false];
    openStore({
      provide: Reviewer,
      useValue: {
        review: async (...given: Parameters<typeof reviewDeeds.review>) => {
          if (holdsBack) await new Promise<void>((go) => waiting.push(go));
          return reviewDeeds.review(...given);
        },
      },
    });
    fixture = TestBed.createComponent(SolveBeside);
    fixture.componentInstance.looked.subscribe((place) => looked.push(place));
  });
  afterEach(() => fixture.destroy());

  const solve = anEntry({ scramble: "R U R' D", turns: "D' R U' R'" });
  const note = (turn: number): Work['notes'][number] => ({
    id: `n${turn}`,
    by: 'Runa',
    byLearner: false,
    place: { turn, stage: null },
    words: 'Here',
    writtenAt: '2026-11-26T10:00:00.000Z',
  });

  it('has every turn of it, and tells where words were written', async () => {
    show(solve, {}, [note(2), note(4)]);
    await seen(() => turns().length === 4);
    expect(turns().join(' ')).toBe("D' R U' R'");
    const noted = [...host().querySelectorAll('.turn')].flatMap((one, k) =>
      one.classList.contains('noted') ? [k + 1] : [],
    );
    expect(noted).toEqual([2, 4]);
    expect(named('Turn 2').getAttribute('aria-label')).toBe('Turn 2, R, with words on it');
    expect(text()).toContain('after turn 0 of 4');
  });

  it('shows another cube after each turn, and the solved one after the last', async () => {
    show(solve);
    await seen(() => turns().length === 4);
    const pictures = [0, 1, 2, 3, 4].map((turn) => {
      show(solve, { turn: turn === 0 ? null : turn });
      return stickers();
    });
    expect(new Set(pictures).size).toBe(5);
    // Another that is solved looks the same at its end, and not before.
    const other = anEntry({ scramble: 'F', turns: "F'" });
    show(other, { turn: 1 });
    await seen(() => turns().join() === "F'");
    expect(stickers()).toBe(pictures[4]!);
    show(other);
    expect(pictures).not.toContain(stickers());
  });

  it('goes a turn on and back, and to any that is pressed; not beyond its ends', async () => {
    show(solve, { turn: 2 });
    await seen(() => turns().length === 4);
    named('A turn on').click();
    named('A turn back').click();
    named('Turn 4').click();
    expect(looked).toEqual([3, 1, 4].map((turn) => ({ turn, stage: null })));
    show(solve, { turn: 1 });
    named('A turn back').click();
    expect(looked.at(-1)).toEqual({ turn: null, stage: null });
    show(solve);
    expect(named('A turn back').disabled).toBeTrue();
    show(solve, { turn: 4 });
    expect(named('A turn on').disabled).toBeTrue();
  });

  it('is looked at by its stages too', async () => {
    show(solve);
    await seen(() => host().querySelector('.place') !== null);
    host().querySelector<HTMLButtonElement>('.place')!.click();
    expect(looked[0]!.turn).toBeNull();
    expect(looked[0]!.stage).not.toBeNull();
    show(solve, { stage: looked[0]!.stage });
    expect(host().querySelector('.place')!.classList).toContain('here');
  });

  it('shows nothing of one solve with the scramble of another, while that is taken apart', async () => {
    show(solve);
    await seen(() => turns().length === 4);
    holdsBack = true;
    show(anEntry({ scramble: 'F', turns: "F'" }));
    await seen(() => waiting.length === 1);
    expect([turns(), host().querySelector('sc-crown')]).toEqual([[], null]);
    waiting[0]!();
    await seen(() => turns().join() === "F'");
  });

  it('says what is wrong with turns that do not solve it, and shows none', async () => {
    show(anEntry({ scramble: 'R', turns: 'not turns' }));
    await seen(() => host().querySelector('[role=alert]') !== null);
    expect(turns()).toEqual([]);
  });

  it('shows the times of its stages where no turns were recorded', () => {
    show(
      anEntry({
        scramble: '',
        turns: '',
        splits: [
          { stage: 'cross', time: 20.5, turns: 14 },
          { stage: 'corners', time: 40, turns: null },
        ],
      }),
    );
    const rows = [...host().querySelectorAll('tr')].map((row) =>
      [...row.cells].map((cell) => cell.textContent.trim()),
    );
    expect(rows).toEqual([
      ['White cross', '20.50', '14 turns'],
      ['White corners', '40.00', ''],
    ]);
    expect(text()).toContain('Its turns were not recorded');
    host().querySelectorAll<HTMLButtonElement>('tr button')[1]!.click();
    expect(looked).toEqual([{ turn: null, stage: 'corners' }]);
  });
});
