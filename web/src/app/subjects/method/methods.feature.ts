import { createFeature, createReducer, on } from '@ngrx/store';
import type { SavedMethod } from '@sleetcrest/contract';
import { MethodsPage, MethodsServer } from './methods.actions';

export interface MethodsState {
  /** People's own methods as the server last told them. */
  own: readonly SavedMethod[];
  status: 'idle' | 'asking' | 'reached' | 'waiting' | 'failed';
  failure: string | null;
}

const initial: MethodsState = { own: [], status: 'idle', failure: null };

const byTitle = (a: SavedMethod, b: SavedMethod): number =>
  a.method.title.localeCompare(b.method.title, 'en');

export const methodsFeature = createFeature({
  name: 'methods',
  reducer: createReducer(
    initial,
    on(MethodsPage.opened, MethodsPage.methodKept, (state): MethodsState => ({
      ...state,
      status: 'asking',
      failure: null,
    })),
    on(MethodsServer.methodsListed, (_, { own }): MethodsState => ({
      own,
      status: 'reached',
      failure: null,
    })),
    on(MethodsServer.methodSaved, ({ own }, { saved }): MethodsState => ({
      own: [...own.filter(({ method }) => method.id !== saved.method.id), saved].sort(byTitle),
      status: 'reached',
      failure: null,
    })),
    on(MethodsServer.methodWaits, ({ own }, { saved }): MethodsState => ({
      own: [...own.filter(({ method }) => method.id !== saved.method.id), saved].sort(byTitle),
      status: 'waiting',
      failure: null,
    })),
    on(MethodsServer.methodGone, (state, { id }): MethodsState => ({
      ...state,
      own: state.own.filter(({ method }) => method.id !== id),
    })),
    on(MethodsServer.requestFailed, (state, { message }): MethodsState => ({
      ...state,
      status: 'failed',
      failure: message,
    })),
  ),
});
