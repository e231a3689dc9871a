import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type { SavedSolve, SolvePage } from '@sleetcrest/contract';

/** What is asked of the drawer of saved cubes. */
export const SavedPage = createActionGroup({
  source: 'Saved Drawer',
  events: {
    Opened: emptyProps(),
    'Page Asked': props<{ page: number }>(),
    'Solve Renamed': props<{ solve: SavedSolve; name: string }>(),
    'Deletion Asked': props<{ solve: SavedSolve }>(),
    'Delete Undone': props<{ solve: SavedSolve }>(),
  },
});

export const SavedApi = createActionGroup({
  source: 'Saved Api',
  events: {
    'Page Listed': props<{ page: SolvePage }>(),
    'Listing Failed': props<{ message: string }>(),
    'Solve Changed': props<{ solve: SavedSolve }>(),
    /** It is deleted, or is as soon as the server can be reached. */
    'Solve Gone': props<{ solve: SavedSolve; waits: boolean }>(),
    'Change Failed': props<{ message: string }>(),
  },
});
