import { words } from '@sleetcrest/core/words';

/** What the command line says of its input. */
export const SAY = words({
  noSuchApproach: 'no approach is called {id}; there is {known}',
  unreadable: '{path} cannot be read',
  notJson: '{path} is not JSON',
  wrongIn: '{path}: {errors}',
  methodOrFile: 'give --method or --method-file, not both',
  noSuchMethod: 'no method is called {id}; there is {known}',
  noSuchColour: 'no colour is called {name}; there is {known}',
  noVerb: 'give a verb; there is {known}',
  noSuchVerb: 'no verb is called {verb}; there is {known}',
  error: 'error: {message}',
  oneSource: 'give one of --turns, --file or --lines',
});
