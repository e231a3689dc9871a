import { TestBed } from '@angular/core/testing';
import { STANDARD_SCHEME, SWATCHES, UP } from '@sleetcrest/core';
import { patternPicture, pictureHold } from '@sleetcrest/core/shown/cases';
import { openStore } from '../../../app.spec-support';
import { pngOf } from '../../../ui/pictures/png';
import { SettingsPage } from '../reader.feature';
import { Picture } from './picture';
import { Tiles } from './tiles';

const cells = patternPicture(
  { 'UF.U': 'opposite', 'UB.U': '!opposite' },
  pictureHold({ up: 'opposite' }, UP),
  UP,
  STANDARD_SCHEME,
);

describe('a case’s picture', () => {
  it('is one picture with a name, in the colours and with the letters this person reads', async () => {
    const { store } = openStore();
    const fixture = TestBed.createComponent(Picture);
    fixture.componentRef.setInput('cells', cells);
    fixture.componentRef.setInput('label', 'Two opposite');
    await fixture.whenStable();
    const host = fixture.nativeElement as HTMLElement;
    const image = host.querySelector('[role=img]')!;
    expect(image.getAttribute('aria-label')).toBe('Two opposite');
    const letters = (): number => host.querySelectorAll('text').length;
    const before = letters();
    store.dispatch(
      SettingsPage.settingChanged({
        change: { letters: true, swatches: { ...SWATCHES, yellow: '#abcdef' } },
      }),
    );
    await fixture.whenStable();
    expect(letters()).toBeGreaterThan(before);
    expect(image.innerHTML).toContain('#abcdef');
  });

  it('becomes a PNG file', async () => {
    const svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 4 4" width="4" height="4"/>';
    const png = await pngOf(svg);
    expect(png.type).toBe('image/png');
    expect([...new Uint8Array(await png.slice(1, 4).arrayBuffer())]).toEqual([80, 78, 71]);
  });
});

describe('a row of turns', () => {
  it('is read as its turns and written in the reader’s dialect', async () => {
    const { store } = openStore();
    const fixture = TestBed.createComponent(Tiles);
    fixture.componentRef.setInput('turns', "R U2 F'");
    await fixture.whenStable();
    const host = fixture.nativeElement as HTMLElement;
    const names = (): string[] =>
      [...host.querySelectorAll('.name')].map((name) => name.textContent);
    expect(names()).toEqual(['R', 'U2', "F'"]);
    store.dispatch(SettingsPage.settingChanged({ change: { dialect: 'inverse' } }));
    await fixture.whenStable();
    expect(names()).toEqual(['R', 'U2', 'Fi']);
    expect(host.querySelector('[role=img]')!.getAttribute('aria-label')).toBe("R U2 F'");
  });
});
