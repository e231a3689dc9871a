import { words } from '../base/words/say';

export const SAY = words({
  keyboardShortcuts: 'Keyboard shortcuts',
  singleKeysCanBeSwitched: 'Single keys can be switched off in Settings.',
  close: 'Close',
  aPartOfThisPage: 'A part of this page is gone from the browser.',
  reloadItNothingOfYours: 'Reload it; nothing of yours is lost.',
  reload: 'Reload',
  aNewerSleetcrestIsReady: 'A newer Sleetcrest is ready.',
  finishWhatYouAreAt: 'Finish what you are at; it takes a moment.',
  takeItUp: 'Take it up',
  later: 'Later',
});
