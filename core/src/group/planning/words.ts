import { words } from '../../words/index.js';

export const SAY = words({
  nobodyComesChooseWhoIs: 'Nobody comes: choose who is there.',
  aSessionIsPlannedFor: 'A session is planned for at most {mostPlanned} learners; plan two.',
  aSessionTakesToMinutes: 'A session takes {leastMinutes} to {mostMinutes} minutes.',
  eachTableNeedsACube: 'Each table needs a cube: {least} at least for so many learners.',
  doesWholeSolvesThoughIs: '{name} does whole solves, though {case} is not sure yet.',
  doesWholeSolvesNothingElse: '{name} does whole solves: nothing else of theirs is under way.',
  isNotNextForWho: '{title} is not next for {name}, who watches or solves.',
  isNextOnSPath: '{title} is next on {name}’s path.',
  doesNotMixUpAnd: '{name} does not mix up {both}, and does whole solves meanwhile.',
  hasBegunAndNotYet: '{name} has begun {title} and not yet done it alone.',
  hasDoneAloneOnceMore: '{name} has done {title} alone; once more makes it sure.',
  isForgettingIsSureOf: '{name} is forgetting {title}; {name2} is sure of it and explains it.',
  knewAndIsForgettingIt: '{name} knew {title} and is forgetting it.',
  isSureOfAndExplains: '{name} is sure of {title} and explains it to {name2}.',
  isSureOfAlreadyAnd: '{name} is sure of {title} already, and does whole solves meanwhile.',
  isNotBegunByYet: '{title} is not begun by {name} yet, who watches or solves.',
  isSoonNextOnS:
    '{title} is soon next on {name}’s path: {before, plural, one {one case comes} other {two cases come}} before it.',
  both: '{one} and {other}',
  mixedUp: '{name} mixed up {both} {times, plural, one {once} other {# times}}.',
});
