import { words } from '@sleetcrest/core/words';

/** What is said of groups and who belongs to them. */
export const SAY = words({
  idOfAnother: 'Another group has this id; make a new id.',
  noSuchCode: 'No group has this code; ask your coach for it.',
  takenOut: 'You were taken out of this group; its coach can give you a new code.',
  full: 'This group is full; ask your coach for the code of another.',
  notAskedForHelp: 'Nobody is asked to help by this code any more.',
  noCallForHelp:
    'No coach asked for help by this code, or it is used up; learners’ codes are for learners.',
  noSuchHelper: 'No such coach helps in a group of yours.',
  noSuchLearner: 'No such learner is in a group of yours.',
  mayNotMoveThere: 'The group to move to is none that you may change.',
  fullToMove: 'The group to move to is full. Nobody was moved.',
  noSuchLearnerHere: 'No such learner is in this group.',
  notAskedToMove: 'Nobody asks you to move to this group any more.',
  noSuchGroup: 'No group of yours is known by this id.',
});
