import { words } from '@sleetcrest/core/words';

/** Why somebody is not let in. */
export const SAY = words({
  onlyACoach: 'Only a coach can do this.',
  noSuchLearner: 'No learner of your groups is known by this id.',
  noSuchWork: 'Nothing that was handed in is known by this id.',
  teacherMarks: 'Whoever teaches the group marks it.',
  notSetForYou: 'Nothing set for you is known by this id.',
  sitDownFirst: 'Sit down at the table first: type the code on the board.',
  sessionOverOrNotSeated: 'This session is over, or you do not sit at it.',
  noSuchGroup: 'No group of yours is known by this id.',
  archived: 'This group is archived; restore it to go on with it.',
  mayNot: 'You may not do this in this group; its coach can let you.',
  takesOnly: 'This address takes {allowed}, and not {asked}. Nothing was changed.',
  signInFirst: 'Sign in first: this is kept for your account.',
  choosePhraseFirst:
    'Choose a passphrase of your own first; the one you were given is for beginning.',
});
