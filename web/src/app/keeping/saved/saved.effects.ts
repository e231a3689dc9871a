import { inject } from '@angular/core';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { catchError, concatMap, map, of, switchMap, tap } from 'rxjs';
import { apiFailure, SolvesApi } from '../../sending/solves-api';
import { WalkPage } from '../walk/walk.actions';
import { SavedApi, SavedPage } from './saved.actions';
import { PAGE_SIZE, savedFeature } from './saved.feature';

const UNDO_MILLISECONDS = 8000;

const failed = (error: unknown) =>
  of(SavedApi.changeFailed({ message: apiFailure(error).message }));

export const listSaved = createEffect(
  (actions = inject(Actions), api = inject(SolvesApi)) =>
    actions.pipe(
      ofType(SavedPage.opened, SavedPage.pageAsked),
      switchMap((action) =>
        api.list('page' in action ? action.page : 1, PAGE_SIZE).pipe(
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
  (actions = inject(Actions), api = inject(SolvesApi)) =>
    actions.pipe(
      ofType(SavedPage.solveRenamed),
      concatMap(({ id, name }) =>
        api.update(id, { name }).pipe(
          concatMap((solve) => [
            SavedApi.solveChanged({ solve }),
            WalkPage.walkRenamed({ id, name: solve.name }),
          ]),
          catchError(failed),
        ),
      ),
    ),
  { functional: true },
);

export const deleteSaved = createEffect(
  (actions = inject(Actions), api = inject(SolvesApi)) =>
    actions.pipe(
      ofType(SavedPage.solveDeleted),
      concatMap(({ solve }) =>
        api.remove(solve.id).pipe(
          map(() => SavedApi.solveGone({ solve })),
          catchError(failed),
        ),
      ),
    ),
  { functional: true },
);

/** A deleted cube can be had back for a while. */
export const offerUndo = createEffect(
  (actions = inject(Actions), store = inject(Store), snackBar = inject(MatSnackBar)) =>
    actions.pipe(
      ofType(SavedApi.solveGone),
      tap(({ solve }) => {
        const bar = snackBar.open(`“${solve.name}” is deleted.`, 'Undo', {
          duration: UNDO_MILLISECONDS,
        });
        bar.onAction().subscribe(() => store.dispatch(SavedPage.deleteUndone({ solve })));
      }),
    ),
  { functional: true, dispatch: false },
);

export const restoreSaved = createEffect(
  (actions = inject(Actions), api = inject(SolvesApi), store = inject(Store)) =>
    actions.pipe(
      ofType(SavedPage.deleteUndone),
      concatMap(({ solve }) =>
        api.restore(solve.id).pipe(
          map(() =>
            SavedPage.pageAsked({
              page: store.selectSignal(savedFeature.selectPage)()?.page ?? 1,
            }),
          ),
          catchError(failed),
        ),
      ),
    ),
  { functional: true },
);
