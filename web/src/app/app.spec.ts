import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MatDialog } from '@angular/material/dialog';
import type { Store } from '@ngrx/store';
import { NEVER } from 'rxjs';
import { openStore, press } from './app.spec-support';
import { App } from './app';
import { readerFeature, SettingsPage } from './subjects/settings';
import { KeyboardMap } from './frame/keyboard-map';

describe('the frame of the application', () => {
  let fixture: ComponentFixture<App>;
  let store: Store;
  let opened: Promise<unknown>;

  beforeEach(async () => {
    await TestBed.configureTestingModule({ imports: [App] }).compileComponents();
    let open: (what: unknown) => void;
    opened = new Promise((resolve) => (open = resolve));
    ({ store } = openStore({
      provide: MatDialog,
      useValue: {
        open: (what: unknown) => {
          open(what);
          return { afterClosed: () => NEVER };
        },
      },
    }));
    fixture = TestBed.createComponent(App);
    await fixture.whenStable();
  });
  afterEach(() => delete document.documentElement.dataset['theme']);

  const reader = () => store.selectSignal(readerFeature.selectReaderState)();

  it('puts the chosen theme and sticker colours on the page', async () => {
    store.dispatch(
      SettingsPage.settingChanged({
        change: { theme: 'night', swatches: { ...reader().swatches, red: '#112233' } },
      }),
    );
    await fixture.whenStable();
    const { dataset, style } = document.documentElement;
    expect(dataset['theme']).toBe('night');
    expect(style.getPropertyValue('--sticker-red')).toBe('#112233');
  });

  it('switches letters and night by a key, and back', async () => {
    press('l');
    expect(reader().letters).toBeTrue();
    press('l');
    expect(reader().letters).toBeFalse();
    press('n');
    await fixture.whenStable();
    const first = reader().theme;
    press('n');
    await fixture.whenStable();
    expect(new Set([first, reader().theme])).toEqual(new Set(['night', 'day']));
  });

  it('opens the keyboard map on ?, but not while single keys are off', async () => {
    store.dispatch(SettingsPage.settingChanged({ change: { shortcuts: false } }));
    press('l');
    expect(reader().letters).toBeFalse();
    store.dispatch(SettingsPage.settingChanged({ change: { shortcuts: true } }));
    press('?');
    await expectAsync(opened).toBeResolvedTo(KeyboardMap);
  });
});
