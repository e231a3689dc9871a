import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import { openStore, until } from '../../app.spec-support';
import { FakeWork } from '../../subjects/method/work/work.spec-support';
import { Work } from '../../subjects/method/work';
import { readerFeature } from '../../subjects/settings';
import { Methods } from './methods';

describe('the Methods view', () => {
  let fixture: ComponentFixture<Methods>;
  let store: Store;
  let went: unknown[][];
  let work: FakeWork;

  beforeEach(async () => {
    work = new FakeWork();
    ({ store, went } = openStore({ provide: Work, useValue: work }));
    fixture = TestBed.createComponent(Methods);
    document.body.append(fixture.nativeElement as Node);
    await counted();
  });
  afterEach(() => (fixture.nativeElement as Element).remove());

  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const counted = (): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return cells('Turns, mean').every((cell) => cell !== '…');
    });
  const cells = (name: string): string[] => {
    const row = [...host().querySelectorAll('tr')].find((one) =>
      one.textContent.trim().startsWith(name),
    )!;
    return [...row.querySelectorAll('td')].map((cell) =>
      cell.textContent.trim().replace(/\s+/g, ' '),
    );
  };
  const titles = (): string[] =>
    [...host().querySelectorAll<HTMLSelectElement>('thead select')].map((select) => select.value);
  async function press(name: string): Promise<void> {
    const button = [...host().querySelectorAll('button')].filter((one) =>
      (one.ariaLabel ?? one.textContent).trim().startsWith(name),
    );
    button.at(-1)!.click();
    await fixture.whenStable();
  }

  it('sets the method in use beside another, with what it costs more or less', async () => {
    expect(titles()).toEqual(['gentle', 'side-match']);
    expect(cells('Turns, mean')).toEqual(['80.0', '80.0 same']);
    expect(cells('Sequences to know')[1]).toMatch(/^14 \+3$/);
    await until(() => host().querySelector('sc-method-ridges svg') !== null);
  });

  it('adds and removes methods, four at most', async () => {
    await press('Add a method');
    await press('Add a method');
    expect(titles().length).toBe(4);
    const add = [...host().querySelectorAll('button')].find((one) =>
      one.textContent.includes('Add a method'),
    )!;
    expect(add.disabled).toBeTrue();
    await press('Remove');
    expect(titles()).toEqual(['gentle', 'side-match', 'white-up']);
  });

  it('sets a mix beside them that only has what can follow', async () => {
    await press('Build a mix');
    const builder = host().querySelector('sc-mix-builder')!;
    const select = builder.querySelectorAll<HTMLSelectElement>('select')[2]!;
    expect([...select.options].map(({ value }) => value)).toContain('pairs');
    select.value = 'pairs';
    select.dispatchEvent(new Event('change'));
    await fixture.whenStable();
    expect(builder.querySelectorAll('select').length).toBe(7);
    await press('Compare this mix');
    expect(titles().length).toBe(3);
    // Named by what its parts are called, as they are in the list it was chosen from.
    const called = select.selectedOptions[0]!.textContent.trim();
    const named = host().querySelectorAll('select')[2]!.selectedOptions[0]!.textContent.trim();
    expect(named).toContain(` with “${called}”`);
    await counted();
    expect(cells('Turns, mean')[2]).toBe('70.0 −10.0');
  });

  it('uses a method everywhere, or takes it to the Workshop', async () => {
    await press('Use it');
    expect(store.selectSignal(readerFeature.selectMethod)()).toBe('side-match');
    expect(host().querySelector('.used')).not.toBeNull();
    await press('Change it');
    expect(went).toEqual([['/workshop']]);
  });

  it('says that counting was stopped, and counts again', async () => {
    work.endless = true;
    await press('Add a method');
    await press('Stop counting');
    await until(() => (fixture.detectChanges(), /Stopped/.test(host().textContent)));
    expect(cells('Turns, mean')[2]).toBe('…');
    work.endless = false;
    await press('Count again');
    await until(() => (fixture.detectChanges(), cells('Turns, mean')[2] !== '…'));
  });

  it('shows one stage when that is asked for', async () => {
    const parts = [...host().querySelectorAll('mat-button-toggle')].map((one) =>
      one.textContent.trim(),
    );
    expect(parts[0]).toBe('Whole solve');
    expect(parts).toContain('Corner twists');
    expect(parts).toContain('Last edges');
    host().querySelectorAll<HTMLButtonElement>('mat-button-toggle button')[3]!.click();
    await until(() => host().querySelector('sc-method-ridges svg') !== null);
  });
});
