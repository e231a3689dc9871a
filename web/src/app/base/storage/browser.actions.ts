import { createActionGroup, props } from '@ngrx/store';
import type { Persisted } from './persisted';

/** What the browser tells as the application begins. */
export const Browser = createActionGroup({
  source: 'Browser',
  events: {
    /** What was kept by the last visit: nothing where there was none. */
    'State Restored': props<{ state: Persisted }>(),
  },
});
