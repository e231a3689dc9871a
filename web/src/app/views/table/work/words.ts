import { words } from '../../../base/words/say';

export const SAY = words({
  theCubeThatIsAsked: 'The cube that is asked about',
  lookAtItOnThe: 'Look at it on the Bench',
  thisCubeCannotBeRead: 'This cube cannot be read.',
  itsTurnsWereNotRecorded: 'Its turns were not recorded; these are the times of its stages.',
  turns: '{turns, plural, one {# turn} other {# turns}}',
  workingOutTheReview: 'Working out the review',
  theCubeAfterTurn: 'The cube after turn {at}',
  aTurnBack: 'A turn back',
  afterTurnOf: 'after turn {at} of {turns}',
  aTurnOn: 'A turn on',
  turn: 'Turn {number}, {name}{noted, select, yes {, with words on it} other {}}',
  aSolve: 'A solve',
  wordsOnIt: 'Words on it',
  asItWasHandedIn: 'as it was handed in',
  write: 'Write {hereWords}',
  onAllOfItInstead: 'on all of it instead',
  sendIt: 'Send it',
  ofTheWhole: 'of the whole',
  atTurn: 'at turn {turn}',
  at: 'at {stage}',
  tryAgain: 'Try again',
  fetchingWhatWasHandedIn: 'Fetching what was handed in',
  whatWasHandedIn: 'What was handed in',
  newWords: 'new words',
  new: 'new',
  answered: 'answered',
  youHaveNotHandedAnything:
    'You have not handed anything in yet. A solve is handed in from its review, a cube from the Bench.',
  nothingWasHandedInYet:
    'Nothing was handed in yet. Learners hand in a solve from its review, or a cube with a question from the Bench.',
  notAnsweredAfterAll: 'Not answered after all',
  markAsAnswered: 'Mark as answered',
  aCubeWhatNow: 'a cube: what now?',
  aSolve2: 'a solve',
  summary:
    '{what}{timed, select, yes { in {time}} other {}}{known, select, yes {, {turns, plural, one {# turn} other {# turns}}} other {}}, on {beganAt}',
  stageTurns:
    '{turns, plural, one {# turn} other {# turns}}{wasted, plural, =0 {} other {: # wasted}}{known, select, yes {, {enough} enough} other {}}',
});
