import { words } from '../../words/index.js';

export const SAY = words({
  theWholeCube: 'the whole cube',
  the: 'the {name}',
  the2: 'the {move}',
  atTurnWentTheOther: 'At turn {turn} {meant} went the other way.',
  turnWasSkipped: 'Turn {turn}, {meant}, was skipped.',
  theLiningUpBeforeThe: 'The lining up before the sequence, {meant}, was skipped.',
  theLastTurnWasSkipped: 'The last turn, {meant}, was skipped: it lines the layer up.',
  atTurnWentHalfWay: 'At turn {turn} {meant} went half way round, not a quarter.',
  atTurnWentAQuarter: 'At turn {turn} {meant} went a quarter, not half way round.',
  atTurnTurnedNot: 'At turn {turn} {did} turned ({did2}), not {meant}.',
  atTurnTheWholeCube: 'At turn {turn} the whole cube was turned, not only {meant}.',
  beforeTurnCameOneTurn: 'Before turn {turn} came one turn too many: {did}.',
  afterTheLastTurnCame: 'After the last turn came one too many: {did}.',
  turnsAndWereExchanged: 'Turns {turn} and {at} were exchanged.',
  beforeTurnTheWholeCube:
    'Before turn {turn} the whole cube was turned ({did}), and you went on holding it that way.',
  itWasDoneWithThe: 'It was done with the other hand, as in a mirror.',
  itWasNotDoneAt: 'It was not done at all.',
  itWasStoppedAfterTurns:
    'It was stopped after {turns, plural, one {# turn} other {# turns}} of {moves}.',
  itWasDoneOnceToo: 'It was done once too often.',
  heldWithFront: 'It was done with {front} in front, not {frontMeant}.',
  heldWith:
    'It was done with {up} up and {front} in front, not {upMeant} up and {frontMeant} in front.',
  oneThenOther: '{one}, then {other}',
  roundsTooMany:
    '{rounds, plural, one {# round} other {# rounds}} too many: {done} times these {run} turns, not {meant}.',
  roundsTooFew:
    '{rounds, plural, one {# round} other {# rounds}} too few: {done} times these {run} turns, not {meant}.',
});
