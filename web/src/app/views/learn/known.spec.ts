import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { GUEST, openStore, until } from '../../app.spec-support';
import { LearningWork } from '../../subjects/practice/work';
import { Known } from './known';
import { FakeLearningWork } from './learn.spec-support';
import { Learning } from './learning';

describe('what one knows', () => {
  let fixture: ComponentFixture<Known>;
  let learning: Learning;
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');

  beforeEach(async () => {
    const { store } = openStore(
      { provide: LearningWork, useClass: FakeLearningWork },
      provideRouter([]),
    );
    store.dispatch(GUEST);
    learning = TestBed.inject(Learning);
    await until(() => learning.cases().length > 0);
  });

  // Answers of guests stay in the browser, which all specs share.
  afterEach(() => learning.book.ask((practice) => practice.forget()));

  async function open(): Promise<void> {
    fixture = TestBed.createComponent(Known);
    await fixture.whenStable();
    await until(() => host().querySelector('.charts') !== null);
    await fixture.whenStable();
  }

  it('says what is missing where nothing was practised', async () => {
    await open();
    expect(text()).toContain('0 answers in all');
    expect(text()).toContain('Nothing practised yet');
    expect(text()).toContain('You have not mixed up any cases');
    expect(text()).toContain('After 400 answers');
  });

  it('has each answer in its tables: what is recalled, what was taken for what, what comes due', async () => {
    const [one, other] = learning.cases();
    const given = { seconds: 3, turns: 0, by: 'keys' } as const;
    await learning.answer({ kind: 'see', item: one!.case }, { ...given, right: true, answer: '' });
    await learning.answer(
      { kind: 'see', item: other!.case },
      { ...given, right: false, answer: one!.case },
    );
    await open();
    await until(() => text().includes('2 answers in all'));
    const rows = (title: string): string[] => {
      const frame = [...host().querySelectorAll('sc-chart-frame')].find((chart) =>
        chart.textContent.includes(title),
      )!;
      return [...frame.querySelectorAll('tbody tr')].map((row) =>
        [...row.querySelectorAll('td, th')].map((cell) => cell.textContent.trim()).join(' | '),
      );
    };
    const lines = (selector: string): string[] =>
      [...host().querySelectorAll(`${selector} li`)].map((line) =>
        line.textContent.replace(/\s+/g, ' ').trim(),
      );
    await until(() => lines('sc-recall-list').length === 2);
    // The least likely first, each beside its picture.
    expect(lines('sc-recall-list')[1]).toBe(`${one!.title}100 %never asked`);
    expect(lines('sc-mixed-up')[0]).toContain(
      `${other!.title} taken for ${one!.title} once, last on`,
    );
    await until(() => host().querySelectorAll('sc-recall-list img, sc-mixed-up img').length === 4);
    const due = rows('To repeat in the next two weeks').map((row) => Number(row.split(' | ')[1]));
    expect(due.length).toBe(14);
    expect(due[0]).toBe(1);
    expect(due.reduce((sum, count) => sum + count, 0)).toBeGreaterThanOrEqual(1);
  });
});
