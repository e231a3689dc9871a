import { inject, Injector } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import type { Session } from '@sleetcrest/contract/accounts';
import {
  catchError,
  concatMap,
  defer,
  EMPTY,
  Observable,
  distinctUntilChanged,
  filter,
  fromEvent,
  map,
  merge,
  retry,
  switchMap,
  take,
  tap,
  throttleTime,
  timer,
} from 'rxjs';
import { Held } from '../../base/reading/held';
import { AccountApi } from './account-api';
import { SessionApi } from './account.actions';
import { askAgain, OtherTabs } from './asking-again';
import { accountFeature } from './account.feature';

const TRY_AGAIN = 15_000;
/** Milliseconds within which who is signed in is asked anew once. */
const ASKED_AT_MOST = 2000;
/** What is not needed at once waits until the page has come to rest. */
const AT_REST = 2000;
const HELD = 'session';

/**
 * Asks who is signed in as the application begins, and again while nobody answers; meanwhile it is
 * whoever was signed in here last.
 */
export const tellSession = createEffect(
  (api = inject(AccountApi), held = inject(Held)) => {
    // Who left before choosing a phrase of their own signs in anew, and is asked for one then.
    const asked = defer(async () => {
      const session = await api.session();
      return session.begins ? api.signOut() : session;
    });
    const last = defer(() => held.last<Session>(HELD)).pipe(
      map((session) =>
        session ? SessionApi.sessionTold({ session }) : SessionApi.sessionUnknown(),
      ),
    );
    const later = () => merge(timer(TRY_AGAIN), fromEvent(window, 'online')).pipe(take(1));
    const anew = later().pipe(switchMap(() => asked.pipe(retry({ delay: later }))));
    const first = asked.pipe(
      map((session) => SessionApi.sessionTold({ session })),
      catchError(() =>
        merge(last, anew.pipe(map((session) => SessionApi.sessionTold({ session })))),
      ),
    );
    // It may end elsewhere, or in another tab: asked anew where that is told, and on coming back to the page.
    const back = fromEvent(document, 'visibilitychange').pipe(
      filter(() => document.visibilityState === 'visible'),
    );
    const again = merge(askAgain, back).pipe(
      throttleTime(ASKED_AT_MOST, undefined, { leading: true, trailing: true }),
      switchMap(() => asked.pipe(catchError(() => EMPTY))),
      map((session) => SessionApi.sessionTold({ session })),
    );
    return merge(first, again);
  },
  { functional: true },
);

/**
 * Holds who is here, for a beginning without a network; forgets all that is held of anybody before, also where their
 * session ended elsewhere, before this page was opened.
 */
export const holdSession = createEffect(
  (actions = inject(Actions), held = inject(Held), injector = inject(Injector)) =>
    actions.pipe(
      ofType(SessionApi.sessionTold, SessionApi.signedIn, SessionApi.signedOut),
      concatMap(async ({ session }) => {
        const last = await held.last<Session>(HELD);
        const before = last?.account?.id;
        if (last && before !== session.account?.id) {
          await held.forget();
          if (before !== undefined) await forgetBooks(injector, before);
        }
        await held.hold(HELD, session);
      }),
    ),
  { functional: true, dispatch: false },
);

/** What keeps the log and the answers of practice, fetched when it is needed. */
const books = async (injector: Injector) => {
  const [{ LogBooks }, { PracticeBook }] = await Promise.all([
    import('../log/log-books'),
    import('../practice/practice-book'),
  ]);
  return [injector.get(LogBooks), injector.get(PracticeBook)] as const;
};

/**
 * Once it is known who is here, what waits is sent, what a guest timed or practised moves into the
 * account, and log and practice are held for when there is no network.
 */
export const settleLog = createEffect(
  (store = inject(Store), actions = inject(Actions), injector = inject(Injector)) => {
    const soon = actions.pipe(
      ofType(SessionApi.signedIn),
      map(() => 0),
    );
    const known = store.select(accountFeature.selectWhose).pipe(
      filter((whose) => whose != null),
      distinctUntilChanged(),
      map(() => AT_REST),
    );
    return merge(soon, known).pipe(
      switchMap((wait) => timer(wait)),
      switchMap(() => books(injector)),
      tap((all) => all.forEach((book) => void book.settle())),
    );
  },
  { functional: true, dispatch: false },
);

/** What is held of an account's log and practice goes. */
const forgetBooks = (injector: Injector, account: string): Promise<unknown> =>
  books(injector)
    .then((all) => Promise.all(all.map((book) => book.forget(account))))
    .catch(() => undefined);

/** Tells the other tabs of this browser that somebody signed in or out here, and hears it of them. */
export const tellTabs = createEffect(
  (actions = inject(Actions)) =>
    new Observable<never>((observer) => {
      const tabs = new OtherTabs(() => askAgain.next());
      const telling = actions
        .pipe(ofType(SessionApi.signedIn, SessionApi.signedOut))
        .subscribe(() => tabs.tell());
      observer.add(() => {
        telling.unsubscribe();
        tabs.close();
      });
    }),
  { functional: true, dispatch: false },
);
