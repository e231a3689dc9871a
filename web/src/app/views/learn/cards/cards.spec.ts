import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Type } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  type Cube,
  FRONT,
  methodById,
  paintedFromCube,
  readMoves,
  RIGHT,
  solvedCube,
  STANDARD_SCHEME,
  stickersSeen,
  turnOf,
  UP,
} from '@sleetcrest/core';
import { cubesOf } from '@sleetcrest/core/insight/slips';
import { approachById } from '@sleetcrest/core/teaching/approaches';
import { GUEST, openStore, until } from '../../../app.spec-support';
import { learnDeeds } from '../../../subjects/practice/work/learn-deeds';
import { LearningWork, type SetUpShown } from '../../../subjects/practice/work';
import { SettingsPage } from '../../../subjects/settings';
import { SimulatedCube } from '../../../devices/cube/simulated-cube';
import { FakeLearningWork } from '../learn.spec-support';
import type { Answered } from '../learning';
import { BothCard } from './both-card';
import { ReadCard } from './read-card';
import { SeeCard } from './see-card';
import { TurnCard } from './turn-card';

describe('the cards of practice', () => {
  let given: Answered[];
  let host: HTMLElement;

  async function draw<
    T extends { answered: { subscribe(hear: (one: Answered) => void): unknown } },
  >(type: Type<T>, inputs: Record<string, unknown>): Promise<ComponentFixture<T>> {
    const { store } = openStore({ provide: LearningWork, useClass: FakeLearningWork });
    store.dispatch(GUEST);
    const fixture = TestBed.createComponent(type);
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    given = [];
    fixture.componentInstance.answered.subscribe((one) => given.push(one));
    host = fixture.nativeElement as HTMLElement;
    await fixture.whenStable();
    return fixture;
  }
  const press = (key: string, shiftKey = false): boolean =>
    document.dispatchEvent(new KeyboardEvent('keydown', { key, shiftKey }));
  const button = (name: RegExp): HTMLButtonElement =>
    [...host.querySelectorAll<HTMLButtonElement>('button')].find((one) =>
      name.test(one.textContent),
    )!;
  const drawn = (): Promise<unknown> =>
    new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));

  const seeing = async (): Promise<ComponentFixture<SeeCard>> => {
    const work = new FakeLearningWork();
    const shown = await work.show('face-two/two', methodById('front-right')!, UP, 3);
    return draw(SeeCard, {
      approach: approachById('face-two'),
      case: 'face-two/two',
      cube: shown.cube,
      hold: shown.hold,
      good: shown.good,
    });
  };

  it('see: the first key counts, once the picture is drawn, and what tells is said', async () => {
    const fixture = await seeing();
    await drawn();
    await drawn();
    const titles = [...host.querySelectorAll('.choices button')].map(
      ({ textContent }) => textContent,
    );
    expect(titles).toHaveSize(4);
    const wrong = approachById('face-two')!.cases.findIndex(({ id }) => id === 'face-two/none');
    press(String(wrong + 1));
    press('1');
    expect(given).toHaveSize(1);
    expect(given[0]).toEqual(
      jasmine.objectContaining({ right: false, answer: 'face-two/none', by: 'keys', turns: 0 }),
    );
    await until(() => host.querySelector('.looks li') !== null);
    await fixture.whenStable();
    expect(host.querySelector('.looks .out')!.textContent).toContain('So it is not');
    expect(host.querySelectorAll('.mark').length).toBeGreaterThan(0);
  });

  it('turn: by letters, the first wrong one is told as a slip, with the way back', async () => {
    const fixture = await draw(TurnCard, {
      sequence: "R U R' U'",
      cases: ['corners-repeat/right'],
    });
    press('r');
    press('u');
    press('r');
    expect(given).toEqual([jasmine.objectContaining({ right: false, turns: 4, by: 'keys' })]);
    await until(() => /went the other way/.test(host.textContent));
    await fixture.whenStable();
    expect(host.textContent).toContain('At turn 3 the right side went the other way.');
    expect(host.querySelectorAll('.missed, sc-turn-tile.missed').length).toBeGreaterThan(0);
  });

  it('turn: what slipped on one card is not said on the next, however late it is found', async () => {
    const fixture = await draw(TurnCard, {
      sequence: "R U R' U'",
      cases: ['corners-repeat/right'],
    });
    const work = TestBed.inject(LearningWork);
    const find = work.wrongTurn.bind(work);
    let letFind = (): void => undefined;
    const held = new Promise<void>((resolve) => (letFind = resolve));
    work.wrongTurn = (...asked) => held.then(() => find(...asked));
    for (const key of ['r', 'u', 'r']) press(key);
    await drawn();
    fixture.componentRef.setInput('sequence', 'F U');
    fixture.detectChanges();
    await drawn();
    letFind();
    await drawn();
    fixture.detectChanges();
    expect(host.textContent).not.toContain('went the other way');
    expect(host.textContent).toContain('Nothing turned yet: 2 turns in all.');
  });

  it('turn: by the simulated cube, in the hold of the moment; and one may not know it', async () => {
    const fixture = await draw(TurnCard, { sequence: "U y F'", cases: ['corners-repeat/right'] });
    const cube = TestBed.inject(SimulatedCube);
    button(/Connect the simulated cube/).click();
    await fixture.whenStable();
    cube.turn(turnOf(UP, 1), performance.now());
    // After the whole cube is turned, what is in front is the side that was on the right.
    cube.turn(turnOf(RIGHT, 3), performance.now());
    expect(given).toEqual([jasmine.objectContaining({ right: true, turns: 2, by: 'cube' })]);
    cube.disconnect();

    TestBed.resetTestingModule();
    await draw(TurnCard, { sequence: 'R U', cases: ['corners-repeat/right'] });
    button(/I do not know it/).click();
    expect(given).toEqual([jasmine.objectContaining({ right: false })]);
  });

  it('read: asks which way a letter goes, and says so when it was not', async () => {
    const fixture = await draw(ReadCard, { turn: turnOf(FRONT, 3), seed: 5 });
    const right = [...host.querySelectorAll('.choices button')].findIndex(({ textContent }) =>
      textContent.includes('front, to the left'),
    );
    press(String((right === 0 ? 1 : 0) + 1));
    await fixture.whenStable();
    expect(given[0]!.right).toBeFalse();
    expect(host.textContent).toContain("No: F' is the front, to the left.");
  });

  describe('both, on one’s own cube', () => {
    let fixture: ComponentFixture<BothCard>;
    let made: SetUpShown;

    beforeEach(async () => {
      TestBed.resetTestingModule();
      const method = methodById('side-match')!;
      made = await new FakeLearningWork().setUp('cycle-two/left', method, UP, 2);
      fixture = await draw(BothCard, {
        case: 'cycle-two/left',
        shown: made,
        turns: 9,
      });
      TestBed.inject(Store).dispatch(
        SettingsPage.settingChanged({ change: { method: 'side-match' } }),
      );
      expect(host.querySelector('.set-up')!.textContent.trim()).not.toBe('');
      button(/It looks like that/).click();
      await fixture.whenStable();
      button(/I am done/).click();
      await fixture.whenStable();
    });

    /** Tells each sticker that is asked for as it is on a cube. */
    async function tellOf(cube: Cube): Promise<void> {
      const done = { ...made, case: 'cycle-two/left' };
      const stickers = learnDeeds.tellingStickers(done, methodById('side-match')!, UP);
      const seen = stickersSeen(paintedFromCube(cube), STANDARD_SCHEME, made.hold);
      for (const one of stickers) {
        await until(() => host.textContent.includes(`of ${stickers.length}`));
        press(seen[one]![0]!);
        await fixture.whenStable();
      }
    }

    it('is right when the stickers that are asked for are', async () => {
      await tellOf(solvedCube());
      await until(() => given.length > 0);
      expect(given).toEqual([jasmine.objectContaining({ right: true, answer: '', turns: 9 })]);
    });

    it('tells the case that was done instead, once a wrong sticker is taken back', async () => {
      await until(() => host.textContent.includes('Sticker 1 of'));
      const [colour] = stickersSeen(paintedFromCube(solvedCube()), STANDARD_SCHEME, made.hold);
      press(colour![0]!);
      await fixture.whenStable();
      button(/Undo the last sticker/).click();
      const read = readMoves(made.sequence.replaceAll('U ', "U' "));
      if (!read.ok) throw new Error(read.error.message);
      const cube = cubesOf(made.cube, [
        { hold: made.doneIn, moves: read.value, lineUpCount: 0 },
      ]).at(-1)!;
      await tellOf(cube);
      await until(() => host.textContent.includes('It looks as it does after'));
      expect(given).toEqual([]);
      button(/Go on/).click();
      expect(given).toEqual([
        jasmine.objectContaining({ right: false, answer: 'cycle-two/right', turns: 9 }),
      ]);
    });

    it('can be compared with pictures instead', async () => {
      await until(() => host.textContent.includes('Compare pictures'));
      button(/Compare pictures/).click();
      await fixture.whenStable();
      button(/Mine looks like that/).click();
      await fixture.whenStable();
      expect(given).toEqual([jasmine.objectContaining({ right: true, turns: 9 })]);
    });
  });
});
