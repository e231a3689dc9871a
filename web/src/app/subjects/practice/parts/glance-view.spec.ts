import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { gaze, glancePlan, type Sight } from '@sleetcrest/core/insight/glance';
import { type Approach, approachById } from '@sleetcrest/core/teaching/approaches';
import { openStore, until } from '../../../app.spec-support';
import { LearningWork } from '../work/learning-work';
import { GlanceView } from './glance-view';

describe('what to look at first', () => {
  let fixture: ComponentFixture<GlanceView>;
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const press = async (name: RegExp): Promise<void> => {
    [...host().querySelectorAll<HTMLElement>('button, label')]
      .find((one) => name.test(one.textContent))!
      .click();
    await fixture.whenStable();
  };

  beforeEach(async () => {
    openStore({
      provide: LearningWork,
      useValue: {
        glance: async (approach: Approach, sight: Sight) => glancePlan(gaze(approach), sight),
      },
    });
    fixture = TestBed.createComponent(GlanceView);
    fixture.componentRef.setInput('approach', approachById('ycross-two'));
    fixture.componentRef.setInput('case', 'ycross-two/bar');
    await fixture.whenStable();
    await until(() => host().querySelector('ol') !== null);
    await fixture.whenStable();
  });

  it('is numbered on the picture for the case, with what each answer leaves', () => {
    expect(host().querySelector('.end')!.textContent).toContain(
      'Two yellow edges up, across: the bar',
    );
    const numbers = [...host().querySelectorAll('text.number')].map(({ textContent }) =>
      textContent.trim(),
    );
    expect(numbers.sort()).toEqual(['1', '2', '3']);
    expect(host().textContent).toContain('no plan needs fewer');
    expect(host().textContent).toContain('leaves “Two yellow edges up, across: the bar”');
  });

  it('is gone through by answering, to any case', async () => {
    await press(/Start again/);
    expect(host().querySelector('.end')).toBeNull();
    for (let looks = 0; host().querySelector('.end') === null; looks++) {
      expect(looks).toBeLessThan(3);
      await press(/^\s*not yellow/);
    }
    expect(host().querySelector('.end')!.textContent).toContain('No yellow edge up: the dot');
    await press(/Other/);
    expect(host().querySelector('.end')).toBeNull();
  });

  it('says when what is in sight does not tell', async () => {
    fixture.componentRef.setInput('approach', approachById('edges-match'));
    fixture.componentRef.setInput('case', undefined);
    await fixture.whenStable();
    await until(() => /it cannot be told so/.test(host().textContent));
    await press(/Also back, left and below/);
    await until(() => /4 at most/.test(host().textContent));
    expect(host().textContent).not.toContain('it cannot be told so');
  });
});
