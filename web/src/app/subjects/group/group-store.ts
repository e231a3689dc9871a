import { computed, inject } from '@angular/core';
import {
  patchState,
  signalStore,
  withComputed,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { Store } from '@ngrx/store';
import type { ChangeGroup, Group, Right } from '@sleetcrest/contract/accounts';
import { Held } from '../../base/reading/held';
import { reading } from '../../base/reading/reading';
import { keptText } from '../../base/storage/kept';
import { accountFeature } from '../account';
import { GroupApi } from './group-api';

/** The group that was looked at last, kept in this browser. */
const chosenGroup = keptText('sleetcrest.table');

/**
 * The groups one teaches or belongs to, read once for all pages; and which of them is looked at. Whatever changes a
 * group goes through here, so that no page is left with what it was before. What it throws, `action` tells.
 */
export const GroupStore = signalStore(
  { providedIn: 'root' },
  withState(() => ({ chosen: chosenGroup.read() ?? null })),
  withProps((_, api = inject(GroupApi), held = inject(Held), store = inject(Store)) => {
    const whose = store.selectSignal(accountFeature.selectWhose);
    const account = store.selectSignal(accountFeature.selectAccount);
    const one = (): string | undefined => whose() ?? undefined;
    const learner = (): string | undefined => (account()?.role === 'learner' ? one() : undefined);
    return {
      whose,
      account,
      _read: reading(one, () => held.or('groups', () => api.list()), { whenAnother: 'drop' }),
      /** Moves to another coach’s group that wait for one’s word. */
      moves: reading(learner, () => api.moves(), { whenAnother: 'drop' }),
    };
  }),
  withComputed(({ _read, whose, chosen }) => {
    const all = computed((): readonly Group[] => (whose() ? (_read.value() ?? []) : []));
    const taught = computed(() =>
      all().filter(({ rights, archivedAt }) => rights.length > 0 && archivedAt === null),
    );
    return {
      all,
      /** Those one teaches or helps with that go on. */
      taught,
      /** Those one teaches that are archived. */
      away: computed(() =>
        all().filter(({ rights, archivedAt }) => rights.length > 0 && archivedAt !== null),
      ),
      joined: computed(() => all().filter(({ rights }) => rights.length === 0)),
      /** The group that is looked at: the one chosen last, or the first. */
      group: computed(() => taught().find(({ id }) => id === chosen()) ?? taught().at(0)),
      trouble: _read.trouble,
      isBusy: _read.isBusy,
      isKnown: computed(
        () => whose() === null || _read.value() !== undefined || _read.trouble() !== null,
      ),
    };
  }),
  withMethods((store, api = inject(GroupApi)) => {
    const choose = (id: string): void => {
      chosenGroup.keep(id);
      patchState(store, { chosen: id });
    };
    const again = (): void => store._read.again();
    /** Puts a group that was made or changed with what was read. */
    const changed = (group: Group): void => {
      const others = store.all().map((one) => (one.id === group.id ? group : one));
      const isThere = others.some(({ id }) => id === group.id);
      store._read.set(isThere ? others : [...others, group]);
    };

    return {
      choose,
      again,
      changed,
      may: (right: Right): boolean => store.group()?.rights.includes(right) ?? false,

      /** Makes a group, and looks at it. */
      async make(name: string): Promise<void> {
        const group = await api.make(name);
        changed(group);
        choose(group.id);
      },

      /** Joins as a learner by the code of a group, or as an assistant by a code for one. */
      async join(code: string): Promise<Group> {
        const group = await api.join(code);
        changed(group);
        if (group.rights.length > 0) choose(group.id);
        return group;
      },

      async change(group: string, change: ChangeGroup): Promise<void> {
        changed(await api.change(group, change));
      },

      /** Deletes a group for good. */
      async dissolve(group: string): Promise<void> {
        await api.dissolve(group);
        again();
      },

      /** Takes a learner out, or oneself. */
      async leave(group: string, learner: string): Promise<void> {
        await api.leave(group, learner);
        again();
      },

      async endHelp(group: string, coach: string): Promise<void> {
        await api.endHelp(group, coach);
        again();
      },

      async answerMove(to: string, agrees: boolean): Promise<void> {
        await api.answerMove(to, agrees);
        store.moves.again();
        again();
      },
    };
  }),
);
export type GroupStore = InstanceType<typeof GroupStore>;
