import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Account, ChangeGroup, Group, Moves } from '@sleetcrest/contract/accounts';
import { openStore, pressNotice, until } from '../../../app.spec-support';
import { SessionApi } from '../../../subjects/account';
import { GroupApi } from '../../../subjects/group';
import { aGroup, learnerId, RUNA } from '../table.spec-support';
import { Groups } from './groups';

const TEO: Account = { id: learnerId(1), name: 'Teo', role: 'learner' };

describe('the place of groups', () => {
  let fixture: ComponentFixture<Groups>;
  let asked: unknown[][];
  let all: Group[];
  let moves: Moves['items'];
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');
  const seen = (what: () => boolean): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return what();
    });
  const press = (name: string): void =>
    [...host().querySelectorAll('button')]
      .find((one) => one.textContent.trim().startsWith(name))!
      .click();
  const type = (field: number, words: string): void => {
    host().querySelectorAll('input')[field]!.value = words;
  };

  async function open(account: Account, ...groups: Group[]): Promise<unknown[][]> {
    asked = [];
    all = groups;
    moves = [];
    const note =
      <T>(name: string, answer: (...given: never[]) => T) =>
      async (...given: unknown[]): Promise<T> => {
        asked.push([name, ...given]);
        return answer(...(given as never[]));
      };
    const api = {
      list: async () => all,
      moves: async () => moves,
      make: note('make', (name: string) => ({ ...aGroup(), id: learnerId(9), name })),
      join: note('join', () => ({ ...aGroup(), rights: [], code: null })),
      leave: note('leave', () => void (all = [])),
      leaving: async () => ({
        groups: 0,
        learners: 2,
        plans: 0,
        assignments: 0,
        work: 0,
        notes: 0,
      }),
      dissolve: note('dissolve', () => void (all = [])),
      answerMove: note('move', () => void (moves = [])),
      change: note('change', (_: string, { archived }: ChangeGroup) => {
        all = all.map((one) => ({
          ...one,
          archivedAt: archived ? '2026-11-01T10:00:00.000Z' : null,
        }));
        return all[0]!;
      }),
    };
    const { store, went } = openStore({ provide: GroupApi, useValue: api });
    store.dispatch(SessionApi.sessionTold({ session: { account, demo: [] } }));
    fixture = TestBed.createComponent(Groups);
    await seen(() => text().includes(groups[0]?.name ?? 'Your coach can tell you a code'));
    return went;
  }

  it('brings back the only group of a coach, where that is archived', async () => {
    await open(RUNA, { ...aGroup(), archivedAt: '2026-11-01T10:00:00.000Z' });
    await seen(() => text().includes('archived'));
    press('Restore');
    await seen(() => text().includes('Learners join with ACDEFHJK'));
    expect(asked).toEqual([['change', aGroup().id, { archived: false }]]);
  });

  it('is where a learner joins by a code, and finds the group at once', async () => {
    await open(TEO);
    expect(text()).toContain('your coach sees your log');
    type(0, ' acdefhjk ');
    press('Join');
    await seen(() => text().includes('with Runa, who sees your log'));
    expect(asked).toEqual([['join', 'ACDEFHJK']]);
    press('Leave');
    await seen(() => !text().includes('Thursday'));
    expect(asked[1]).toEqual(['leave', aGroup().id, TEO.id]);
  });

  it('asks for a code or a name before anything is sent', async () => {
    await open(TEO);
    press('Join');
    await seen(() => text().includes('Type the code first.'));
    expect(asked).toEqual([]);
  });

  it('is where a coach makes one, goes to who belongs to it, and deletes it for good', async () => {
    const went = await open(RUNA, aGroup('Amalie'));
    type(0, 'Saturday');
    press('Make a group');
    await seen(() => text().includes('Saturday'));
    press('Learners');
    expect(went).toEqual([['/table/who']]);
    press('Delete');
    await pressNotice('Delete', () => fixture.detectChanges());
    await seen(() => asked.length === 2);
    expect(asked).toEqual([
      ['make', 'Saturday'],
      ['dissolve', aGroup().id],
    ]);
  });

  it('asks a learner before they move to another coach’s group', async () => {
    await open(TEO);
    expect(text()).not.toContain('asks you to move');
    moves = [{ to: { id: aGroup().id, name: 'Saturday' }, coach: 'Nils', from: 'Thursday' }];
    fixture.destroy();
    TestBed.inject(GroupApi);
    fixture = TestBed.createComponent(Groups);
    (
      fixture.componentInstance as unknown as { groups: { moves: { again(): void } } }
    ).groups.moves.again();
    await seen(() => text().includes('Nils asks you to move from Thursday to Saturday'));
    press('Stay');
    await seen(() => asked.length === 1);
    expect(asked).toEqual([['move', aGroup().id, false]]);
  });

  it('deletes nothing where it cannot be told what goes with it', async () => {
    await open(RUNA, aGroup());
    TestBed.inject(GroupApi).leaving = async () => {
      throw new Error('Nobody answers.');
    };
    press('Delete');
    await seen(() => text().includes('Nobody answers.'));
    expect(document.querySelector('mat-snack-bar-container')).toBeNull();
    expect(asked).toEqual([]);
  });
});
