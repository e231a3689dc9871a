import { HttpClient } from '@angular/common/http';
import { inject, Injector } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { sessionSchema } from '@sleetcrest/contract/accounts';
import { catchError, defer, fromEvent, map, merge, of, switchMap, take, tap, timer } from 'rxjs';
import { SessionApi } from './account.actions';

const TRY_AGAIN = 15_000;

/** Asks who is signed in as the application begins, and again while nobody answers. */
export const tellSession = createEffect(
  (http = inject(HttpClient)) => {
    const asked = defer(() => http.get('/api/session')).pipe(
      map((body) => SessionApi.sessionTold({ session: sessionSchema.parse(body) })),
    );
    return asked.pipe(
      catchError((_, caught) =>
        merge(
          of(SessionApi.sessionUnknown()),
          merge(timer(TRY_AGAIN), fromEvent(window, 'online')).pipe(
            take(1),
            switchMap(() => caught),
          ),
        ),
      ),
    );
  },
  { functional: true },
);

/** What a guest timed in this browser moves into the account they sign in to. */
export const moveIn = createEffect(
  (actions = inject(Actions), injector = inject(Injector)) =>
    actions.pipe(
      ofType(SessionApi.signedIn),
      switchMap(() => import('../log/log-books')),
      tap(({ LogBooks }) => void injector.get(LogBooks).settle()),
    ),
  { functional: true, dispatch: false },
);
