import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { catchError, concatMap, map, mergeMap, of, switchMap, tap } from 'rxjs';
import { apiFailure } from '../../../base/api/failure';
import { Outbox } from '../../../base/outbox/outbox';
import { WalkPage } from '../walk.actions';
import { Notices } from '../../../base/dialogs/notices';
import { SavedWalks } from './saved-walks';
import { SavedApi, SavedPage } from './saved.actions';
import { PAGE_SIZE, savedFeature } from './saved.feature';

export const listSaved = createEffect(
  (actions = inject(Actions), saved = inject(SavedWalks)) =>
    actions.pipe(
      ofType(SavedPage.opened, SavedPage.pageAsked),
      switchMap((action) =>
        saved.list('page' in action ? action.page : 1, PAGE_SIZE).pipe(
          map((page) => SavedApi.pageListed({ page })),
          catchError((error: unknown) =>
            of(SavedApi.listingFailed({ message: apiFailure(error).message })),
          ),
        ),
      ),
    ),
  { functional: true },
);

export const renameSaved = createEffect(
  (actions = inject(Actions), outbox = inject(Outbox)) =>
    actions.pipe(
      ofType(SavedPage.solveRenamed),
      mergeMap(async ({ solve, name }) => {
        const outcome = await outbox.put('walk', [solve.id], { do: 'change', change: { name } });
        return outcome.is === 'refused'
          ? [SavedApi.changeFailed(outcome)]
          : [
              SavedApi.solveChanged({ solve: { ...solve, name } }),
              WalkPage.walkRenamed({ id: solve.id, name }),
            ];
      }),
      concatMap((actions) => actions),
    ),
  { functional: true },
);

export const deleteSaved = createEffect(
  (actions = inject(Actions), outbox = inject(Outbox)) =>
    actions.pipe(
      ofType(SavedPage.deletionAsked),
      mergeMap(async ({ solve }) => {
        const outcome = await outbox.put('walk', [solve.id], { do: 'remove' });
        return outcome.is === 'refused'
          ? SavedApi.changeFailed(outcome)
          : SavedApi.solveGone({ solve, waits: outcome.is === 'waiting' });
      }),
    ),
  { functional: true },
);

/** A deleted cube can be had back for a while. */
export const offerUndo = createEffect(
  (actions = inject(Actions), store = inject(Store), notices = inject(Notices)) =>
    actions.pipe(
      ofType(SavedApi.solveGone),
      tap(({ solve, waits }) => {
        const said = waits
          ? `“${solve.name}” is deleted as soon as the server can be reached.`
          : `“${solve.name}” is deleted.`;
        void notices.offerUndo(said, () => store.dispatch(SavedPage.deleteUndone({ solve })));
      }),
    ),
  { functional: true, dispatch: false },
);

export const restoreSaved = createEffect(
  (actions = inject(Actions), outbox = inject(Outbox), store = inject(Store)) =>
    actions.pipe(
      ofType(SavedPage.deleteUndone),
      mergeMap(async ({ solve }) => {
        const outcome = await outbox.put('walk', [solve.id], { do: 'restore' });
        const page = store.selectSignal(savedFeature.selectPage)()?.page ?? 1;
        return outcome.is === 'refused'
          ? SavedApi.changeFailed(outcome)
          : SavedPage.pageAsked({ page });
      }),
    ),
  { functional: true },
);
