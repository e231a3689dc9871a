import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { provideStore, provideState, Store } from '@ngrx/store';
import { COLOURS } from '@sleetcrest/core';
import { DEFAULT_READER } from '../../subjects/settings/reader';
import { methodsFeature } from '../../subjects/method';
import { readerFeature, SettingsPage } from '../../subjects/settings';
import { Settings } from './settings';

describe('the settings', () => {
  it('exchange two centres when one is given another’s colour, so each colour stays once', async () => {
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        provideStore(),
        provideState(readerFeature),
        provideState(methodsFeature),
      ],
    });
    const store = TestBed.inject(Store);
    store.dispatch(SettingsPage.settingChanged({ change: DEFAULT_READER }));
    const fixture = TestBed.createComponent(Settings);
    await fixture.whenStable();
    const selects = (fixture.nativeElement as Element).querySelectorAll<HTMLSelectElement>(
      '.centre select',
    );
    // The underside becomes blue; yellow goes to the back, where blue was.
    selects[3]!.value = 'blue';
    selects[3]!.dispatchEvent(new Event('change'));
    const scheme = store.selectSignal(readerFeature.selectScheme)();
    expect([scheme[3], scheme[5]]).toEqual(['blue', 'yellow']);
    expect([...scheme].sort()).toEqual([...COLOURS].sort());
  });
});
