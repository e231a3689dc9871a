import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type { KeepMethod, SavedMethod } from '@sleetcrest/contract';

/** What people do with methods of their own. */
export const MethodsPage = createActionGroup({
  source: 'Methods Page',
  events: {
    Opened: emptyProps(),
    'Method Kept': props<{ kept: KeepMethod }>(),
    'Method Deleted': props<{ id: string; title: string }>(),
    'Delete Undone': props<{ id: string }>(),
  },
});

/** What the server answers of them. */
export const MethodsServer = createActionGroup({
  source: 'Methods Server',
  events: {
    'Methods Listed': props<{ own: SavedMethod[] }>(),
    'Method Saved': props<{ saved: SavedMethod }>(),
    'Method Gone': props<{ id: string; title: string }>(),
    'Request Failed': props<{ message: string }>(),
  },
});
