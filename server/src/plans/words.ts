import { words } from '@sleetcrest/core/words';

/** What is said of plans of sessions. */
export const SAY = words({
  noSuchCalendar: 'No calendar is at this address; ask the coach for the one in use.',
  otherThanAddress: 'The plan has another id than its address.',
  changedMeanwhile:
    'Somebody changed this plan meanwhile; look at theirs first. Yours was not kept.',
  deletedMeanwhile: 'This plan was deleted meanwhile; keep it as a new one if you need it.',
  noSuchPlan: 'No plan of this group is known by this id.',
});
