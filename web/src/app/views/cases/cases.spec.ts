import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import { applyMoves, goalHolds, HOME_HOLD, readMoves, solvedCube, UP } from '@sleetcrest/core';
import { openStore, until } from '../../app.spec-support';
import { FakeWork } from '../../subjects/method/work/work.spec-support';
import { Work } from '../../subjects/method/work';
import { walkFeature } from '../../subjects/walk';
import { Cases } from './cases';
import { percent } from '../../base/words/percent';

describe('the Cases view', () => {
  let fixture: ComponentFixture<Cases>;
  let store: Store;
  let went: unknown[][];
  const work = new FakeWork();

  beforeEach(async () => {
    work.endless = false;
    ({ store, went } = openStore({ provide: Work, useValue: work }));
    fixture = TestBed.createComponent(Cases);
    document.body.append(fixture.nativeElement as Node);
    await fixture.whenStable();
    await until(() => {
      fixture.detectChanges();
      return listed().length > 0;
    });
  });
  afterEach(() => (fixture.nativeElement as Element).remove());

  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const listed = (): string[] =>
    [...host().querySelectorAll<HTMLElement>('[data-case]')].map((one) => one.dataset['case']!);
  async function press(name: RegExp): Promise<void> {
    const button = [...host().querySelectorAll('button')].find((one) =>
      name.test(`${one.ariaLabel ?? ''}${one.textContent}`.trim()),
    );
    button!.click();
    await fixture.whenStable();
  }
  async function see(sticker: number, colour: string): Promise<void> {
    host()
      .querySelector(`[data-sticker="${sticker}"]`)!
      .dispatchEvent(
        new KeyboardEvent('keydown', { key: colour, bubbles: true, cancelable: true }),
      );
    await fixture.whenStable();
  }

  it('shows the cases of one stage, with how often each comes up', async () => {
    expect(new Set(listed().map((id) => id.split('/')[0]))).toEqual(new Set(['daisy']));
    await press(/Yellow cross/);
    expect(listed()).toEqual(['ycross-repeat/dot', 'ycross-repeat/angle', 'ycross-repeat/bar']);
    expect(host().querySelector('.chance')!.textContent).toBe('1 of 2 cubes');
  });

  it('narrows to what is seen, over all stages, and opens up again', async () => {
    // The top sticker at the front, with two others: yellow across, and the side ones not.
    await see(7, 'y');
    const some = listed();
    expect(some).toContain('ycross-repeat/angle');
    expect(some).not.toContain('ycross-repeat/dot');
    await see(1, 'y');
    await see(3, 'r');
    const less = listed();
    expect(less.length).toBeLessThan(some.length);
    expect(less).toContain('ycross-repeat/bar');
    expect(less).not.toContain('ycross-repeat/angle');
    await press(/^Clear/);
    expect(listed().every((id) => id.startsWith('daisy/'))).toBeTrue();
  });

  it('gives turns to a cube on which the case waits, another each time', async () => {
    await press(/Yellow edges/);
    const turns = (): string => host().querySelector('.set-up .turns')?.textContent ?? '';
    await press(/Give me turns/);
    await until(() => (fixture.detectChanges(), turns() !== ''));
    const first = turns();
    const read = readMoves(first);
    const cube = solvedCube();
    if (read.ok) applyMoves(cube, HOME_HOLD, read.value);
    expect(goalHolds(cube, 'yellow-cross', UP)).toBeTrue();
    expect(goalHolds(cube, 'yellow-edges', UP)).toBeFalse();
    await press(/^Another/);
    await until(() => (fixture.detectChanges(), turns() !== first));
  });

  it('sets the case beside other approaches, and shows its mirror', async () => {
    await press(/Yellow cross/);
    await until(() => (fixture.detectChanges(), host().querySelectorAll('tbody tr').length === 3));
    const tiles = (): string =>
      host().querySelector('sc-case-detail sc-tiles [role=img]')!.getAttribute('aria-label')!;
    expect(tiles()).toBe("F R U R' U' F'");
    host().querySelector<HTMLButtonElement>('mat-slide-toggle button')!.click();
    await fixture.whenStable();
    expect(tiles()).toBe("F' L' U' L U F");
  });

  it('takes a cube of the case to the Bench', async () => {
    await press(/Corner places/);
    await press(/Play it on the Bench/);
    await until(() => went.some(([at]) => at === '/bench'));
    const record = store.selectSignal(walkFeature.selectRecord)()!;
    expect(record.name).toBe('One corner is in its place');
    expect(record.method).toBe('gentle');
  });

  it('can stop counting and count again', async () => {
    work.endless = true;
    fixture = TestBed.createComponent(Cases);
    fixture.detectChanges();
    await until(() => (fixture.detectChanges(), /Counting how often/.test(host().textContent)));
    await press(/^Stop/);
    await until(() => (fixture.detectChanges(), /is not counted/.test(host().textContent)));
    work.endless = false;
    await press(/^Count/);
    await until(() => (fixture.detectChanges(), host().querySelector('.chance') !== null));
  });
});

describe('a chance', () => {
  it('is told with the digits it has', () => {
    expect([0, 1e-5, 0.125, 0.9999, 1].map(percent)).toEqual([
      'never',
      'under 0.1 %',
      '12.5 %',
      'over 99.9 %',
      'always',
    ]);
  });
});
