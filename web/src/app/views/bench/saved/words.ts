import { words } from '../../../base/words/say';

export const SAY = words({
  savedCubes: 'Saved cubes',
  closeTheDrawer: 'Close the drawer',
  fetchingTheSavedCubes: 'Fetching the saved cubes',
  tryAgain: 'Try again',
  notSentYet: 'Not sent yet',
  keptHereUntilTheServer: 'Kept here until the server can be reached:',
  nothingIsSavedYetA: 'Nothing is saved yet. A cube is saved by itself as soon as its walk begins.',
  asItWasEntered: '{name}, as it was entered',
  newName: 'New name',
  turnsFirst: '{progress} · {turnCount} turns · {firstColour} first',
  rename: 'Rename {name}',
  delete: 'Delete {name}',
  newer: 'Newer',
  pageOf: 'page {page} of {pages}',
  older: 'Older',
  stepOf: 'step {step} of {stepCount}',
});
