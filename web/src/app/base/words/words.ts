import { words } from './say';

export const SAY = words({
  seconds: '{seconds} seconds',
  minutesAndSeconds: '{minutes, plural, one {# minute} other {# minutes}} {seconds} seconds',
  theLastFinished: 'the last finished',
  medianOf: 'median of the last {count, number} finished',
  everyCube: 'every cube',
  hardlyAnyCube: 'hardly any cube',
  someOfCubes: '{some} of {all} cubes',
  never: 'never',
  always: 'always',
  overAlmostAll: 'over 99.9 %',
  underNone: 'under 0.1 %',
  percent: '{percent} %',
});
