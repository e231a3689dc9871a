import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { provideRouter, Router } from '@angular/router';
import { GUEST, openStore, until } from '../../app.spec-support';
import { LearningWork } from '../../subjects/practice/work';
import { readerFeature } from '../../subjects/settings';
import { Learn } from './learn';
import { FakeLearningWork } from './learn.spec-support';

describe('the path', () => {
  let store: ReturnType<typeof openStore>['store'];
  let fixture: ComponentFixture<Learn>;
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');
  const click = async (name: RegExp): Promise<void> => {
    [...host().querySelectorAll<HTMLElement>('button')]
      .find((one) => name.test(one.getAttribute('aria-label') ?? one.textContent))!
      .click();
    await fixture.whenStable();
  };

  beforeEach(async () => {
    await TestBed.configureTestingModule({ imports: [Learn] }).compileComponents();
    ({ store } = openStore(
      { provide: LearningWork, useClass: FakeLearningWork },
      provideRouter([]),
    ));
    store.dispatch(GUEST);
    fixture = TestBed.createComponent(Learn);
    await fixture.whenStable();
    await until(() => host().querySelector('.cases') !== null);
    await fixture.whenStable();
  });

  it('goes from first things through the stages to whole solves', async () => {
    const rises = [...host().querySelectorAll<HTMLElement>('sc-ridge button')];
    expect(rises.at(0)!.textContent).toContain('First things');
    expect(rises.at(-1)!.textContent).toContain('Whole solves');
    const router = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    rises.at(0)!.click();
    rises.at(-1)!.click();
    expect(router.calls.allArgs()).toEqual([[['/first']], [['/timing']]]);
    rises.at(-2)!.click();
    await fixture.whenStable();
    expect(host().querySelector('h2')!.textContent).toContain(
      rises.at(-2)!.querySelector('.title')!.textContent,
    );
  });

  it('says what is to be done today and why, for as long as one sets', async () => {
    await until(() => /Nothing to repeat yet/.test(text()));
    expect(text()).toMatch(/One new thing: In the middle, white/);
    const minutes = host().querySelector<HTMLInputElement>('input[type=number]')!;
    for (const [written, taken] of [
      ['900', 60],
      ['', 60],
      ['-5', 2],
    ] as const) {
      minutes.value = written;
      minutes.dispatchEvent(new Event('change'));
      await fixture.whenStable();
      expect(minutes.valueAsNumber).toBe(taken);
      expect(store.selectSignal(readerFeature.selectReaderState)().learning.minutes).toBe(taken);
    }
  });

  it('says how far one comes with the first cases of a stage, more with each', () => {
    const bars = [...host().querySelectorAll<HTMLElement>('.curve i')];
    const heights = bars.map(({ style }) => parseFloat(style.height));
    expect(heights.length).toBeGreaterThan(1);
    expect(heights).toEqual([...heights].sort((a, b) => a - b));
    expect(heights.at(-1)).toBeCloseTo(100, 6);
    expect(text()).toMatch(
      /With (the first (\d+ )?of|all) \d+ you can finish (\d of \d+ cubes|every cube) directly/,
    );
  });

  it('leaves a case out, remembers that it was, and takes it up again', async () => {
    const skipped = (): readonly string[] =>
      store.selectSignal(readerFeature.selectReaderState)().learning.skipped;
    await click(/^Skip/);
    expect(skipped()).toHaveSize(1);
    expect(host().querySelector('.cases .skipped')!.textContent).toContain('skipped');
    await click(/^Learn it after all/);
    expect(skipped()).toEqual([]);
    expect(host().querySelector('.cases .skipped')).toBeNull();
  });
});
