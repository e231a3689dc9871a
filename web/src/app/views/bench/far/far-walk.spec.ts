import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import { openStore, press } from '../../../app.spec-support';
import { type Reader, readerFeature, SettingsPage } from '../../../subjects/settings';
import { walkFeature, WalkPage } from '../../../subjects/walk';
import { DEFAULT_READER } from '../../../subjects/settings/reader';
import { Voice } from '../../../devices/voice/voice';
import { Solving } from '../../../subjects/walk/walk.actions';
import { aRecord, aWalk, GENTLE_STAGES } from '../../../subjects/walk/walk.spec-support';
import { FarWalk } from './far-walk';

describe('the walk read from afar', () => {
  let fixture: ComponentFixture<FarWalk>;
  let store: Store;
  let said: string[];

  async function open(far: Partial<Reader['far']>): Promise<void> {
    said = [];
    const voice = {
      silent: () => true,
      say: (text: string) => (said.push(text), Promise.resolve()),
      hush: () => undefined,
    };
    ({ store } = openStore({ provide: Voice, useValue: voice }));
    const change = { far: { ...DEFAULT_READER.far, tick: false, ...far }, secondsPerTurn: 0.4 };
    store.dispatch(SettingsPage.settingChanged({ change }));
    store.dispatch(WalkPage.walkBegun({ record: aRecord(5) }));
    store.dispatch(
      Solving.walkMade({
        planned: { walkthrough: aWalk(5), stages: GENTLE_STAGES, deciding: [], sought: [] },
      }),
    );
    fixture = TestBed.createComponent(FarWalk);
    await fixture.whenStable();
  }

  const position = () => store.selectSignal(walkFeature.selectPosition)()!;
  const frame = () => store.selectSignal(walkFeature.selectScene)()!.timeline.frames[0]!;
  const text = (): string => (fixture.nativeElement as HTMLElement).textContent;

  it('goes on at any key and back at the arrows, and leaves keys alone that do nothing', async () => {
    await open({});
    press('k');
    expect(position().turn).toBe(1);
    press('ArrowLeft');
    expect(position()).toEqual({ step: 0, turn: 0 });
    for (const key of ['Tab', 'Shift', 'Control']) press(key);
    press('r', { ctrlKey: true });
    expect(position()).toEqual({ step: 0, turn: 0 });
    press('PageDown');
    expect(position().turn).toBe(1);
  });

  it('says the hold and each turn, and that no voice is installed where none is', async () => {
    await open({ speak: true });
    const { holdCount, holdLine, step } = frame();
    expect(said[0]!.startsWith(`${step.find} ${holdLine!} `)).toBeTrue();
    for (let k = 0; k < holdCount; k++) {
      press('x');
      await fixture.whenStable();
    }
    expect(said.length).toBe(1 + holdCount);
    expect(said.at(-1)!.startsWith(`${step.look} `)).toBeTrue();
    expect(text()).toContain(step.look);
    expect(text()).toContain('No voice is installed on this device');
  });

  it('learns the key of a pedal', async () => {
    await open({});
    const click = async (name: string): Promise<void> => {
      [...(fixture.nativeElement as Element).querySelectorAll('button')]
        .find((one) => one.textContent.includes(name))!
        .click();
      await fixture.whenStable();
    };
    await click('Settings for this view');
    await click('Foot pedal');
    press('F7');
    expect(store.selectSignal(readerFeature.selectFar)().pedal).toBe('F7');
    expect(position()).toEqual({ step: 0, turn: 0 });
  });

  it('asks to compare after a step, and closes or doubts at a key', async () => {
    await open({});
    const done: string[] = [];
    fixture.componentInstance.closed.subscribe(() => done.push('closed'));
    fixture.componentInstance.doubted.subscribe(() => done.push('doubted'));
    for (let k = frame().moves.length; k > 0; k--) press('x');
    await fixture.whenStable();
    expect(text()).toContain('Does yours look like this?');
    press('?');
    press('Escape');
    expect(done).toEqual(['doubted', 'closed']);
  });

  describe('by itself', () => {
    beforeEach(() => jasmine.clock().install());
    afterEach(() => jasmine.clock().uninstall());

    /** Lets what is said be over, then so much time pass. */
    async function pass(milliseconds: number): Promise<void> {
      for (let k = 0; k < 4; k++) await Promise.resolve();
      jasmine.clock().tick(milliseconds);
      fixture.detectChanges();
      for (let k = 0; k < 4; k++) await Promise.resolve();
    }

    async function openBegun(far: Partial<Reader['far']>): Promise<void> {
      // It goes on by itself only once the clock is the spec's.
      jasmine.clock().uninstall();
      await open({ ...far, advance: 'key' });
      jasmine.clock().install();
      const { far: was } = store.selectSignal(readerFeature.selectReaderState)();
      store.dispatch(SettingsPage.settingChanged({ change: { far: { ...was, ...far } } }));
      store.dispatch(WalkPage.stepChosen({ step: 1 }));
      fixture.detectChanges();
    }

    it('turns at the pace and waits after a step until a key', async () => {
      await openBegun({ advance: 'pace', pause: 'key' });
      for (let k = 0; k < 60; k++) await pass(450);
      expect(position().step).toBe(1);
      expect(text()).toContain('Does yours look like this?');
      press('x');
      fixture.detectChanges();
      expect(position().step).toBe(2);
    });

    it('goes through the pauses when it only waits as long as they take to say', async () => {
      await openBegun({ advance: 'pace', pause: 'wait' });
      for (let k = 0; k < 80; k++) await pass(2000);
      expect(position().step).toBeGreaterThan(3);
    });
  });
});
