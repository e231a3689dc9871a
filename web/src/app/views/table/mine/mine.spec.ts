import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { signal } from '@angular/core';
import type { JoinLive, LiveSession } from '@sleetcrest/contract/table';
import { openStore, until, GUEST } from '../../../app.spec-support';
import { Seat, TableApi } from '../../../subjects/group';
import { aGroup, groupsOf } from '../table.spec-support';
import { Mine } from './mine';

const SESSION: LiveSession = {
  id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e301',
  group: aGroup().id,
  groupName: 'Thursday',
  code: null,
  begunAt: '2026-11-26T17:30:00.000Z',
  showsTimes: false,
  joined: false,
  offer: null,
};

describe('a learner’s side of the table', () => {
  let fixture: ComponentFixture<Mine>;
  let sat: string[];
  let joined: JoinLive[];
  let meets: LiveSession[];
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');
  const button = (name: string): HTMLButtonElement =>
    [...host().querySelectorAll('button')].find((one) => one.textContent.trim() === name)!;
  const type = (name: string, value: string): void => {
    const field = host().querySelector<HTMLInputElement>(`input[name=${name}]`)!;
    field.value = value;
    field.dispatchEvent(new Event('input'));
  };
  const seen = (what: () => boolean): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return what();
    });

  async function open(
    account: { id: string; name: string; role: 'learner' } | null,
  ): Promise<void> {
    [sat, joined] = [[], []];
    const { store } = openStore(
      groupsOf(undefined, account),
      {
        provide: Seat,
        useValue: { session: signal(null), sit: ({ id }: LiveSession) => sat.push(id) },
      },
      {
        provide: TableApi,
        useValue: {
          sessions: async () => meets,
          ownWork: async () => [],
          ownAssignments: async () => [],
          joinOfGroup: async () => ({ ...SESSION, joined: true }),
          joinByCode: async (given: JoinLive) => {
            joined.push(given);
            return { ...SESSION, joined: true };
          },
        },
      },
    );
    store.dispatch(GUEST);
    fixture = TestBed.createComponent(Mine);
    await seen(() => text().includes('Type the code on its board'));
  }

  it('is sat down at where the group meets now', async () => {
    meets = [SESSION];
    await open({ id: aGroup().coach.id, name: 'Teo', role: 'learner' });
    await seen(() => text().includes('Thursday meets now.'));
    button('Sit down').click();
    await seen(() => sat.length === 1);
    expect(text()).toContain('You have not handed anything in yet');
  });

  it('is joined by a guest with the code and a name; what is wrong is said', async () => {
    meets = [];
    await open(null);
    type('code', 'abc');
    type('nickname', 'Jon');
    button('Join with the code').click();
    await seen(() => text().includes('six letters and digits'));
    expect(joined).toEqual([]);
    type('code', 'acdefh');
    button('Join with the code').click();
    await seen(() => sat.length === 1);
    expect(joined).toEqual([{ code: 'ACDEFH', nickname: 'Jon' }]);
    expect(text()).not.toContain('What is set for you');
  });
});
