import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { savedMethodSchema, type KeepMethod, type SavedMethod } from '@sleetcrest/contract';
import { catchError, concatMap, filter, map, mergeMap, of, switchMap, tap } from 'rxjs';
import { Held } from '../../base/reading/held';
import { apiFailure } from '../../base/api/failure';
import { MethodsApi } from './methods-api';
import { readerFeature, SettingsPage } from '../settings';
import { Outbox } from '../../base/outbox/outbox';
import { Notices } from '../../base/dialogs/notices';
import { MethodsPage, MethodsServer } from './methods.actions';
import { methodsFeature } from './methods.feature';

const HELD = 'methods';

export const listMethods = createEffect(
  (
    actions = inject(Actions),
    api = inject(MethodsApi),
    held = inject(Held),
    outbox = inject(Outbox),
  ) =>
    actions.pipe(
      ofType(MethodsPage.opened, MethodsServer.methodKeptBeside),
      switchMap(() =>
        held.or(HELD, api.list()).pipe(
          map((own) => MethodsServer.methodsListed({ own: asTold(own, outbox) })),
          catchError((error: unknown) =>
            of(MethodsServer.requestFailed({ message: apiFailure(error).message })),
          ),
        ),
      ),
    ),
  { functional: true },
);

/** Methods as the server has them, with what waits to be sent. */
function asTold(own: readonly SavedMethod[], outbox: Outbox): SavedMethod[] {
  const told = new Map(own.map((saved) => [saved.method.id, saved]));
  for (const { kind, things, deed } of outbox.waiting()) {
    if (kind !== 'method') continue;
    if (deed.do === 'keep') told.set(things[0]!, waitingOf(deed.kept, told.get(things[0]!)));
    if (deed.do === 'remove') told.delete(things[0]!);
  }
  return [...told.values()];
}

/** A method that waits to be sent, as a saved one; when it was saved is what it was made from. */
function waitingOf({ method, proof }: KeepMethod, known: SavedMethod | undefined): SavedMethod {
  const now = new Date().toISOString();
  const { createdAt, updatedAt } = known ?? { createdAt: now, updatedAt: now };
  return { method, proof, createdAt, updatedAt };
}

export const keepMethod = createEffect(
  (actions = inject(Actions), store = inject(Store), outbox = inject(Outbox)) =>
    actions.pipe(
      ofType(MethodsPage.methodKept),
      mergeMap(async ({ kept }) => {
        const { id } = kept.method;
        const known = store
          .selectSignal(methodsFeature.selectOwn)()
          .find(({ method }) => method.id === id);
        // One that waits was made from what the server had before.
        const waits = outbox.about('method', id).length > 0;
        const basis = waits ? {} : { basis: known?.updatedAt ?? null };
        const outcome = await outbox.put('method', [id], {
          do: 'keep',
          kept: { ...kept, ...basis },
        });
        if (outcome.is === 'waiting') {
          return MethodsServer.methodWaits({ saved: waitingOf(kept, known) });
        }
        return outcome.is === 'refused' ? MethodsServer.requestFailed(outcome) : null;
      }),
      filter((action) => action !== null),
    ),
  { functional: true },
);

/** What became of methods that were told, now or before a reload, here or in another tab. */
export const hearOfMethods = createEffect(
  (outbox = inject(Outbox)) =>
    outbox.settled.pipe(
      concatMap(({ change, outcome }) => {
        if (change.kind !== 'method' || outcome.is !== 'kept') return [];
        const saved = savedMethodSchema.safeParse(outcome.answer).data;
        if (!saved) return [];
        const [id] = change.things;
        return id === saved.method.id
          ? [MethodsServer.methodSaved({ saved })]
          : [MethodsServer.methodKeptBeside({ saved, was: id! })];
      }),
    ),
  { functional: true },
);

/** Says so where a method was changed elsewhere too, and both are kept. */
export const sayBeside = createEffect(
  (actions = inject(Actions), notices = inject(Notices)) =>
    actions.pipe(
      ofType(MethodsServer.methodKeptBeside),
      tap(({ saved }) => {
        const said = `This method was changed elsewhere too: yours is kept as “${saved.method.title}”.`;
        void notices.say(said, 'Good', 15_000);
      }),
    ),
  { functional: true, dispatch: false },
);

/** A method that is in use is used as it was saved last. */
export const useAsSaved = createEffect(
  (actions = inject(Actions), store = inject(Store)) =>
    actions.pipe(
      ofType(MethodsServer.methodSaved),
      concatMap(({ saved: { method } }) => {
        const chosen = store.selectSignal(readerFeature.selectMethod)();
        const inUse = typeof chosen !== 'string' && chosen.id === method.id;
        return inUse ? [SettingsPage.settingChanged({ change: { method } })] : [];
      }),
    ),
  { functional: true },
);

export const deleteMethod = createEffect(
  (actions = inject(Actions), outbox = inject(Outbox)) =>
    actions.pipe(
      ofType(MethodsPage.deletionAsked),
      mergeMap(async ({ id, title }) => {
        const outcome = await outbox.put('method', [id], { do: 'remove' });
        return outcome.is === 'refused'
          ? MethodsServer.requestFailed(outcome)
          : MethodsServer.methodGone({ id, title, waits: outcome.is === 'waiting' });
      }),
    ),
  { functional: true },
);

/** A deleted method can be had back for a while. */
export const offerUndo = createEffect(
  (actions = inject(Actions), store = inject(Store), notices = inject(Notices)) =>
    actions.pipe(
      ofType(MethodsServer.methodGone),
      tap(({ id, title, waits }) => {
        const said = waits
          ? `“${title}” is deleted as soon as the server can be reached.`
          : `“${title}” is deleted.`;
        void notices.offerUndo(said, () => store.dispatch(MethodsPage.deleteUndone({ id })));
      }),
    ),
  { functional: true, dispatch: false },
);

export const restoreMethod = createEffect(
  (actions = inject(Actions), outbox = inject(Outbox)) =>
    actions.pipe(
      ofType(MethodsPage.deleteUndone),
      mergeMap(async ({ id }) => {
        const outcome = await outbox.put('method', [id], { do: 'restore' });
        return outcome.is === 'refused'
          ? MethodsServer.requestFailed(outcome)
          : MethodsPage.opened();
      }),
    ),
  { functional: true },
);
