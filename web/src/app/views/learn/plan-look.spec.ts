import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { GUEST, openStore, press, until } from '../../app.spec-support';
import { LearningWork } from '../../subjects/practice/work';
import { FakeLearningWork } from './learn.spec-support';
import { PlanLook } from './plan-look';

describe('planning the first steps', () => {
  let fixture: ComponentFixture<PlanLook>;
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');
  const click = async (name: RegExp): Promise<void> => {
    [...host().querySelectorAll<HTMLElement>('button, label')]
      .find((one) => name.test(one.textContent))!
      .click();
    await fixture.whenStable();
  };

  beforeEach(async () => {
    const { store } = openStore(
      { provide: LearningWork, useClass: FakeLearningWork },
      provideRouter([]),
    );
    store.dispatch(GUEST);
    fixture = TestBed.createComponent(PlanLook);
    await fixture.whenStable();
  });

  it('gives fifteen seconds or as many as one likes', async () => {
    expect(text()).toContain('15 seconds to look');
    await click(/As long as I like/);
    expect(text()).toContain('looking for 0 seconds');
  });

  it('takes turns by letters, and one back', async () => {
    press('r');
    press('U', { shiftKey: true });
    await fixture.whenStable();
    expect(host().querySelectorAll('.told sc-turn-tile').length).toBe(2);
    await click(/Take one back/);
    expect(host().querySelectorAll('.told sc-turn-tile').length).toBe(1);
  });

  it('says how far the turns get, the fewest, and which first colour had been easiest', async () => {
    await click(/The daisy/);
    press('f');
    await click(/That is my plan/);
    await until(() => text().includes('The fewest there are'));
    expect(text()).toMatch(/It gets \d of 4 edges in the daisy|It gets there/);
    expect(text()).toMatch(/told 1 turn\. The fewest there are: \d turns?\./);
    const colours = [...host().querySelectorAll<HTMLElement>('.colours li')];
    const turns = colours.map(({ textContent }) => Number(/: (\d+)/.exec(textContent)![1]));
    expect(turns.length).toBe(6);
    expect(colours.map(({ classList }) => classList.contains('least'))).toEqual(
      turns.map((count) => count === Math.min(...turns)),
    );
    expect(host().querySelectorAll('.colours .own').length).toBe(1);
    await click(/Another cube/);
    expect(text()).toContain('No turn told yet');
  });
});
