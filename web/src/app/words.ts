import { words } from './base/words/say';

export const SAY = words({
  bench: 'Bench',
  firstThings: 'First things',
  learn: 'Learn',
  cases: 'Cases',
  methods: 'Methods',
  workshop: 'Workshop',
  timing: 'Timing',
  log: 'Log',
  table: 'Table',
  review: 'Review',
  signIn: 'Sign in',
  account: 'Account',
  settings: 'Settings',
  toTheContent: 'To the content',
  views: 'Views',
  sleetcrest: 'Sleetcrest',
  savedCubes: 'Saved cubes',
  accountOf: 'Account of {name}',
  dayOrNight: 'Day or night',
  keyboardShortcuts: 'Keyboard shortcuts',
});
