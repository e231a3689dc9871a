import { inject } from '@angular/core';
import { createEffect } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { auditTime, combineLatest, fromEvent, map, merge, of, tap, withLatestFrom } from 'rxjs';
import { entryFeature } from '../subjects/cube/entry.feature';
import { walkFeature } from '../subjects/walk/walk.feature';
import { asideFeature, readerFeature, taughtFeature } from '../subjects/settings/reader.feature';
import { Browser } from '../base/storage/browser.actions';
import { keepPersisted, LEFT_BEFORE, type Persisted } from '../base/storage/persisted';

const SETTLED = 200;

/** Takes up, before anything is shown, what the last visit left. */
export const restoreState = createEffect(
  (left = inject(LEFT_BEFORE)) => of(Browser.stateRestored({ state: left ?? {} })),
  { functional: true },
);

/** Keeps in the browser what a reload needs, soon after each change and when the page goes. */
export const persistState = createEffect(
  (store = inject(Store)) => {
    const state = combineLatest([
      store.select(readerFeature.selectReaderState),
      store.select(asideFeature.selectAsideState),
      store.select(taughtFeature.selectTaughtState),
      store.select(entryFeature.selectEntryState),
      store.select(walkFeature.selectRecord),
      store.select(walkFeature.selectKept),
      store.select(walkFeature.selectLeft),
    ]).pipe(
      map(([reader, aside, taught, { painted, scheme, hold }, record, kept, left]): Persisted => ({
        reader,
        aside,
        taught: [...taught],
        entry: { painted: [...painted], scheme: [...scheme], hold },
        walk: record && { record, kept },
        left: [...left],
      })),
    );
    const leaving = fromEvent(window, 'pagehide').pipe(
      withLatestFrom(state),
      map(([, latest]) => latest),
    );
    return merge(state.pipe(auditTime(SETTLED)), leaving).pipe(
      tap((latest) => keepPersisted(latest)),
    );
  },
  { functional: true, dispatch: false },
);
