import { words } from '../../words/index.js';

export const SAY = words({
  theLesson: 'The lesson “{case}”',
  recogniseRightEach: 'Recognise {all}, {times, plural, one {once} other {# times}} right each',
  onTheClock: '{stage} on the clock, {times, plural, one {once} other {# times}}',
  solveTheCubeMixedBy: 'Solve the cube mixed by {scramble}',
  solveTheCubeThatIs: 'Solve the cube that is set',
  planTheFirstSteps: 'Plan the first steps, {times, plural, one {once} other {# times}}',
});
