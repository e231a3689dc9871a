import {
  createActionGroup,
  createFeature,
  createReducer,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import type { Grouping, LogFilter } from '@sleetcrest/core/learner/log';

/** Which side of the log is looked at. */
export type Face = 'records' | 'charts' | 'groups';

export const LogPage = createActionGroup({
  source: 'Log Page',
  events: {
    /** Whose log: that of a learner, or one's own. */
    Opened: props<{ of: string | null }>(),
    'Face Chosen': props<{ face: Face }>(),
    'Filter Narrowed': props<{ filter: LogFilter }>(),
    'Grouping Chosen': props<{ grouping: Grouping }>(),
    /** A day or a session, of which the records are shown. */
    'Group Chosen': props<{ from: string; to: string }>(),
    'Record Toggled': props<{ id: string }>(),
    'Records Selected': props<{ ids: readonly string[] }>(),
    'Records Changed': emptyProps(),
  },
});

export interface LogState {
  of: string | null;
  face: Face;
  filter: LogFilter;
  grouping: Grouping;
  selected: readonly string[];
  /** How often something was changed here: what is shown is then read anew. */
  changes: number;
}

const initial: LogState = {
  of: null,
  face: 'records',
  filter: {},
  grouping: 'session',
  selected: [],
  changes: 0,
};

/** How the log is looked at: as it was left, when one comes back to it. */
export const logFeature = createFeature({
  name: 'log',
  reducer: createReducer(
    initial,
    on(LogPage.opened, (state, { of }) => (of === state.of ? state : { ...initial, of })),
    on(LogPage.faceChosen, (state, { face }) => ({ ...state, face })),
    on(LogPage.filterNarrowed, (state, { filter }) => ({ ...state, filter, selected: [] })),
    on(LogPage.groupingChosen, (state, { grouping }) => ({ ...state, grouping })),
    on(LogPage.groupChosen, (state, { from, to }) => ({
      ...state,
      face: 'records' as const,
      filter: { ...state.filter, from, to },
      selected: [],
    })),
    on(LogPage.recordToggled, (state, { id }) => ({
      ...state,
      selected: state.selected.includes(id)
        ? state.selected.filter((one) => one !== id)
        : [...state.selected, id],
    })),
    on(LogPage.recordsSelected, (state, { ids }) => ({ ...state, selected: ids })),
    on(LogPage.recordsChanged, (state) => ({
      ...state,
      selected: [],
      changes: state.changes + 1,
    })),
  ),
});
