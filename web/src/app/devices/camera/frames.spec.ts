import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { middleSquare, type Outline, type Photo } from '@sleetcrest/core/insight/pictures';
import { openStore } from '../../app.spec-support';
import { pictureOfFile, urlOf } from './frames';
import { OutlineHandles } from '../../views/bench/photos/outline-handles';

function plain(width: number, height: number, ink: readonly number[]): Photo {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let k = 0; k < data.length; k += 4) data.set([...ink, 255], k);
  return { width, height, data };
}

async function asFile(picture: Photo): Promise<File> {
  const url = await urlOf(picture);
  const blob = await (await fetch(url)).blob();
  URL.revokeObjectURL(url);
  return new File([blob], 'side.png', { type: 'image/png' });
}

describe('the pixels of a photograph', () => {
  it('come from a file as they are', async () => {
    const read = await pictureOfFile(await asFile(plain(40, 30, [200, 30, 60])));
    expect([read.width, read.height]).toEqual([40, 30]);
    expect([...read.data.slice(0, 4)]).toEqual([200, 30, 60, 255]);
  });

  it('are made fewer where there are many, in proportion', async () => {
    const read = await pictureOfFile(await asFile(plain(1920, 1080, [10, 200, 90])));
    expect([read.width, read.height]).toEqual([480, 270]);
    const [red, green, blue] = [...read.data.slice(0, 3)];
    expect(green).toBeGreaterThan(Math.max(red!, blue!));
  });

  it('are refused where the file is no picture', async () => {
    const file = new File(['six sides'], 'notes.txt', { type: 'text/plain' });
    await expectAsync(pictureOfFile(file)).toBeRejected();
  });
});

describe('the corners that show where a side lies', () => {
  let fixture: ComponentFixture<OutlineHandles>;
  let outlines: Outline[];

  beforeEach(async () => {
    openStore();
    fixture = TestBed.createComponent(OutlineHandles);
    fixture.componentRef.setInput('width', 100);
    fixture.componentRef.setInput('height', 100);
    fixture.componentRef.setInput('outline', middleSquare(100, 100, 0.8));
    outlines = [];
    fixture.componentInstance.outlined.subscribe((outline) => outlines.push(outline));
    const host = fixture.nativeElement as HTMLElement;
    Object.assign(host.style, {
      position: 'fixed',
      inset: '0 auto auto 0',
      width: '200px',
      height: '200px',
    });
    await fixture.whenStable();
  });

  const corner = (index: number): SVGCircleElement =>
    (fixture.nativeElement as Element).querySelectorAll('circle')[index]!;

  it('follow the pointer from where they are taken, and stay inside the picture', () => {
    const svg = (fixture.nativeElement as Element).querySelector('svg')!;
    corner(2).setPointerCapture = () => undefined;
    const at = (type: string, x: number, y: number): PointerEvent =>
      new PointerEvent(type, { clientX: x, clientY: y, bubbles: true });
    svg.dispatchEvent(at('pointermove', 50, 50));
    expect(outlines).toEqual([]);
    corner(2).dispatchEvent(at('pointerdown', 180, 180));
    svg.dispatchEvent(at('pointermove', 150, 500));
    expect(outlines.at(-1)![2]).toEqual([75, 100]);
    corner(2).dispatchEvent(at('pointerup', 150, 500));
    svg.dispatchEvent(at('pointermove', 20, 20));
    expect(outlines.length).toBe(1);
  });

  it('go by arrow keys, further with Shift, and say where they are', () => {
    const press = (key: string, shiftKey = false): void =>
      void corner(0).dispatchEvent(new KeyboardEvent('keydown', { key, shiftKey, bubbles: true }));
    press('ArrowRight');
    expect(outlines.at(-1)![0]).toEqual([11, 10]);
    press('ArrowDown', true);
    expect(outlines.at(-1)![0]).toEqual([10, 15]);
    press('x');
    expect(outlines.length).toBe(2);
    expect(corner(0).getAttribute('aria-valuetext')).toBe('10, 10');
  });
});
