import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { tap } from 'rxjs';
import { EntryPage } from '../../cube';
import { Pace, WalkPage } from '../walk.actions';
import { Rest } from './rest';

/** Counts as work for the hands whatever goes with turning a cube. */
export const countWork = createEffect(
  (actions = inject(Actions), rest = inject(Rest)) =>
    actions.pipe(
      ofType(WalkPage.turnDone, WalkPage.positionReached, Pace.turnDue, EntryPage.stickerPainted),
      tap(() => {
        rest.worked(Date.now());
      }),
    ),
  { functional: true, dispatch: false },
);
