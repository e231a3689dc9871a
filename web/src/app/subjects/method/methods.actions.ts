import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type { KeepMethod, SavedMethod } from '@sleetcrest/contract';

/** What people do with methods of their own. */
export const MethodsPage = createActionGroup({
  source: 'Methods Page',
  events: {
    Opened: emptyProps(),
    'Method Kept': props<{ kept: KeepMethod }>(),
    'Deletion Asked': props<{ id: string; title: string }>(),
    'Delete Undone': props<{ id: string }>(),
  },
});

/** What the server answers of them. */
export const MethodsServer = createActionGroup({
  source: 'Methods Server',
  events: {
    'Methods Listed': props<{ own: SavedMethod[] }>(),
    'Method Saved': props<{ saved: SavedMethod }>(),
    /** It is told, and waits until the server can be reached. */
    'Method Waits': props<{ saved: SavedMethod }>(),
    'Method Gone': props<{ id: string; title: string; waits: boolean }>(),
    /** It was changed elsewhere too: both are kept, this one as another. */
    'Method Kept Beside': props<{ saved: SavedMethod; was: string }>(),
    'Request Failed': props<{ message: string }>(),
  },
});
