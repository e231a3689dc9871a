import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { type Standing, STANDINGS, STANDING_WORDS } from '@sleetcrest/core/learner/standing';
import { RISE, risePath } from '../../../ui/standing/rises';
import { StandingRise } from '../../../ui/standing/standing-rise';
import { aMatrix } from '../table.spec-support';
import { RowRidge, type Span } from './row-ridge';

/** The points of an outline. */
const pointsOf = (path: string): [x: number, y: number][] =>
  [...path.matchAll(/([\d.]+) ([\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)]);

describe('a rise', () => {
  it('is another shape for each standing, within its box wherever it is drawn', () => {
    const shapes = STANDINGS.map((standing) => risePath(standing));
    expect(new Set(shapes).size).toBe(STANDINGS.length);
    for (const standing of STANDINGS) {
      for (const left of [0, 7, 400]) {
        for (const [x, y] of pointsOf(risePath(standing, left))) {
          expect(x >= left && x <= left + RISE.width && y >= 0 && y <= RISE.height)
            .withContext(`${standing} at ${left}: ${x} ${y}`)
            .toBeTrue();
        }
      }
    }
  });

  it('is ground where nothing is begun, and highest where something is sure or was', () => {
    const top = (standing: Standing): number =>
      RISE.height - Math.min(...pointsOf(risePath(standing)).map(([, y]) => y));
    expect(top('new')).toBeLessThan(top('begun'));
    expect(top('begun')).toBeLessThan(top('known'));
    expect(top('known')).toBeLessThan(top('sure'));
    expect(top('slipping')).toBe(top('sure'));
  });

  it('stands in a line of text by itself', () => {
    const fixture = TestBed.createComponent(StandingRise);
    for (const standing of STANDINGS) {
      fixture.componentRef.setInput('standing', standing);
      fixture.detectChanges();
      const path = (fixture.nativeElement as HTMLElement).querySelector('path')!;
      expect(path.getAttribute('d')).toBe(risePath(standing));
      expect(path.classList).toContain(standing);
    }
  });
});

describe('the ridge of a learner', () => {
  let fixture: ComponentFixture<RowRidge>;
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const cells = (): HTMLElement[] => [...host().querySelectorAll<HTMLElement>('[role=cell]')];

  /** Stages of so many cases, each so many pixels wide. */
  function drawn(widths: readonly [cases: number, width: number][], standings: Standing[]): void {
    let from = 0;
    const spans: Span[] = widths.map(([count, width], k) => {
      const columns = Array.from({ length: count }, (_, at) => from + at);
      from += count;
      return { stage: 'daisy', title: `Stage ${k}`, columns, width };
    });
    const matrix = aMatrix(from, { Teo: standings });
    fixture = TestBed.createComponent(RowRidge);
    fixture.componentRef.setInput('row', matrix.rows[0]!);
    fixture.componentRef.setInput('columns', matrix.columns);
    fixture.componentRef.setInput('spans', spans);
    document.body.append(host());
    fixture.detectChanges();
  }
  afterEach(() => fixture.destroy());

  it('has a rise of the right shape in the middle of each cell, however wide the stages are', () => {
    const standings = [...STANDINGS, 'sure', 'new', 'known'] as Standing[];
    drawn(
      [
        [1, 62],
        [5, 158],
        [2, 44],
      ],
      standings,
    );
    const left = host().getBoundingClientRect().left;
    const paths = new Map(
      STANDINGS.map((standing) => [
        standing,
        host().querySelector(`path.${standing}`)!.getAttribute('d')!,
      ]),
    );
    expect(cells().length).toBe(8);
    for (const [k, cell] of cells().entries()) {
      const box = cell.getBoundingClientRect();
      const middle = box.left - left + box.width / 2;
      const at = Math.round(middle - RISE.width / 2);
      const near = [at - 1, at, at + 1].map((x) => risePath(standings[k]!, x));
      expect(near.some((path) => paths.get(standings[k]!)!.includes(path)))
        .withContext(`${k}: ${standings[k]!} about ${at}`)
        .toBeTrue();
    }
    const count = [...paths.values()].join('').split('M').length - 1;
    expect(count).toBe(8);
  });

  it('is one drawing for each standing, however many cases there are', () => {
    drawn([[60, 60 * 17]], ['sure', 'known']);
    expect(host().querySelectorAll('path').length).toBe(STANDINGS.length);
    expect(cells().length).toBe(60);
  });

  it('says in words what each cell shows, and marks the one that is looked at', () => {
    drawn([[5, 120]], [...STANDINGS]);
    expect(cells().map((cell) => cell.getAttribute('aria-label'))).toEqual(
      STANDINGS.map((standing, k) => `Case ${k}: ${STANDING_WORDS[standing]}`),
    );
    const here = (): number[] =>
      cells().flatMap((cell, k) => (cell.classList.contains('here') ? [k] : []));
    expect(here()).toEqual([]);
    fixture.componentRef.setInput('looked', 3);
    fixture.detectChanges();
    expect(here()).toEqual([3]);
  });
});
