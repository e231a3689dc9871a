import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { GUEST, openStore, press, until } from '../../../app.spec-support';
import { LearningWork } from '../../../subjects/practice/work';
import { Work } from '../../../subjects/method/work';
import { readerFeature } from '../../../subjects/settings';
import { FakeLearningWork } from '../learn.spec-support';
import { Learning } from '../learning';
import { Lesson } from './lesson';

describe('a lesson', () => {
  let store: ReturnType<typeof openStore>['store'];
  let learning: Learning;
  let about: { id: string; title: string };
  let fixture: ComponentFixture<Lesson>;
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');
  const click = async (name: RegExp): Promise<void> => {
    [...host().querySelectorAll<HTMLElement>('button')]
      .find((one) => name.test(one.textContent.trim()))!
      .click();
    await fixture.whenStable();
  };
  const begin = async (): Promise<void> => {
    fixture = TestBed.createComponent(Lesson);
    fixture.componentRef.setInput('case', about.id);
    await fixture.whenStable();
    await until(() => host().querySelector('.lesson') !== null);
    await fixture.whenStable();
  };
  /** The turns of the tiles, as they are written below them. */
  const asked = (): string[] =>
    [...host().querySelectorAll('sc-turn-tile')].map(
      (tile) => /[A-Za-z]['2]?$/.exec(tile.textContent.trim())![0],
    );
  const tell = (letter: string): void => {
    const turn = letter[0]!.toLowerCase();
    if (letter.endsWith('2')) {
      press(turn);
      press(turn);
    } else press(turn, { shiftKey: letter.endsWith("'") });
  };

  beforeEach(async () => {
    await TestBed.configureTestingModule({ imports: [Lesson] }).compileComponents();
    ({ store } = openStore(
      { provide: LearningWork, useClass: FakeLearningWork },
      { provide: Work, useValue: { cards: async () => ({ ok: false, error: 'none here' }) } },
      provideRouter([]),
    ));
    store.dispatch(GUEST);
    learning = TestBed.inject(Learning);
    about = learning.approaches().find(({ stage }) => stage === 'yellow-cross')!.cases[0]!;
    await learning.book.ask((practice) => practice.forget());
    await begin();
  });
  afterEach(() => learning.book.ask((practice) => practice.forget()));

  it('says its case at once, and is taken up where it was left', async () => {
    expect(host().querySelector('h1')!.textContent).toBe('No yellow edge up: the dot');
    await click(/^Together$/);
    expect(store.selectSignal(readerFeature.selectReaderState)().learning.lesson).toEqual({
      case: about.id,
      part: 'together',
    });
    fixture.destroy();
    await begin();
    expect(host().querySelector('[aria-current=step]')!.textContent.trim()).toBe('Together');
  });

  it('goes turn by turn together, and says when it was another turn', async () => {
    await click(/^Together$/);
    await until(() => asked().length > 0);
    const moves = asked();
    tell(moves[0]!.startsWith('D') ? 'L' : 'D');
    await fixture.whenStable();
    expect(text()).toContain('Not that turn.');
    for (const move of moves) tell(move);
    await fixture.whenStable();
    expect(text()).toContain('Done.');
    const { answers } = await learning.book.ask((practice) => practice.knowledge(0, 1));
    expect(answers).withContext('together is no answer from memory').toBe(0);
  });

  it('says so where the link names a case the method does not have, or none', async () => {
    for (const [id, says] of [
      ['no/such', 'has no case “no/such”.'],
      [undefined, 'The link names no case.'],
    ] as const) {
      fixture = TestBed.createComponent(Lesson);
      fixture.componentRef.setInput('case', id);
      await fixture.whenStable();
      expect(host().querySelector('[role=alert]')!.textContent).toContain(says);
      expect(host().querySelector('.parts')).toBeNull();
    }
  });
});
