import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type { Planned } from './work/solver-deeds';
import type { Position } from '@sleetcrest/contract';
import type { WalkRecord } from './walk-record';

/** What happens on a walk. */
export const WalkPage = createActionGroup({
  source: 'Walk Page',
  events: {
    'Walk Begun': props<{ record: WalkRecord }>(),
    'Saved Walk Opened': props<{ record: WalkRecord }>(),
    'Turn Done': emptyProps(),
    'Turn Undone': emptyProps(),
    /** A turn-reporting cube stands here. */
    'Position Reached': props<{ position: Position }>(),
    'Step Chosen': props<{ step: number }>(),
    'Play Toggled': emptyProps(),
    'Plan Changed': props<{ change: Partial<WalkRecord> }>(),
    'Walk Renamed': props<{ id: string; name: string }>(),
    'Keep Again Asked': props<{ id: string }>(),
    /** What plans walks could not be fetched before. */
    'Plan Asked Again': emptyProps(),
  },
});

export const Pace = createActionGroup({
  source: 'Pace',
  events: { 'Turn Due': emptyProps() },
});

/** What the solver in its worker answers. */
export const Solving = createActionGroup({
  source: 'Solving',
  events: {
    'Walk Made': props<{ planned: Planned }>(),
    'Walk Failed': props<{ message: string }>(),
  },
});

/** What became of keeping the walk on the server. */
export const Keeping = createActionGroup({
  source: 'Keeping',
  events: {
    /** The server has it, as it stands there; and which position was sent, if one was. */
    'Record Kept': props<{ record: WalkRecord; sent?: Position | undefined }>(),
    /** It is sent once the server can be reached. */
    'Record Waits': props<{ record: WalkRecord }>(),
    'Record Refused': props<{ id: string; message: string }>(),
  },
});

/** What was done with the saved cubes, of which the walk may be one. */
export const SavedCubes = createActionGroup({
  source: 'Saved Cubes',
  events: {
    /** It is deleted, or is as soon as the server can be reached. */
    'Cube Deleted': props<{ id: string }>(),
    'Cube Brought Back': props<{ id: string }>(),
  },
});
