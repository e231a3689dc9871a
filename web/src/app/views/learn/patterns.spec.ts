import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { Store } from '@ngrx/store';
import { PATTERNS } from '@sleetcrest/core/insight/patterns';
import { GUEST, openStore, press, until } from '../../app.spec-support';
import { LearningWork } from '../../subjects/practice/work';
import { readerFeature, SettingsPage } from '../../subjects/settings';
import { FakeLearningWork } from './learn.spec-support';
import { Patterns } from './patterns';

describe('patterns', () => {
  let fixture: ComponentFixture<Patterns>;
  let store: Store;
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');
  const click = async (name: RegExp): Promise<void> => {
    [...host().querySelectorAll<HTMLElement>('button')]
      .find((one) => name.test(one.textContent))!
      .click();
    await fixture.whenStable();
  };
  const own = () => store.selectSignal(readerFeature.selectReaderState)().patterns;
  const done = (): number =>
    [...host().querySelectorAll('.tiles li')].findIndex((one) => one.hasAttribute('aria-current'));

  beforeEach(async () => {
    await TestBed.configureTestingModule({ imports: [Patterns] }).compileComponents();
    ({ store } = openStore(
      { provide: LearningWork, useClass: FakeLearningWork },
      provideRouter([]),
    ));
    store.dispatch(GUEST);
    fixture = TestBed.createComponent(Patterns);
    await fixture.whenStable();
  });

  it('show all that ship, each with its picture', () => {
    expect(host().querySelectorAll('.gallery sc-crown').length).toBe(PATTERNS.length);
    expect(host().querySelector('h2')!.textContent).toBe(PATTERNS[0]!.title);
  });

  it('are walked by keys, and not beyond their ends', async () => {
    press('ArrowLeft');
    press('ArrowRight');
    press('ArrowRight');
    await fixture.whenStable();
    expect(done()).toBe(2);
    for (let k = 0; k < 60; k++) press('ArrowRight');
    await fixture.whenStable();
    // All is done: no turn is next.
    expect(done()).toBe(-1);
  });

  it('come from a link, and say so where its turns cannot be read', async () => {
    fixture.componentRef.setInput('turns', 'R_Ui_R2');
    fixture.componentRef.setInput('title', 'For you');
    await fixture.whenStable();
    expect(host().querySelector('h2')!.textContent).toBe('For you');
    expect(host().querySelectorAll('.tiles li').length).toBe(3);
    for (const turns of ['<b>R', '', 'R_U_'.repeat(60)]) {
      fixture.componentRef.setInput('turns', turns);
      await fixture.whenStable();
      expect(host().querySelector('[role=alert]')!.textContent).toContain(
        'no pattern that can be read',
      );
    }
  });

  it('stay where they are, and handed on, when others are kept or come from the server', async () => {
    const turns = PATTERNS[0]!.turns.replaceAll("'", 'i').replaceAll(' ', '_');
    fixture.componentRef.setInput('turns', turns);
    await fixture.whenStable();
    await click(/Next turn/);
    await click(/Share/);
    await until(() => {
      fixture.detectChanges();
      return host().querySelector('.share img') !== null;
    });
    const patterns = [{ title: 'Mine', turns: 'R2 L2' }];
    store.dispatch(SettingsPage.settingChanged({ change: { patterns } }));
    await fixture.whenStable();
    expect(host().querySelectorAll('.gallery sc-crown').length).toBe(PATTERNS.length + 1);
    expect(host().querySelector('.share img')).not.toBeNull();
    expect(done()).toBe(1);
  });

  it('that no turns lead to are told why, with the nearest that can be, which is kept', async () => {
    await click(/Paint one/);
    // The corner at the top right of the front: its colours the other way round.
    for (const [sticker, colour] of [
      ['8', 'g'],
      ['20', 'r'],
      ['9', 'w'],
    ] as const) {
      const place = host().querySelector(`.painting [data-sticker="${sticker}"]`)!;
      place.dispatchEvent(new KeyboardEvent('keydown', { key: colour, bubbles: true }));
      await fixture.whenStable();
    }
    await click(/Is it possible/);
    await until(() => text().includes('No turns lead to it'));
    expect(host().querySelectorAll('.came p').length).toBeGreaterThan(2);
    expect(text()).toMatch(/differs in \d stickers?/);
    expect(host().querySelector('.came sc-crown')).not.toBeNull();
  });

  it('that one painted are kept under a name, and forgotten', async () => {
    await click(/Paint one/);
    await click(/Rub all out/);
    const place = host().querySelector('.painting [data-sticker="0"]')!;
    place.dispatchEvent(new KeyboardEvent('keydown', { key: 'r', bubbles: true }));
    await fixture.whenStable();
    await click(/Is it possible/);
    await until(() => text().includes('Yes, it is possible'));
    const name = host().querySelector<HTMLInputElement>('.came input')!;
    name.value = ' Red corner ';
    name.dispatchEvent(new Event('input'));
    await click(/Keep and walk it/);
    expect(own().map(({ title }) => title)).toEqual(['Red corner']);
    await until(() => host().querySelector('h2')!.textContent === 'Red corner');
    await click(/Delete/);
    expect(own()).toEqual([]);
  });
});
