import { createFeature, createReducer, on } from '@ngrx/store';
import type { SolvePage } from '@sleetcrest/contract';
import { SavedApi, SavedPage } from './saved.actions';

/** How many cubes the drawer shows at once. */
export const PAGE_SIZE = 8;

export interface SavedState {
  page: SolvePage | null;
  loading: boolean;
  failure: string | null;
}

const initial: SavedState = { page: null, loading: false, failure: null };

export const savedFeature = createFeature({
  name: 'saved',
  reducer: createReducer(
    initial,
    on(SavedPage.opened, SavedPage.pageAsked, (state) => ({
      ...state,
      loading: true,
      failure: null,
    })),
    on(SavedApi.pageListed, (_, { page }) => ({ page, loading: false, failure: null })),
    on(SavedApi.listingFailed, (state, { message }) => ({
      ...state,
      loading: false,
      failure: message,
    })),
    on(SavedApi.solveChanged, (state, { solve }) => ({
      ...state,
      failure: null,
      page: state.page && {
        ...state.page,
        items: state.page.items.map((one) => (one.id === solve.id ? solve : one)),
      },
    })),
    on(SavedApi.solveGone, (state, { solve }) => ({
      ...state,
      failure: null,
      page: state.page && {
        ...state.page,
        items: state.page.items.filter(({ id }) => id !== solve.id),
        total: state.page.total - 1,
      },
    })),
    on(SavedApi.changeFailed, (state, { message }) => ({ ...state, failure: message })),
  ),
});
