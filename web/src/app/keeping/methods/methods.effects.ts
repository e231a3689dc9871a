import { inject } from '@angular/core';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { catchError, concatMap, map, of, switchMap, tap } from 'rxjs';
import { apiFailure } from '../../sending/solves-api';
import { MethodsApi } from '../../sending/methods-api';
import { readerFeature, SettingsPage } from '../reader/reader.feature';
import { MethodsPage, MethodsServer } from './methods.actions';

const failed = (error: unknown) =>
  of(MethodsServer.requestFailed({ message: apiFailure(error).message }));

export const listMethods = createEffect(
  (actions = inject(Actions), api = inject(MethodsApi)) =>
    actions.pipe(
      ofType(MethodsPage.opened),
      switchMap(() =>
        api.list().pipe(
          map((own) => MethodsServer.methodsListed({ own })),
          catchError(failed),
        ),
      ),
    ),
  { functional: true },
);

export const keepMethod = createEffect(
  (actions = inject(Actions), api = inject(MethodsApi)) =>
    actions.pipe(
      ofType(MethodsPage.methodKept),
      concatMap(({ kept }) =>
        api.keep(kept).pipe(
          map((saved) => MethodsServer.methodSaved({ saved })),
          catchError(failed),
        ),
      ),
    ),
  { functional: true },
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
  (actions = inject(Actions), api = inject(MethodsApi)) =>
    actions.pipe(
      ofType(MethodsPage.methodDeleted),
      concatMap(({ id, title }) =>
        api.remove(id).pipe(
          map(() => MethodsServer.methodGone({ id, title })),
          catchError(failed),
        ),
      ),
    ),
  { functional: true },
);

const UNDO_MILLISECONDS = 8000;

/** A deleted method can be had back for a while. */
export const offerUndo = createEffect(
  (actions = inject(Actions), store = inject(Store), snackBar = inject(MatSnackBar)) =>
    actions.pipe(
      ofType(MethodsServer.methodGone),
      tap(({ id, title }) => {
        snackBar
          .open(`“${title}” is deleted.`, 'Undo', { duration: UNDO_MILLISECONDS })
          .onAction()
          .subscribe(() => store.dispatch(MethodsPage.deleteUndone({ id })));
      }),
    ),
  { functional: true, dispatch: false },
);

export const restoreMethod = createEffect(
  (actions = inject(Actions), api = inject(MethodsApi)) =>
    actions.pipe(
      ofType(MethodsPage.deleteUndone),
      concatMap(({ id }) =>
        api.restore(id).pipe(
          map((saved) => MethodsServer.methodSaved({ saved })),
          catchError(failed),
        ),
      ),
    ),
  { functional: true },
);
