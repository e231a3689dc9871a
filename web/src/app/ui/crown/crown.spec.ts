import type { ComponentFixture } from '@angular/core/testing';
import { TestBed } from '@angular/core/testing';
import { type Colour, CROWN_SHAPES } from '@sleetcrest/core';
import { Crown, type Stroke } from './crown';
import { neighbour, nextToPaint, READING_ORDER, stickerPlace } from './geometry';

describe('the crown’s drawing', () => {
  it('has 54 stickers, no two in the same place', () => {
    const middles = CROWN_SHAPES.map(({ middle }) => `${middle.x},${middle.y}`);
    expect(new Set(middles).size).toBe(54);
  });

  it('lets the arrow keys reach every sticker from the first', () => {
    const reached = new Set([0]);
    for (const sticker of reached) {
      for (const key of ['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight']) {
        reached.add(neighbour(sticker, key));
      }
    }
    expect(reached.size).toBe(54);
  });

  it('puts the top row of each side next to the upper side', () => {
    // Sticker 1 is at the back of the top, 7 at the front, 3 left and 5 right.
    expect(neighbour(7, 'ArrowDown')).toBe(2 * 9 + 1);
    expect(neighbour(1, 'ArrowUp')).toBe(5 * 9 + 1);
    expect(neighbour(3, 'ArrowLeft')).toBe(4 * 9 + 1);
    expect(neighbour(5, 'ArrowRight')).toBe(1 * 9 + 1);
  });

  it('is read once over, without centres, ending where it began', () => {
    expect(new Set(READING_ORDER).size).toBe(48);
    expect(READING_ORDER.some((sticker) => sticker % 9 === 4)).toBeFalse();
    let sticker = READING_ORDER[0]!;
    for (let k = 0; k < 48; k++) sticker = nextToPaint(sticker);
    expect(sticker).toBe(READING_ORDER[0]!);
  });

  it('names each sticker’s place differently', () => {
    expect(new Set(CROWN_SHAPES.map((_, sticker) => stickerPlace(sticker))).size).toBe(54);
  });
});

describe('the crown', () => {
  let fixture: ComponentFixture<Crown>;
  let strokes: Stroke[];
  const blank: (Colour | null)[] = Array.from({ length: 54 }, (_, k) => (k < 9 ? 'red' : null));

  async function show(inputs: Record<string, unknown>): Promise<void> {
    fixture = TestBed.createComponent(Crown);
    fixture.componentRef.setInput('stickers', blank);
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    strokes = [];
    fixture.componentInstance.painted.subscribe((stroke) => strokes.push(stroke));
    document.body.append(fixture.nativeElement as Node);
    await fixture.whenStable();
  }

  afterEach(() => (fixture.nativeElement as Element).remove());

  const sticker = (number: number): SVGPolygonElement =>
    (fixture.nativeElement as Element).querySelector(`[data-sticker="${number}"]`)!;
  const press = (number: number, key: string): boolean =>
    sticker(number).dispatchEvent(
      new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }),
    );
  function pointer(type: string, number: number): void {
    const { left, top, width, height } = sticker(number).getBoundingClientRect();
    const at = { clientX: left + width / 2, clientY: top + height / 2 };
    sticker(number).dispatchEvent(new PointerEvent(type, { ...at, bubbles: true, button: 0 }));
  }

  it('is one picture with a name when it is only looked at', async () => {
    await show({ label: 'As held' });
    const svg = (fixture.nativeElement as Element).querySelector('svg')!;
    expect([svg.getAttribute('role'), svg.getAttribute('aria-label')]).toEqual(['img', 'As held']);
    expect((fixture.nativeElement as Element).querySelector('[tabindex]')).toBeNull();
  });

  it('paints the sticker touched, and those swept over in one go', async () => {
    await show({ paintable: true });
    pointer('pointerdown', 0);
    pointer('pointermove', 0);
    pointer('pointermove', 1);
    pointer('pointermove', 2);
    pointer('pointerup', 2);
    pointer('pointermove', 3);
    expect(strokes.map(({ sticker: at, continues }) => [at, continues])).toEqual([
      [0, false],
      [1, true],
      [2, true],
    ]);
  });

  it('never paints a centre', async () => {
    await show({ paintable: true });
    pointer('pointerdown', 4);
    press(4, 'r');
    expect(strokes).toEqual([]);
  });

  it('paints by digit and by letter, goes on, and rubs out', async () => {
    await show({ paintable: true });
    press(0, '3');
    expect(document.activeElement).toBe(sticker(1));
    press(1, 'o');
    press(2, '0');
    press(3, 'Enter');
    expect(strokes.map(({ colour }) => colour)).toEqual(['green', 'orange', null, undefined]);
  });

  it('leaves keys that mean nothing to it to others', async () => {
    await show({ paintable: true });
    expect(press(0, '?')).toBeTrue();
    expect(press(0, '1')).toBeFalse();
  });

  it('says each sticker in words, shows letters when asked, and marks what is wrong', async () => {
    await show({ paintable: true, letters: true, marked: new Set([3]) });
    expect(sticker(3).getAttribute('aria-label')).toBe('top, row 2, column 1: red');
    expect(sticker(9).getAttribute('aria-label')).toContain('not painted');
    const host = fixture.nativeElement as Element;
    expect(host.querySelectorAll('.letter').length).toBe(9);
    expect(host.querySelectorAll('.mark:not(.under)').length).toBe(1);
  });
});
