import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import {
  COLOURS,
  LEFT,
  paintedFromCube,
  randomCube,
  randomFrom,
  RIGHT,
  solvedCube,
  unseenCube,
} from '@sleetcrest/core';
import { nextQuestion } from '@sleetcrest/core/insight/entry';
import { openStore, press } from '../../../app.spec-support';
import { Voice } from '../../../devices/voice/voice';
import { SettingsPage } from '../../../subjects/settings';
import { entryFeature, EntryPage } from '../../../subjects/cube';
import { GuidedEntry } from './guided-entry';

describe('asking for a cube', () => {
  let fixture: ComponentFixture<GuidedEntry>;
  let store: Store;
  let said: string[];

  beforeEach(async () => {
    said = [];
    const voice = {
      silent: () => false,
      say: (text: string) => (said.push(text), Promise.resolve()),
    };
    ({ store } = openStore({ provide: Voice, useValue: voice }));
    store.dispatch(EntryPage.cubeReplaced({ painted: Array.from(unseenCube()), scheme: COLOURS }));
    fixture = TestBed.createComponent(GuidedEntry);
    await fixture.whenStable();
  });

  const text = (): string =>
    (fixture.nativeElement as HTMLElement).textContent.replace(/\s+/g, ' ');
  const known = () => store.selectSignal(entryFeature.selectKnown)();
  const hold = () => store.selectSignal(entryFeature.selectHold)();

  it('takes one key for each sticker it asks about, and re-holds the cube once', async () => {
    const full = paintedFromCube(randomCube(randomFrom(12)));
    const holds = new Set<number>();
    let keys = 0;
    for (let q = nextQuestion(known(), hold()); q; q = nextQuestion(known(), hold())) {
      holds.add(q.hold);
      press(keys % 2 === 0 ? String(full[q.sticker]! + 1) : COLOURS[full[q.sticker]!]![0]!);
      keys++;
      await fixture.whenStable();
    }
    expect(known()).toEqual(Array.from(full));
    expect(holds.size).toBe(2);
    expect(keys).toBeLessThanOrEqual(36);
    expect(text()).toContain(`Done: ${keys} answers`);
  });

  it('takes the last answer back, and emits when Enter follows the last', async () => {
    press('r');
    await fixture.whenStable();
    expect(text()).toContain('row 1, column 2');
    press('Backspace');
    await fixture.whenStable();
    expect(text()).toContain('row 1, column 1');
    let finished = 0;
    fixture.componentInstance.finished.subscribe(() => finished++);
    press('Enter');
    expect(finished).toBe(0);
    store.dispatch(EntryPage.cubeReplaced({ painted: Array.from(paintedFromCube(solvedCube())) }));
    await fixture.whenStable();
    press('Enter');
    expect(finished).toBe(1);
  });

  it('asks again for the sticker that is likeliest wrong, and goes on once it is mended', async () => {
    const wrong = paintedFromCube(solvedCube());
    wrong[15] = LEFT;
    store.dispatch(EntryPage.cubeReplaced({ painted: Array.from(wrong) }));
    await fixture.whenStable();
    expect(text()).toContain('Look again');
    let told = 0;
    fixture.componentInstance.told.subscribe(() => told++);
    const named = () => store.selectSignal(entryFeature.selectSuspect)()?.sticker;
    const asked = new Set<number>();
    for (let sticker = named(); sticker !== undefined && sticker !== 15; sticker = named()) {
      expect(asked.has(sticker)).toBeFalse();
      asked.add(sticker);
      // It is as it was told: the next one is asked for.
      press(String(wrong[sticker]! + 1));
      await fixture.whenStable();
    }
    expect(named()).toBe(15);
    press(COLOURS[RIGHT]![0]!);
    await fixture.whenStable();
    expect(known()).toEqual(Array.from(paintedFromCube(solvedCube())));
    expect(text()).toContain('Done:');
    expect(told).toBe(1);
  });

  it('says the side aloud when it is another one, if that is wanted', async () => {
    expect(said).toEqual([]);
    store.dispatch(SettingsPage.settingChanged({ change: { speakEntry: true } }));
    await fixture.whenStable();
    expect(said).toEqual(['The white side. white up, green in front.']);
    for (const key of 'wwwwwwww') press(key);
    await fixture.whenStable();
    expect(said.at(-1)).toBe('The green side. white up, green in front.');
  });
});
