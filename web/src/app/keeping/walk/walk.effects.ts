import { inject } from '@angular/core';
import { createEffect } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import {
  catchError,
  combineLatest,
  concatMap,
  debounceTime,
  defer,
  distinctUntilChanged,
  EMPTY,
  filter,
  from,
  fromEvent,
  map,
  merge,
  of,
  retry,
  switchMap,
  take,
  throwError,
  timer,
  type Observable,
} from 'rxjs';
import type { Action } from '@ngrx/store';
import { apiFailure, SolvesApi } from '../../sending/solves-api';
import { readerFeature } from '../reader/reader.feature';
import { Solver as SolverService } from '../../asking/solver/solver';
import { Keeping, Pace, Solving } from './walk.actions';
import { walkFeature, type WalkScene } from './walk.feature';
import { changesBetween, samePlan, type Kept, type WalkRecord } from './walk-record';

/** Makes the walkthrough whenever the cube, the method or the first colour becomes another. */
export const planWalk = createEffect(
  (store = inject(Store), solver = inject(SolverService)) =>
    store.select(walkFeature.selectRecord).pipe(
      filter((record): record is WalkRecord => record !== null),
      distinctUntilChanged((a, b) => a.id === b.id && samePlan(a, b)),
      switchMap(({ start, method, firstColour }) =>
        from(solver.solve({ start, method, firstColour })).pipe(
          map((answer) =>
            answer.ok
              ? Solving.walkMade({ planned: answer.value })
              : Solving.walkFailed({ message: answer.error.message }),
          ),
          catchError(() =>
            of(
              Solving.walkFailed({ message: 'The solver could not be started: reload the page.' }),
            ),
          ),
        ),
      ),
    ),
  { functional: true },
);

const MOST_WAIT = 15_000;
const SETTLED = 500;

/** Waits longer after each failure, and no longer at all once the browser is back on the network. */
const waitToRetry = (count: number): Observable<unknown> =>
  merge(timer(Math.min(MOST_WAIT, 1000 * 2 ** count)), fromEvent(window, 'online')).pipe(take(1));

/**
 * Keeps the record on the server: what the server last confirmed is compared with what is here
 * now, and the difference is sent, again and again until it is confirmed or refused.
 */
export const keepWalk = createEffect(
  (store = inject(Store), api = inject(SolvesApi)) => {
    const unsent = store.select(walkFeature.selectUnsent);
    const first = unsent.pipe(
      take(1),
      concatMap(([one]) => (one ? [one] : [])),
    );

    const send = ({ record, kept }: Kept): Observable<Action> => {
      const sent = kept ? api.update(record.id, changesBetween(kept, record)) : api.create(record);
      return sent.pipe(
        // A repeated request finds the solve as it was first kept, perhaps at an earlier position.
        map((solve) => Keeping.recordKept({ record: { ...record, position: solve.position } })),
        catchError((error: unknown) => {
          const { unreachable, message } = apiFailure(error);
          if (!unreachable) return of(Keeping.recordRefused({ id: record.id, message }));
          store.dispatch(Keeping.serverUnreachable());
          return throwError(() => error);
        }),
      );
    };

    return unsent.pipe(
      filter(({ length }) => length > 0),
      debounceTime(SETTLED),
      concatMap(() =>
        defer(() => first).pipe(
          concatMap(send),
          retry({ delay: (_, count) => waitToRetry(count) }),
        ),
      ),
    );
  },
  { functional: true },
);

/** How many turns' time a position is shown for while playing. */
function beats({ position, frame }: WalkScene): number {
  const atEnd = frame !== null && position.turn === frame.moves.length;
  // A finished stage is to be checked, a new step to be read and perhaps held anew.
  if (atEnd && frame.step.completes) return 5;
  return position.turn === 0 && position.step > 0 ? 2.2 : 1;
}

/** While playing, one turn at the reader's pace, with time to look where something new begins. */
export const playWalk = createEffect(
  (store = inject(Store)) =>
    combineLatest([
      store.select(walkFeature.selectPlaying),
      store.select(walkFeature.selectScene),
      store.select(readerFeature.selectSecondsPerTurn),
    ]).pipe(
      switchMap(([playing, scene, seconds]) =>
        playing && scene
          ? timer(seconds * 1000 * beats(scene)).pipe(map(() => Pace.turnDue()))
          : EMPTY,
      ),
    ),
  { functional: true },
);
