import { words } from '@sleetcrest/core/words';

/** What is said of what is set. */
export const SAY = words({
  notOfThisGroup: 'somebody in it is no learner of this group',
  notSet: 'Nothing that was set is known by this id.',
  notSetForYou: 'Nothing set for you is known by this id.',
});
