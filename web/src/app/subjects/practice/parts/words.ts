import { words } from '../../../base/words/say';

export const SAY = words({
  whatMayBeLookedAt: 'What may be looked at',
  tryAgain: 'Try again',
  whatToLookAtIn: 'What to look at, in order',
  leaves: '· leaves {leaves}',
  other: 'Other',
  whatIsThere: '{place}: what is there?',
  answers: 'Answers',
  startAgain: 'Start again',
  workingOutWhatToLook: 'Working out what to look at',
  topFrontAndRight: 'Top, front and right',
  alsoBackLeftAndBelow: 'Also back, left and below',
  thatIsAllOneCan: 'That is all one can see from here. It is one of these:',
  cases: '{cases} cases',
  looked: '{again, select, yes {{place}, seen before: {seen}} other {{place}: {seen}}}',
  itIsThisCase:
    '{turned, select, left {First turn the whole cube a quarter to the left. It is this case:} half {First turn the whole cube half way round. It is this case:} right {First turn the whole cube a quarter to the right. It is this case:} other {It is this case:}}',
  figures:
    '{mean} looks on average, {worst} at most; {proven, select, yes {no plan needs fewer} other {no plan needs fewer than {atLeast}}}{ordered, select, yes {; case by case it takes {inOrder}} other {}}.{told, select, yes {} other { In {open} % of looks it cannot be told so.}}',
});
