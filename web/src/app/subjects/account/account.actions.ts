import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type { Session } from '@sleetcrest/contract/accounts';

/** What the server tells of who is signed in here. */
export const SessionApi = createActionGroup({
  source: 'Session API',
  events: {
    /** As the application begins. */
    'Session Told': props<{ session: Session }>(),
    /** Somebody has just signed in or up: what a guest kept in the browser moves into the account. */
    'Signed In': props<{ session: Session }>(),
    'Signed Out': props<{ session: Session }>(),
    'Session Unknown': emptyProps(),
  },
});
