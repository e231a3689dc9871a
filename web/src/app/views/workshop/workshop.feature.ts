import {
  createActionGroup,
  createFeature,
  createReducer,
  createSelector,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
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

export interface WorkshopState {
  /** The method being worked on; none before one is taken up. */
  draft: Draft | null;
  past: readonly Draft[];
  future: readonly Draft[];
}

const initial: WorkshopState = { draft: null, past: [], future: [] };
const MOST_KEPT = 100;

export const workshopFeature = createFeature({
  name: 'workshop',
  reducer: createReducer(
    initial,
    on(WorkshopPage.methodTakenUp, (_, { draft }): WorkshopState => ({ ...initial, draft })),
    on(WorkshopPage.draftPutAway, (): WorkshopState => initial),
    on(WorkshopPage.draftChanged, (state, { draft }): WorkshopState => ({
      draft,
      past: state.draft ? [...state.past, state.draft].slice(-MOST_KEPT) : [],
      future: [],
    })),
    on(WorkshopPage.changeUndone, (state): WorkshopState => {
      const before = state.past.at(-1);
      if (!before || !state.draft) return state;
      return {
        draft: before,
        past: state.past.slice(0, -1),
        future: [state.draft, ...state.future],
      };
    }),
    on(WorkshopPage.changeRedone, (state): WorkshopState => {
      const [next, ...future] = state.future;
      if (!next || !state.draft) return state;
      return { draft: next, past: [...state.past, state.draft], future };
    }),
  ),
  extraSelectors: ({ selectPast, selectFuture }) => ({
    selectCanUndo: createSelector(selectPast, ({ length }) => length > 0),
    selectCanRedo: createSelector(selectFuture, ({ length }) => length > 0),
  }),
});
