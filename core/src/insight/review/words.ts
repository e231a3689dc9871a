import { words } from '../../words/index.js';

export const SAY = words({
  asItWasDone: 'As it was done',
  twiceInASolve: 'twice in a solve',
  timesInASolve: '{rounded} times in a solve',
  onceInASolve: 'once in a solve',
  onceInSolves: 'once in {solves} solves',
  theScramble: 'The scramble: {message}.',
  theTurns: 'The turns: {message}.',
  thereAreNoTurnsTo: 'There are no turns to review: give those you did.',
  theScrambleLeavesTheCube: 'The scramble leaves the cube solved: give the turns that mixed it.',
  theseTurnsCancelEachOther: 'These {count} turns cancel each other.',
  aSlipNoticedAndTurned: 'A slip, noticed and turned back: {count} turns for nothing.',
  afterTheseTurnsTheCube: 'After these {count} turns the cube is as it was before them.',
  linedUpInTurnsWhere: 'Lined up in {done} turns where {needed} would do.',
  theEndOfOneSequence:
    'The end of one sequence and the beginning of the next cancel each other: {count, plural, one {# turn} other {# turns}}.',
  theLayerIsTurnedAnd:
    'The layer is turned {count, plural, =2 {twice} other {# times}} and stands as before: it was lined up already.',
  turnsOfOneSide: '{done} turns of one side where {needed} would do.',
  turnsWhereTwoMeet: '{done} turns of one side, where two sequences meet, where {needed} would do.',
  takenOut: 'Finished and taken out: {names}; not mended.',
  takenOutAndMended:
    'Finished and taken out: {names}; mended {turns, plural, one {# turn} other {# turns}} later.',
  shorterWay:
    '{title}: the {turnCount}-turn way of “{approach}” saves {count} {saves, plural, one {turn} other {turns}}, {often}.',
  lineUpNearer:
    'Look which way is nearer before lining up: {count} {turns, plural, one {turn} other {turns}} saved in this solve.',
  lookOnceMore:
    'Look once more before turning: {count} {turns, plural, one {turn} other {turns}} were turned back or came to nothing.',
});
