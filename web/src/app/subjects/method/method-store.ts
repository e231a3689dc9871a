import { computed, inject } from '@angular/core';
import {
  patchState,
  signalStore,
  withComputed,
  withHooks,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { rxMethod } from '@ngrx/signals/rxjs-interop';
import { Store } from '@ngrx/store';
import type { KeepMethod, SavedMethod } from '@sleetcrest/contract';
import { METHODS, methodTitle } from '@sleetcrest/core';
import { catchError, concatMap, EMPTY, from, pipe } from 'rxjs';
import { apiFailure } from '../../base/api/failure';
import { Notices } from '../../base/dialogs/notices';
import type { Settled } from '../../base/outbox/change';
import { Outbox } from '../../base/outbox/outbox';
import { WHOSE } from '../../base/outbox/whose';
import { Held } from '../../base/reading/held';
import { readerFeature, SettingsPage } from '../settings';
import { asTold, putIn, waitingOf } from './methods-told';
import { MethodsApi } from './methods-api';
import { SAY } from './words';

interface MethodState {
  /** Whose they are; undefined until that is known. */
  readonly _of: string | null | undefined;
  readonly _own: readonly SavedMethod[];
  readonly _status: 'idle' | 'asking' | 'reached' | 'waiting' | 'failed';
  readonly _failure: string | null;
}

const NOTHING: MethodState = { _of: undefined, _own: [], _status: 'idle', _failure: null };
const NONE: readonly SavedMethod[] = [];
const HELD = 'methods';

/** People's own methods: as the server has them, with what was done here and waits to be sent. */
export const MethodStore = signalStore(
  { providedIn: 'root' },
  withState(NOTHING),
  withProps(() => ({ _whose: inject(WHOSE) })),
  withComputed(({ _of, _own, _status, _failure, _whose }) => {
    // What was heard of somebody else's is nothing here.
    const isTheirs = computed(() => _of() === undefined || _of() === _whose());
    return {
      /** People's own methods as the server last told them, with what waits to be sent. */
      own: computed(() => (isTheirs() ? _own() : NONE)),
      status: computed(() => (isTheirs() ? _status() : 'idle')),
      failure: computed(() => (isTheirs() ? _failure() : null)),
    };
  }),
  withComputed(({ own }) => ({
    /** What every method is called: the named ones, and people's own. */
    names: computed(() => [
      ...METHODS.map((method) => ({ id: method.id, title: methodTitle(method) })),
      ...own().map(({ method: { id, title } }) => ({ id, title })),
    ]),
  })),
  withMethods(
    (
      store,
      api = inject(MethodsApi),
      held = inject(Held),
      outbox = inject(Outbox),
      notices = inject(Notices),
      reader = inject(Store),
    ) => {
      const put = (change: Partial<MethodState>): void =>
        patchState(store, { _of: store._whose(), _failure: null, ...change });
      const failed = (failure: string): void => put({ _status: 'failed', _failure: failure });

      /** Asks the server for them. */
      const list = async (): Promise<void> => {
        const whose = store._whose();
        // Asked by somebody else by now: what is answered is not theirs.
        const isAnothers = (): boolean => whose !== undefined && whose !== store._whose();
        put({ _own: store.own(), _status: 'asking' });
        try {
          const own = asTold(await held.or(HELD, () => api.list()), outbox.waiting());
          if (!isAnothers()) put({ _own: own, _status: 'reached' });
        } catch (error) {
          if (!isAnothers()) failed(apiFailure(error).message);
        }
      };

      /** Keeps one, against what the server had of it when it was begun. */
      const keep = async (kept: KeepMethod): Promise<void> => {
        put({ _own: store.own(), _status: 'asking' });
        const { id } = kept.method;
        const known = store.own().find(({ method }) => method.id === id);
        // One that waits was made from what the server had before.
        const waits = outbox.about('method', id).length > 0;
        const told = waits ? kept : { ...kept, basis: known?.updatedAt ?? null };
        const outcome = await outbox.put('method', [id], { do: 'keep', kept: told });
        if (outcome.is === 'refused') failed(outcome.message);
        if (outcome.is === 'waiting') {
          const own = putIn(store.own(), waitingOf(kept, known));
          put({ _own: own, _status: 'waiting' });
        }
      };

      const restore = async (id: string): Promise<void> => {
        const outcome = await outbox.put('method', [id], { do: 'restore' });
        if (outcome.is === 'refused') failed(outcome.message);
        else await list();
      };

      /** Deletes one; it can be had back for a while. */
      const remove = async (id: string, title: string): Promise<void> => {
        const outcome = await outbox.put('method', [id], { do: 'remove' });
        if (outcome.is === 'refused') {
          failed(outcome.message);
          return;
        }
        put({ _own: store.own().filter(({ method }) => method.id !== id) });
        const said =
          outcome.is === 'waiting' ? SAY.isDeletedAsSoonAs({ title }) : SAY.isDeleted({ title });
        void notices.offerUndo(said, () => void restore(id));
      };

      /** The server has one as it was told; in use, it is used as it was saved last. */
      const saved = (one: SavedMethod): void => {
        const own = putIn(store.own(), one);
        put({ _own: own, _status: 'reached' });
        const chosen = reader.selectSignal(readerFeature.selectMethod)();
        if (typeof chosen === 'string' || chosen.id !== one.method.id) return;
        reader.dispatch(SettingsPage.settingChanged({ change: { method: one.method } }));
      };

      /** What became of methods that were told, now or before a reload, here or in another tab. */
      const hear = async ({ change, outcome }: Settled): Promise<void> => {
        if (change.kind !== 'method' || outcome.is !== 'kept') return;
        const { savedMethodSchema } = await import('./method-answers');
        const one = savedMethodSchema.safeParse(outcome.answer).data;
        if (!one) return;
        if (change.things[0] === one.method.id) {
          saved(one);
          return;
        }
        // It was changed elsewhere too: both are kept, this one as another.
        const said = SAY.thisMethodWasChanged({ title: one.method.title });
        void notices.say(said, SAY.good, 15_000);
        void list();
      };

      return {
        list,
        keep,
        remove,
        /** Asks for them, unless that was done. */
        want(): void {
          if (store.status() === 'idle' || store.status() === 'failed') void list();
        },
        // What cannot be checked just now is there when the list is read next; others are still heard.
        _hear: rxMethod<Settled>(
          pipe(concatMap((one) => from(hear(one)).pipe(catchError(() => EMPTY)))),
        ),
      };
    },
  ),
  withHooks({
    onInit: (store, outbox = inject(Outbox)) => void store._hear(outbox.settled),
  }),
);
