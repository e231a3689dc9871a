import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { By } from '@angular/platform-browser';
import type { Store } from '@ngrx/store';
import {
  applyTurns,
  type Cube,
  FRONT,
  RIGHT,
  sideInHold,
  solvedCube,
  turnOf,
} from '@sleetcrest/core';
import { openStore } from '../../app.spec-support';
import { readerFeature, SettingsPage } from '../../subjects/settings';
import { CubeView } from '../../ui/cube/cube-view';
import { First } from './first';

describe('first things', () => {
  let fixture: ComponentFixture<First>;
  let store: Store;

  beforeEach(async () => {
    await TestBed.configureTestingModule({ imports: [First] }).compileComponents();
    ({ store } = openStore());
    fixture = TestBed.createComponent(First);
    await fixture.whenStable();
  });

  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const shown = (): CubeView =>
    fixture.debugElement.query(By.directive(CubeView)).componentInstance as CubeView;
  const cube = (): Cube => shown().cube();
  const said = (): string => host().querySelector('.outcome')?.textContent.trim() ?? '';
  const question = (): string => host().querySelector('.question')!.textContent.trim();
  const page = (): number => store.selectSignal(readerFeature.selectFirstPage)();
  async function press(name: string): Promise<void> {
    [...host().querySelectorAll<HTMLElement>('button')]
      .find((one) => (one.ariaLabel ?? one.textContent.trim()) === name)!
      .click();
    await fixture.whenStable();
  }
  async function open(firstPage: number): Promise<void> {
    store.dispatch(SettingsPage.settingChanged({ change: { firstPage } }));
    await fixture.whenStable();
  }
  async function touch(sticker: number): Promise<void> {
    const polygon = host().querySelector(`[data-sticker="${sticker}"]`)!;
    polygon.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
    await fixture.whenStable();
  }

  it('ask for each kind of piece to be touched, and go on once it was', async () => {
    // An edge is no corner; the corner beside it is one. A centre can be touched too.
    await touch(1);
    expect(said()).toContain('Not that one');
    await touch(0);
    expect(said()).toContain('Yes');
    await press('Go on');
    expect(question()).toBe('Touch an edge.');
    await touch(1);
    await press('Go on');
    await touch(4);
    expect(said()).toContain('Yes');
    await press('Go on');
    expect(page()).toBe(1);
  });

  it('say which answer is not the one, and show what is so once it is found', async () => {
    await open(1);
    await press('red');
    expect(said()).toContain('Not that one');
    await press('blue');
    expect(said()).toContain('Yes');
    await press('Go on');
    expect(question()).toContain('across from red');
  });

  it('do what a tile says, and take back what it does not', async () => {
    await open(6);
    const solved = cube();
    jasmine.clock().install();
    try {
      await press('right side, towards you');
      expect(said()).toContain('Not that one');
      expect(cube()).not.toEqual(solved);
      jasmine.clock().tick(800);
      await fixture.whenStable();
      expect(cube()).toEqual(solved);
      // What comes before it was taken back is done on the cube as it was.
      await press('top, to the left');
      await press('right side, away from you');
      expect(said()).toContain('Yes');
      jasmine.clock().tick(800);
      await fixture.whenStable();
    } finally {
      jasmine.clock().uninstall();
    }
    expect(cube()).toEqual(applyTurns(solvedCube(), [turnOf(RIGHT, 1)]));
  });

  it('turn the cube as the next question has it when one is left out', async () => {
    await open(5);
    const before = shown().hold();
    await press('Skip');
    expect(question()).toContain('Now red is in front.');
    expect(sideInHold(shown().hold(), FRONT)).toBe(sideInHold(before, RIGHT));
  });

  it('show a turn before they ask what was turned', async () => {
    await open(4);
    expect(host().querySelector('.answers')).toBeNull();
    await press('Show me');
    await press('One side');
    expect(said()).toContain('Yes');
  });

  it('can be left out page by page, taken up anywhere, and end', async () => {
    await open(7);
    await press('Skip');
    expect(page()).toBe(8);
    expect(host().textContent).toContain('That is all you need to begin.');
    await press('See the pages again');
    expect(page()).toBe(0);
    host().querySelectorAll<HTMLElement>('sc-ridge button')[4]!.click();
    await fixture.whenStable();
    expect(host().querySelector('h1')!.textContent).toBe('A side, or the whole cube');
    expect(store.selectSignal(readerFeature.selectFirstOffered)()).toBeTrue();
  });
});
