import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { COLOURS, findProblems, STANDARD_SCHEME } from '@sleetcrest/core';
import { openStore, until } from '../../../app.spec-support';
import { DEFAULT_READER } from '../../../subjects/settings/reader';
import { photoDeeds } from './photo-deeds';
import { PhotoEntry } from './photo-entry';
import { PhotoReader } from './photo-reader';

describe('entering a cube by photographs', () => {
  let fixture: ComponentFixture<PhotoEntry>;
  let entered: number[][];
  const reader = {
    read: (...args: Parameters<typeof photoDeeds.read>) =>
      Promise.resolve(photoDeeds.read(...args)),
    simulate: (...args: Parameters<typeof photoDeeds.simulate>) =>
      Promise.resolve(photoDeeds.simulate(...args)),
  };

  beforeEach(async () => {
    openStore({ provide: PhotoReader, useValue: reader });
    fixture = TestBed.createComponent(PhotoEntry);
    fixture.componentRef.setInput('scheme', COLOURS);
    fixture.componentRef.setInput('swatches', DEFAULT_READER.swatches);
    entered = [];
    fixture.componentInstance.entered.subscribe((painted) => entered.push(painted));
    await fixture.whenStable();
  });

  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const shown = (name: string): HTMLButtonElement | undefined =>
    [...host().querySelectorAll('button')].find((one) => one.textContent.includes(name));
  const button = (name: string): HTMLButtonElement => shown(name)!;
  async function click(name: string): Promise<void> {
    button(name).click();
    await fixture.whenStable();
  }
  async function photographed(): Promise<void> {
    await click('Simulated camera');
    await until(() => shown('Read the pictures')?.disabled === false);
    await click('Read the pictures');
    await until(() => host().querySelector('.result') !== null);
    await fixture.whenStable();
  }

  it('reads six pictures, and gives a whole cube when all of it is sure', async () => {
    await photographed();
    expect(host().textContent).toContain('All 54 stickers are sure.');
    await click('Put it on the picture');
    expect(findProblems(Int8Array.from(entered[0]!), STANDARD_SCHEME)).toEqual([]);
  });

  it('accepts nothing while a sticker in the glare is not confirmed', async () => {
    host().querySelector<HTMLElement>('mat-slide-toggle button')!.click();
    await photographed();
    const questions = host().querySelectorAll('.question').length;
    expect(questions).toBe(1);
    expect(button('Put it').disabled).toBeTrue();
    host().querySelector<HTMLElement>('.ink.likely')!.click();
    await fixture.whenStable();
    expect(host().querySelectorAll('.question').length).toBe(0);
    await click('Put it on the picture');
    expect(entered.length).toBe(1);
  });

  it('reads anew when a side is shown elsewhere in its picture, and asks for one taken away', async () => {
    await photographed();
    await click('Back to the pictures');
    await click('fit');
    const corner = host().querySelector<SVGElement>('sc-outline-handles circle')!;
    const before = corner.getAttribute('cx');
    corner.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }));
    await fixture.whenStable();
    expect(host().querySelector('sc-outline-handles circle')!.getAttribute('cx')).not.toBe(before);
    expect(button('Read the pictures')).toBeDefined();
    host().querySelector<HTMLElement>('[aria-label="Remove the picture of the red side"]')!.click();
    await fixture.whenStable();
    expect(button('Read the pictures')).toBeUndefined();
    expect(host().querySelector('.next')!.textContent).toContain('white at the top');
  });
});
