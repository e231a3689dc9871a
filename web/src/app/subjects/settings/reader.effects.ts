import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import type { ReaderPart } from '@sleetcrest/contract';
import isEqual from 'fast-deep-equal';
import { catchError, EMPTY, filter, from, map, switchMap, tap } from 'rxjs';
import { Client } from '../../base/api/client';
import { Outbox } from '../../base/outbox/outbox';
import { accountFeature, SessionApi } from '../account';
import { DEFAULT_READER, type Reader } from './reader';
import { seatFor } from './aside';
import { asideFeature, readerFeature, SettingsApi, SettingsPage } from './reader.feature';

// Fetched with the answer: nothing is checked before the page is usable.
const settings = async () => (await import('./settings-answers')).settingsSchema;

const THING = ['settings'];

/** What is changed here is told to the account, so that it is the same on every device. */
export const tellSettings = createEffect(
  (actions = inject(Actions), store = inject(Store), outbox = inject(Outbox)) => {
    const whose = store.selectSignal(accountFeature.selectWhose);
    return actions.pipe(
      ofType(SettingsPage.settingChanged, SettingsPage.coloursReset),
      filter(() => whose() != null),
      tap((action) => {
        const settings = 'change' in action ? action.change : { swatches: DEFAULT_READER.swatches };
        void outbox.put('settings', THING, { do: 'change', settings });
      }),
    );
  },
  { functional: true, dispatch: false },
);

/** Settings stay with whose they are, on a browser that several share. */
export const takeSeat = createEffect(
  (actions = inject(Actions), store = inject(Store)) => {
    const reader = store.selectSignal(readerFeature.selectReaderState);
    const aside = store.selectSignal(asideFeature.selectAsideState);
    return actions.pipe(
      ofType(SessionApi.sessionTold, SessionApi.signedIn, SessionApi.signedOut),
      map(({ session: { account } }) => {
        const now = { reader: reader(), aside: aside() };
        return { now, next: seatFor(account?.id ?? null, now) };
      }),
      filter(({ now, next }) => next.aside !== now.aside),
      map(({ next }) => SettingsApi.seatTaken({ seat: next })),
    );
  },
  { functional: true },
);

/** The settings of whoever signs in are used here; what they never changed is as it is here. */
export const hearSettings = createEffect(
  (store = inject(Store), client = inject(Client), outbox = inject(Outbox)) =>
    store.select(accountFeature.selectWhose).pipe(
      filter((whose) => whose != null),
      switchMap(() =>
        from(client.get('/api/settings', settings)).pipe(
          map(({ settings: told, taught }) => {
            tellMissing(told, store.selectSignal(readerFeature.selectReaderState)(), outbox);
            const waiting = outbox
              .about('settings', THING[0]!)
              .reduce<ReaderPart>((all, { deed }) => ({ ...all, ...deed.settings }), {});
            return SettingsApi.settingsTold({
              settings: { ...told, ...waiting },
              ...(taught && { taught }),
            });
          }),
          // Without a network those kept here are the ones; they are asked for at the next beginning.
          catchError(() => EMPTY),
        ),
      ),
    ),
  { functional: true },
);

/** Tells an account what was chosen here before it was known, and it has never heard of. */
function tellMissing(told: ReaderPart, reader: Reader, outbox: Outbox): void {
  const missing = Object.entries(reader).filter(
    ([name, value]) =>
      !(name in told) && !isEqual(value, DEFAULT_READER[name as keyof typeof DEFAULT_READER]),
  );
  if (missing.length === 0) return;
  const settings = Object.fromEntries(missing) as ReaderPart;
  void outbox.put('settings', THING, { do: 'change', settings });
}
