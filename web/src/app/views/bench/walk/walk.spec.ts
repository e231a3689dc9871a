import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import { listen, openStore, press } from '../../../app.spec-support';
import { readerFeature, SettingsPage } from '../../../subjects/settings';
import { walkFeature, WalkPage } from '../../../subjects/walk';
import { Keeping, Solving } from '../../../subjects/walk/walk.actions';
import { Walk } from './walk';
import { aRecord, aWalk, GENTLE_STAGES } from '../../../subjects/walk/walk.spec-support';

describe('the walk', () => {
  let fixture: ComponentFixture<Walk>;
  let store: Store;
  let went: unknown[][];

  async function show(): Promise<void> {
    fixture.componentRef.setInput('scene', store.selectSignal(walkFeature.selectScene)());
    await fixture.whenStable();
  }

  beforeEach(async () => {
    await TestBed.configureTestingModule({ imports: [Walk] }).compileComponents();
    ({ store, went } = openStore());
    store.dispatch(WalkPage.walkBegun({ record: aRecord(3) }));
    store.dispatch(
      Solving.walkMade({
        planned: { walkthrough: aWalk(3), stages: GENTLE_STAGES, deciding: [], sought: [] },
      }),
    );
    fixture = TestBed.createComponent(Walk);
    await show();
  });

  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const position = () => store.selectSignal(walkFeature.selectPosition)();

  const terms = (): string[] => [...host().querySelectorAll('dt')].map((term) => term.textContent);

  it('shows the lines in the order they are needed, the hold only where it changes', async () => {
    const steps = aWalk(3).steps;
    expect(terms()).toEqual(['Find', 'Hold', 'Look', 'Turn', 'Why']);
    for (const told of [steps[0]!.find, steps[0]!.look, steps[0]!.why]) {
      expect(host().textContent).toContain(told);
    }
    const frames = store.selectSignal(walkFeature.selectScene)()!.timeline.frames;
    const kept = frames.findIndex(({ holdLine }) => holdLine === null);
    store.dispatch(WalkPage.stepChosen({ step: kept }));
    await show();
    expect(terms()).toEqual(['Find', 'Look', 'Turn', 'Why']);
  });

  it('is walked by keys: turns, steps, play', async () => {
    press('ArrowRight');
    expect(position()).not.toEqual({ step: 0, turn: 0 });
    press('ArrowLeft');
    expect(position()).toEqual({ step: 0, turn: 0 });
    press('ArrowDown');
    await show();
    press('ArrowRight', { shiftKey: true });
    await show();
    expect(position()).toEqual({ step: 2, turn: 0 });
    press('ArrowUp');
    expect(position()).toEqual({ step: 1, turn: 0 });
    press(' ');
    expect(store.selectSignal(walkFeature.selectPlaying)()).toBeTrue();
  });

  it('goes to a stage by its number, unless single keys are off', async () => {
    press('3');
    await show();
    expect(aWalk(3).steps[position()!.step]!.stage).toBe('corners');
    store.dispatch(SettingsPage.settingChanged({ change: { shortcuts: false } }));
    const actions = listen(store);
    press('1');
    expect(actions).toEqual([]);
  });

  it('leaves keys alone that are meant for something else', () => {
    const actions = listen(store);
    press('ArrowRight', { ctrlKey: true });
    const select = host().querySelector('select')!;
    select.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }));
    const button = host().querySelector<HTMLButtonElement>('.next')!;
    button.dispatchEvent(new KeyboardEvent('keydown', { key: ' ', bubbles: true }));
    expect(actions).toEqual([]);
  });

  it('shows which turn is being done, and the rounds of a repeated sequence', async () => {
    const repeated = aWalk(3).steps.findIndex(({ case: name }) => name.startsWith('turn-under/t'));
    store.dispatch(WalkPage.stepChosen({ step: repeated }));
    await show();
    const captions = [...host().querySelectorAll('.caption')].map((one) => one.textContent);
    expect(captions).toContain('round 1 of 2');
    expect(host().querySelectorAll('li[aria-current="step"]').length).toBe(1);
    store.dispatch(WalkPage.turnDone());
    await show();
    const done = host().querySelectorAll('sc-turn-tile.done').length;
    expect(done).toBe(1);
  });

  it('asks for a check when a stage is complete, with the goal in words', async () => {
    const last = aWalk(3).steps.findIndex(({ completes }) => completes === 'cross');
    store.dispatch(WalkPage.stepChosen({ step: last }));
    while (position()!.step === last && !host().querySelector('.check')) {
      store.dispatch(WalkPage.turnDone());
      await show();
    }
    expect(host().querySelector('.check')!.textContent).toContain('White cross: done');
    expect(host().querySelector('.check')!.textContent).toContain('matches the centre beside it');
  });

  it('is held as before until the whole cube is turned, and says what to read now', async () => {
    const held = (): string => host().querySelector('.held')!.textContent.trim();
    const now = (): string[] =>
      [...host().querySelectorAll('.now dt')].map((term) => term.textContent);
    expect(held()).toBe('white on top, green in front');
    expect(now()).toEqual(['Find', 'Hold']);
    expect(host().textContent).toContain('Turn the whole cube over');
    const { holdCount } = store.selectSignal(walkFeature.selectScene)()!.frame!;
    for (let k = 0; k < holdCount; k++) store.dispatch(WalkPage.turnDone());
    await show();
    expect(held()).toContain('yellow on top');
    expect(now()).toEqual(['Look']);
  });

  it('says the words for a sequence under its tiles, and on demand what the hands do', async () => {
    const frames = store.selectSignal(walkFeature.selectScene)()!.timeline.frames;
    const step = frames.findIndex(({ step: { approach } }) => approach === 'turn-under');
    store.dispatch(WalkPage.stepChosen({ step }));
    await show();
    expect(host().querySelector('sc-saying')!.textContent).toContain('The ferry');
    expect(host().querySelector('sc-hands')).toBeNull();
    [...host().querySelectorAll('button')]
      .find((one) => one.textContent.trim() === 'Hands')!
      .click();
    const { holdCount, lineUpCount } = frames[step]!;
    // The second round is said and done as the first.
    for (let k = holdCount + lineUpCount + 5; k > 0; k--) store.dispatch(WalkPage.turnDone());
    await show();
    expect(host().querySelector('sc-hands .now')!.textContent).toContain('right forefinger');
    expect(host().querySelector('sc-saying .now')!.textContent).toContain('car on');
  });

  it('ends solved', async () => {
    store.dispatch(WalkPage.stepChosen({ step: 999 }));
    await show();
    expect(host().textContent).toContain('Solved.');
    expect(host().querySelector<HTMLButtonElement>('.next')!.disabled).toBeTrue();
  });

  it('says how keeping it goes, and keeps a deleted one anew under another id', async () => {
    const said = (): string => host().querySelector('.keeping')!.textContent.trim();
    expect(said()).toContain('Saving');
    store.dispatch(Keeping.recordWaits({ record: aRecord(3) }));
    await show();
    expect(said()).toContain('is saved when it is back');
    store.dispatch(Keeping.recordRefused({ id: aRecord(3).id, message: 'It was deleted.' }));
    await show();
    expect(said()).toContain('It was deleted.');
    host().querySelector<HTMLButtonElement>('.keeping button')!.click();
    const { id } = store.selectSignal(walkFeature.selectRecord)()!;
    expect(id).not.toBe(aRecord(3).id);
    expect(went).toEqual([['/bench', id]]);
  });

  it('plans anew for another first colour from the cube in hand', async () => {
    store.dispatch(WalkPage.stepChosen({ step: 2 }));
    await show();
    const select = [...host().querySelectorAll('select')].find((one) => one.value === 'white')!;
    select.value = 'red';
    select.dispatchEvent(new Event('change'));
    const record = store.selectSignal(walkFeature.selectRecord)()!;
    expect([record.firstColour, record.position]).toEqual(['red', { step: 0, turn: 0 }]);
    expect(record.start).not.toEqual(aRecord(3).start);
  });

  it('plans anew by another method, which is then used everywhere', async () => {
    await show();
    const select = [...host().querySelectorAll('select')].find((one) => one.value === 'gentle')!;
    select.value = 'step-up';
    select.dispatchEvent(new Event('change'));
    expect(store.selectSignal(walkFeature.selectRecord)()!.method).toBe('step-up');
    expect(store.selectSignal(readerFeature.selectMethod)()).toBe('step-up');
  });

  it('follows a connected cube, and tells a turn that was not meant until it is turned back', async () => {
    const named = (name: string): HTMLElement =>
      [...host().querySelectorAll('button')].find(
        (one) => one.ariaLabel === name || one.textContent.trim() === name,
      )!;
    named('Connect a cube').click();
    await fixture.whenStable();
    const hands = [...host().querySelectorAll<HTMLElement>('sc-device-panel .side button')];
    expect(hands.length).toBe(12);
    let slips = 0;
    // Of the twelve quarter turns at most two lead along the walk; any other is a slip.
    for (const [k, hand] of hands.entries()) {
      hand.click();
      await show();
      if (host().querySelector('.slip')) slips++;
      hands[k ^ 1]!.click();
      await show();
      expect(host().querySelector('.slip')).toBeNull();
    }
    expect(slips).toBeGreaterThanOrEqual(9);
    expect(store.selectSignal(walkFeature.selectScene)()!.turnsDone).toBe(0);
    named('Disconnect').click();
    await fixture.whenStable();
    expect(host().querySelector('sc-device-panel')).toBeNull();
  });
});
