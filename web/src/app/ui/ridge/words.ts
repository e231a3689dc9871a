import { words } from '../../base/words/say';

export const SAY = words({
  stagesOfTheSolve: 'Stages of the solve',
  done: 'done',
  youAreHere: 'you are here',
  stillAhead: 'still ahead',
  about: 'about {turns, plural, =0 {nothing to do} one {# turn} other {# turns}}',
  turns: '{turns, plural, =0 {nothing to do} one {# turn} other {# turns}}, {state}',
});
