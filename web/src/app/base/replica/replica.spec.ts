import { until } from '../../app.spec-support';
import { Replica } from './replica';

interface Thing {
  readonly id: string;
  readonly of: number;
}

describe('what is held here of things kept elsewhere', () => {
  let changes: number;
  const make = (): Replica<Thing> =>
    new Replica<Thing>('sleetcrest spec replica', 1, 'things', ['notes'], () => changes++);
  const held = make();
  const thing = (id: string, of = 1): Thing => ({ id, of });

  beforeEach(async () => {
    await held.forget();
    changes = 0;
  });

  it('is put once under its id, as what is known asks for', async () => {
    await held.put([thing('a'), thing('b')]);
    const put = await held.put([thing('a', 2), thing('c', 2), thing('c', 3)], (one, known) =>
      known ? undefined : one,
    );
    expect(put).toEqual([thing('c', 2)]);
    expect(await held.all()).toEqual([thing('a'), thing('b'), thing('c', 2)]);
  });

  it('is edited where it is here, moved out, and some of it at a time', async () => {
    await held.put([thing('a'), thing('b'), thing('c')]);
    await held.edit(['b', 'none'], ({ id }) => thing(id, 9));
    expect(await held.some(2)).toEqual([thing('a'), thing('b', 9)]);
    await held.moved(['a', 'b']);
    expect(await held.all()).toEqual([thing('c')]);
  });

  it('knows up to when it has heard, and notes beside it, until it is forgotten', async () => {
    expect(await held.since()).toBeUndefined();
    await held.heardUntil('2026-11-26T10:00:00Z');
    await held.takeNote('notes', 'fit', { answers: 100 });
    expect(await held.since()).toBe('2026-11-26T10:00:00Z');
    expect(await held.note<{ answers: number }>('notes', 'fit')).toEqual({ answers: 100 });
    await held.forget();
    expect([await held.since(), await held.note('notes', 'fit')]).toEqual([undefined, undefined]);
  });

  it('is told of what another tab has changed', async () => {
    const other = make();
    await other.put([thing('a')]);
    await until(() => changes === 1);
    expect(await held.all()).toEqual([thing('a')]);
  });
});
