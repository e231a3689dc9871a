import { openStore } from '../../app.spec-support';
import { TestBed } from '@angular/core/testing';
import { COLOURS } from '@sleetcrest/core';
import { readerFeature } from '../../subjects/settings';
import { Settings } from './settings';
import { choiceCalled, chooseIn } from '../../ui/fields/choice.spec-support';

describe('the settings', () => {
  it('exchange two centres when one is given another’s colour, so each colour stays once', async () => {
    const { store } = openStore();
    const fixture = TestBed.createComponent(Settings);
    await fixture.whenStable();
    const under = choiceCalled(fixture.nativeElement as Element, 'down')!;
    // The underside becomes blue; yellow goes to the back, where blue was.
    chooseIn(under, 'blue');
    const scheme = store.selectSignal(readerFeature.selectScheme)();
    expect([scheme[3], scheme[5]]).toEqual(['blue', 'yellow']);
    expect([...scheme].sort()).toEqual([...COLOURS].sort());
  });
});
