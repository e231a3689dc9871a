import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import {
  catchError,
  combineLatest,
  concatMap,
  debounceTime,
  distinctUntilChanged,
  EMPTY,
  filter,
  from,
  map,
  merge,
  of,
  switchMap,
  take,
  timer,
} from 'rxjs';
import type { Action } from '@ngrx/store';
import { Outbox } from '../../base/outbox/outbox';
import { readerFeature } from '../settings';
import { Solver as SolverService } from './work/solver';
import { Keeping, Pace, Solving, WalkPage } from './walk.actions';
import { walkFeature, type WalkScene } from './walk.feature';
import { changesBetween, recordOf, samePlan, type KeptWalk, type WalkRecord } from './walk-record';

/** Makes the walkthrough whenever the cube, the method or the first colour becomes another. */
export const planWalk = createEffect(
  (store = inject(Store), actions = inject(Actions), solver = inject(SolverService)) =>
    merge(
      store.select(walkFeature.selectRecord).pipe(
        filter((record): record is WalkRecord => record !== null),
        distinctUntilChanged((a, b) => a.id === b.id && samePlan(a, b)),
      ),
      actions.pipe(
        ofType(WalkPage.planAskedAgain),
        concatMap(() => store.select(walkFeature.selectRecord).pipe(take(1))),
        filter((record): record is WalkRecord => record !== null),
      ),
    ).pipe(
      switchMap(({ start, method, firstColour }) =>
        from(solver.solve({ start, method, firstColour })).pipe(
          map((answer) =>
            answer.ok
              ? Solving.walkMade({ planned: answer.value })
              : Solving.walkFailed({ message: answer.error.message }),
          ),
          catchError((error: Error) => of(Solving.walkFailed({ message: error.message }))),
        ),
      ),
    ),
  { functional: true },
);

const SETTLED = 500;

/**
 * Tells the outbox of the walk: what the server last confirmed is compared with what is here now, and
 * the difference is told.
 */
export const keepWalk = createEffect(
  (store = inject(Store), outbox = inject(Outbox)) => {
    const unsent = store.select(walkFeature.selectUnsent);
    const first = unsent.pipe(
      take(1),
      concatMap(([one]) => (one ? [one] : [])),
    );
    const tell = async ({ record, kept }: KeptWalk): Promise<Action[]> => {
      const { is } = await outbox.put(
        ...(['walk', [record.id]] as const),
        kept
          ? { do: 'change', change: changesBetween(kept, record) }
          : { do: 'create', solve: record },
      );
      return is === 'waiting' ? [Keeping.recordWaits({ record })] : [];
    };
    return unsent.pipe(
      filter(({ length }) => length > 0),
      debounceTime(SETTLED),
      concatMap(() =>
        first.pipe(
          concatMap(tell),
          concatMap((actions) => actions),
        ),
      ),
    );
  },
  { functional: true },
);

/** What became of what was told of walks, now or before a reload, here or in another tab. */
export const hearOfWalks = createEffect(
  (outbox = inject(Outbox)) =>
    outbox.settled.pipe(
      concatMap(async ({ change, outcome }): Promise<Action[]> => {
        if (change.kind !== 'walk' || outcome.is === 'waiting') return [];
        const { deed, things } = change;
        if (deed.do !== 'create' && deed.do !== 'change') return [];
        const id = things[0]!;
        if (outcome.is === 'refused') return [Keeping.recordRefused({ id, ...outcome })];
        // What cannot be checked just now counts as not heard: it is told once more with the next turn.
        const answers = await import('./solve-answers').catch(() => undefined);
        const saved = answers?.savedSolveSchema.safeParse(outcome.answer).data;
        const sent = deed.do === 'create' ? deed.solve.position : deed.change.position;
        return saved ? [Keeping.recordKept({ record: recordOf(saved), sent })] : [];
      }),
      concatMap((actions) => actions),
    ),
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
