import { TestBed } from '@angular/core/testing';
import { DEFAULT_METHOD, paintedFromCube, STANDARD_SCHEME, UP } from '@sleetcrest/core';
import { openStore, until } from '../../../app.spec-support';
import { learnDeeds } from '../../../subjects/practice/work/learn-deeds';
import { LearningWork } from '../../../subjects/practice/work';
import type { StepFrame } from '../../../subjects/walk';
import { layOut } from '../../../subjects/walk/timeline';
import { aWalk } from '../../../subjects/walk/walk.spec-support';
import { FirstLooks } from './first-looks';

describe('what to look at first on a step of a walk', () => {
  const { frames } = layOut(aWalk(5));
  const lastLayer = frames.filter(({ step }) => step.approach.startsWith('edges-match'));
  let fail = false;
  let told: (readonly number[])[];

  async function draw(frame: StepFrame) {
    told = [];
    openStore({
      provide: LearningWork,
      useValue: {
        apart: async (...given: Parameters<typeof learnDeeds.apart>) => {
          if (fail) throw new Error('The worker did not begin.');
          return Promise.resolve(learnDeeds.apart(...given));
        },
      },
    });
    const fixture = TestBed.createComponent(FirstLooks);
    for (const [name, value] of Object.entries({
      frame,
      method: DEFAULT_METHOD,
      scheme: STANDARD_SCHEME,
      first: UP,
    })) {
      fixture.componentRef.setInput(name, value);
    }
    fixture.componentInstance.told.subscribe((stickers) => told.push(stickers));
    await fixture.whenStable();
    return fixture;
  }

  it('is as many stickers of the cube as are said, none twice, and each is true of the cube', async () => {
    expect(lastLayer.length).toBeGreaterThan(0);
    for (const frame of lastLayer) {
      TestBed.resetTestingModule();
      const fixture = await draw(frame);
      const host = fixture.nativeElement as HTMLElement;
      await until(() => host.querySelector('li') !== null);
      const says = [...host.querySelectorAll('li')].map(({ textContent }) => textContent);
      const stickers = told.at(-1)!;
      expect(stickers.length).toBe(says.length);
      expect(new Set(stickers).size).toBe(stickers.length);
      const painted = paintedFromCube(frame.cube);
      says.forEach((line, k) => {
        const colour = STANDARD_SCHEME[painted[stickers[k]!]!]!;
        expect(line).toMatch(new RegExp(`: (${colour}\\.|not )`));
        expect(line).not.toContain(`not ${colour}`);
      });
    }
  });

  it('says so where it cannot be worked out, and tries again', async () => {
    fail = true;
    const fixture = await draw(lastLayer[0]!);
    const host = fixture.nativeElement as HTMLElement;
    await until(() => host.querySelector('[role=alert]') !== null);
    expect(host.textContent).toContain('Try again');
    fail = false;
    host.querySelector('button')!.click();
    await until(() => host.querySelector('li') !== null);
    expect(host.querySelector('[role=alert]')).toBeNull();
  });
});
