import { TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import { RIGHTS, type Account, type ChangeGroup, type Group } from '@sleetcrest/contract/accounts';
import { openStore, until } from '../../app.spec-support';
import { SessionApi } from '../account';
import { GroupApi } from './group-api';
import { GroupStore } from './group-store';

const ID = '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e';
const RUNA: Account = { id: `${ID}101`, name: 'Runa', role: 'coach' };
const TEO: Account = { id: `${ID}102`, name: 'Teo', role: 'learner' };
const group = (k: number, change: Partial<Group> = {}): Group => ({
  id: `${ID}20${k}`,
  name: `Group ${k}`,
  coach: RUNA,
  code: 'ACDEFHJK',
  learners: [],
  rights: [...RIGHTS],
  assistants: [],
  method: 'gentle',
  firstColour: 'white',
  zone: 'UTC',
  archivedAt: null,
  ...change,
});

/** Stands for the server. */
class FakeGroups {
  reads = 0;
  constructor(public all: Group[]) {}
  list = async () => {
    this.reads++;
    return structuredClone(this.all);
  };
  moves = async () => [];
  make = async (name: string) => this.with(group(5, { name }));
  join = async () => this.with(group(7, { rights: [], code: null }));
  leave = async (id: string) => void (this.all = this.all.filter((one) => one.id !== id));
  change = async (id: string, { archived }: ChangeGroup) => {
    const archivedAt = archived ? '2026-11-01T10:00:00.000Z' : null;
    this.all = this.all.map((one) => (one.id === id ? { ...one, archivedAt } : one));
    return this.all.find((one) => one.id === id)!;
  };
  private with(one: Group): Group {
    this.all = [...this.all, one];
    return one;
  }
}

describe('the groups somebody belongs to', () => {
  let store: Store;
  let api: FakeGroups;
  let groups: InstanceType<typeof GroupStore>;
  const names = (list: readonly Group[]): string[] => list.map(({ name }) => name);

  async function open(account: Account, ...all: Group[]): Promise<void> {
    api = new FakeGroups(all);
    ({ store } = openStore({ provide: GroupApi, useValue: api }));
    store.dispatch(SessionApi.sessionTold({ session: { account, demo: [] } }));
    groups = TestBed.inject(GroupStore);
    await until(() => groups.isKnown());
  }

  it('are read once, however many pages ask for them', async () => {
    await open(RUNA, group(1));
    expect(TestBed.inject(GroupStore)).toBe(groups);
    expect([api.reads, names(groups.all())]).toEqual([1, ['Group 1']]);
  });

  it('have the one that was just joined among them everywhere, without reading anew', async () => {
    await open(TEO);
    expect(groups.joined()).toEqual([]);
    await groups.join('ACDEFHJK');
    expect([names(groups.joined()), api.reads]).toEqual([['Group 7'], 1]);
  });

  it('are looked at one at a time: the one that was made or brought back last', async () => {
    await open(RUNA, group(1));
    expect(groups.group()?.name).toBe('Group 1');
    await groups.make('Saturday');
    expect([groups.group()?.name, names(groups.taught())]).toEqual([
      'Saturday',
      ['Group 1', 'Saturday'],
    ]);
  });

  it('can be brought back where the only one is archived', async () => {
    await open(RUNA, group(1, { archivedAt: '2026-11-01T10:00:00.000Z' }));
    expect([groups.group(), names(groups.away())]).toEqual([undefined, ['Group 1']]);
    await groups.change(group(1).id, { archived: false });
    expect([groups.group()?.name, groups.away()]).toEqual(['Group 1', []]);
  });

  it('are not shown to whoever is here next', async () => {
    await open(RUNA, group(1));
    api.all = [];
    store.dispatch(SessionApi.signedIn({ session: { account: TEO, demo: [] } }));
    expect(groups.all()).toEqual([]);
    await until(() => api.reads === 2);
    store.dispatch(SessionApi.signedOut({ session: { account: null, demo: [] } }));
    expect(groups.all()).toEqual([]);
  });
});
