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
import type { SavedSolve, SolvePage } from '@sleetcrest/contract';
import { apiFailure } from '../../../base/api/failure';
import { Notices } from '../../../base/dialogs/notices';
import { Outbox } from '../../../base/outbox/outbox';
import { WHOSE } from '../../../base/outbox/whose';
import { SavedCubes, WalkPage } from '../walk.actions';
import { SavedWalks } from './saved-walks';
import { SAY } from './words';

/** How many cubes the drawer shows at once. */
export const PAGE_SIZE = 8;

interface SavedState {
  /** Whose the page is; undefined until that is known. */
  readonly _of: string | null | undefined;
  readonly _page: SolvePage | null;
  readonly loading: boolean;
  readonly failure: string | null;
}

const NOTHING: SavedState = { _of: undefined, _page: null, loading: false, failure: null };

/** The saved cubes, a page at a time; what is done with one is told to the walk that is open. */
export const SavedStore = signalStore(
  { providedIn: 'root' },
  withState(NOTHING),
  withProps(() => ({ _whose: inject(WHOSE) })),
  withComputed(({ _of, _page, _whose }) => ({
    /** The page that is shown; what was read of somebody else's is nothing here. */
    page: computed(() => (_of() === undefined || _of() === _whose() ? _page() : null)),
  })),
  withMethods(
    (
      store,
      saved = inject(SavedWalks),
      outbox = inject(Outbox),
      notices = inject(Notices),
      walk = inject(Store),
    ) => {
      let asked = 0;

      const open = async (page = 1): Promise<void> => {
        const mine = ++asked;
        patchState(store, { loading: true, failure: null });
        try {
          const shown = await saved.list(page, PAGE_SIZE);
          // A late answer never replaces a newer one.
          if (mine !== asked) return;
          patchState(store, { _of: store._whose(), _page: shown, loading: false });
        } catch (error) {
          const failure = apiFailure(error).message;
          if (mine === asked) patchState(store, { loading: false, failure });
        }
      };

      /** Edits the page that is shown, if one is. */
      const edit = (how: (page: SolvePage) => SolvePage): void => {
        const page = store.page();
        patchState(store, { failure: null, _page: page && how(page) });
      };

      const restore = async (solve: SavedSolve): Promise<void> => {
        walk.dispatch(SavedCubes.cubeBroughtBack({ id: solve.id }));
        const outcome = await outbox.put('walk', [solve.id], { do: 'restore' });
        if (outcome.is === 'refused') patchState(store, { failure: outcome.message });
        else await open(store.page()?.page ?? 1);
      };

      return {
        open,

        async rename(solve: SavedSolve, name: string): Promise<void> {
          const outcome = await outbox.put('walk', [solve.id], { do: 'change', change: { name } });
          if (outcome.is === 'refused') {
            patchState(store, { failure: outcome.message });
            return;
          }
          edit((page) => ({
            ...page,
            items: page.items.map((one) => (one.id === solve.id ? { ...solve, name } : one)),
          }));
          walk.dispatch(WalkPage.walkRenamed({ id: solve.id, name }));
        },

        /** Deletes one; it can be had back for a while. */
        async remove(solve: SavedSolve): Promise<void> {
          const outcome = await outbox.put('walk', [solve.id], { do: 'remove' });
          if (outcome.is === 'refused') {
            patchState(store, { failure: outcome.message });
            return;
          }
          edit((page) => ({
            ...page,
            items: page.items.filter(({ id }) => id !== solve.id),
            total: page.total - 1,
          }));
          walk.dispatch(SavedCubes.cubeDeleted({ id: solve.id }));
          const said =
            outcome.is === 'waiting'
              ? SAY.isDeletedAsSoonAs({ name: solve.name })
              : SAY.isDeleted({ name: solve.name });
          void notices.offerUndo(said, () => void restore(solve));
        },
      };
    },
  ),
);
