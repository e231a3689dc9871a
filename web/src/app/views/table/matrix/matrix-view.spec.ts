import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Matrix } from '@sleetcrest/contract/table';
import { openStore, until } from '../../../app.spec-support';
import { TableApi } from '../../../subjects/group';
import { aGroup, aMatrix, groupsOf, manyLearners } from '../table.spec-support';
import { inOrder } from './matrix-order';
import { MatrixView } from './matrix-view';

describe('the order of a matrix', () => {
  const matrix = aMatrix(4, {
    Odd: ['sure'],
    Pia: ['begun', 'new'],
    Teo: ['sure', 'slipping'],
    Una: ['new'],
  });
  const names = (order: Parameters<typeof inOrder>[1]): string =>
    inOrder(matrix, order)
      .map(({ name }) => name)
      .join(' ');

  it('is who needs somebody most, by name, who was not seen longest, or how a stage stands', () => {
    expect(names('need')).toBe('Teo Pia Una Odd');
    expect(names('name')).toBe('Odd Pia Teo Una');
    expect(names('seen')).toBe('Odd Pia Teo Una');
    expect(names('stage corners')).toBe('Pia Una Odd Teo');
  });
});

describe('the matrix', () => {
  let fixture: ComponentFixture<MatrixView>;
  let matrix: Matrix;
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');

  async function open(given: Matrix): Promise<void> {
    matrix = given;
    const group = aGroup(...given.rows.map(({ name }) => name));
    openStore(groupsOf(group), { provide: TableApi, useValue: { matrix: async () => matrix } });
    fixture = TestBed.createComponent(MatrixView);
    document.body.append(host());
    await until(() => {
      fixture.detectChanges();
      return (
        host().querySelector('.table .row:not(.head)') !== null || text().includes('no learners')
      );
    });
  }
  afterEach(() => {
    fixture.destroy();
    host().remove();
  });

  it('is a table to a screen reader: everybody a row, every case a cell with its words', async () => {
    await open(aMatrix(6, { Amalie: ['sure', 'known', 'slipping'], Teo: ['new'] }));
    const table = host().querySelector('[role="table"]')!;
    expect(table.getAttribute('aria-rowcount')).toBe('4');
    const amalie = [...table.querySelectorAll('.row')].find((row) =>
      row.textContent.includes('Amalie'),
    )!;
    const cells = [...amalie.querySelectorAll('[data-column]')].map((cell) =>
      cell.getAttribute('aria-label'),
    );
    expect(cells.slice(0, 3)).toEqual(['Case 0: sure', 'Case 1: known', 'Case 2: slipping']);
    expect(amalie.querySelector('[role="rowheader"]')).not.toBeNull();
  });

  it('shows what a standing rests on, one press away', async () => {
    await open(aMatrix(6, { Amalie: ['sure', 'slipping'], Teo: ['new'] }));
    const cell = host().querySelectorAll<HTMLElement>('[data-column="1"]')[0]!;
    cell.click();
    fixture.detectChanges();
    const aside = host().querySelector('sc-rests-on')!.textContent.replace(/\s+/g, ' ');
    expect(aside).toContain('Case 1');
    expect(aside).toContain('3 answers, right on 2 days, last on 4 Oct 2024');
    expect(aside).toContain('finished 2 times on the clock');
  });

  it('goes along a row by arrows', async () => {
    await open(aMatrix(6, { Amalie: ['sure', 'slipping'] }));
    const row = host().querySelector<HTMLElement>('.body .row')!;
    for (const key of ['ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowLeft']) {
      row.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    }
    fixture.detectChanges();
    expect(host().querySelector('sc-rests-on h3')!.textContent).toContain('Case 1');
  });

  it('draws only what is in sight of two hundred learners and sixty cases', async () => {
    await open(aMatrix(60, manyLearners(200)));
    const rows = host().querySelectorAll('.body .row').length;
    expect(rows).toBeGreaterThan(5);
    expect(rows).toBeLessThan(70);
    const body = host().querySelector('.body')!;
    body.scrollTop = 150 * 34;
    body.dispatchEvent(new Event('scroll'));
    await until(() => {
      fixture.detectChanges();
      return host().querySelector('.body [aria-rowindex="152"]') !== null;
    });
  });

  it('says what to do where nobody belongs yet', async () => {
    await open(aMatrix(6, {}));
    expect(text()).toContain('This group has no learners yet.');
  });
});
