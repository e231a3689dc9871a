import { TestBed } from '@angular/core/testing';
import { GUEST, openStore, until } from '../../app.spec-support';
import { LearningWork } from '../../subjects/practice/work';
import { FakeLearningWork } from './learn.spec-support';
import { Learning } from './learning';
import { Session } from './session';

const RIGHT = { right: true, seconds: 2, answer: '', turns: 0, by: 'keys' } as const;

describe('cards one after the other', () => {
  let learning: Learning;
  let session: Session;

  beforeEach(async () => {
    const { store } = openStore(Session, { provide: LearningWork, useClass: FakeLearningWork });
    store.dispatch(GUEST);
    learning = TestBed.inject(Learning);
    await learning.book.ask((practice) => practice.forget());
    session = TestBed.inject(Session);
    await until(() => learning.path() !== null);
  });
  afterEach(() => learning.book.ask((practice) => practice.forget()));

  it('are over at once where nothing was ever begun: new things begin with a lesson', async () => {
    await session.begin(null);
    expect(session.isOver()).toBeTrue();
    expect(session.isTimeUp()).toBeFalse();
    expect(session.card()).toBeNull();
  });

  it('come as long as one likes where one kind is asked for, and never the same twice running', async () => {
    await session.begin('read');
    let last = '';
    for (let k = 0; k < 8; k++) {
      const { item, kind } = session.card()!.asked;
      expect(kind).toBe('read');
      expect(item).not.toBe(last);
      last = item;
      await session.answer(RIGHT);
      await session.next();
    }
    expect(session.count()).toBe(8);
  });

  it('are kept once, however often the same is answered', async () => {
    await session.begin('read');
    await session.answer(RIGHT);
    await session.answer({ ...RIGHT, right: false });
    expect(session.answers().map(({ right }) => right)).toEqual([true]);
    const { answers } = await learning.book.ask((practice) => practice.knowledge(0, 1));
    expect(answers).toBe(1);
  });

  it('stop when the minutes are over, and go on if one wants', async () => {
    await session.begin('read', 0);
    expect(session.isTimeUp()).toBeTrue();
    expect(session.isOver()).toBeTrue();
    expect(session.card()).toBeNull();
    await session.goOn();
    expect(session.isOver()).toBeFalse();
    expect(session.card()!.kind).toBe('read');
  });
});
