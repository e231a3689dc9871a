import {
  createActionGroup,
  createFeature,
  createReducer,
  createSelector,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import { done, NO_PAST, redone, undone, type Past } from '../../base/undo/undoing';
import type { Draft } from './drafting';

export const WorkshopPage = createActionGroup({
  source: 'Workshop Page',
  events: {
    'Method Taken Up': props<{ draft: Draft }>(),
    'Draft Changed': props<{ draft: Draft }>(),
    'Draft Put Away': emptyProps(),
    'Change Undone': emptyProps(),
    'Change Redone': emptyProps(),
  },
});

export interface WorkshopState extends Past<Draft> {
  /** The method being worked on; none before one is taken up. */
  draft: Draft | null;
}

const initial: WorkshopState = { draft: null, ...NO_PAST };
const drafted = (
  state: WorkshopState,
  step: (Past<Draft> & { now: Draft }) | undefined,
): WorkshopState => (step ? { draft: step.now, past: step.past, future: step.future } : state);
const MOST_KEPT = 100;

export const workshopFeature = createFeature({
  name: 'workshop',
  reducer: createReducer(
    initial,
    on(WorkshopPage.methodTakenUp, (_, { draft }): WorkshopState => ({ ...initial, draft })),
    on(WorkshopPage.draftPutAway, (): WorkshopState => initial),
    on(WorkshopPage.draftChanged, (state, { draft }): WorkshopState => ({
      draft,
      ...(state.draft ? done(state, state.draft, MOST_KEPT) : NO_PAST),
    })),
    on(WorkshopPage.changeUndone, (state) =>
      state.draft ? drafted(state, undone(state, state.draft)) : state,
    ),
    on(WorkshopPage.changeRedone, (state) =>
      state.draft ? drafted(state, redone(state, state.draft)) : state,
    ),
  ),
  extraSelectors: ({ selectPast, selectFuture }) => ({
    selectCanUndo: createSelector(selectPast, ({ length }) => length > 0),
    selectCanRedo: createSelector(selectFuture, ({ length }) => length > 0),
  }),
});
