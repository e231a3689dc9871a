import { words } from '../../words/index.js';

/** Why a method or an approach cannot be used. */
export const SAY = words({
  noSuchMethod: 'no method is called {method}; there is {known}',
  inCase: '{caseId}: {message}',
  noSuchSticker: 'no sticker is named {name}',
  noSuchPlace: 'no place is named {name}',
  noSuchWord: 'sentences cannot name {word}',
  noSuchHold: 'no hold has {up} up and {front} in front',
  cannotSearch: '{id} cannot search: only built-in approaches can',
  idOfBuiltIn: '{id} is the id of a built-in approach; give this one an id of its own',
  idMustBegin: '{stray}: its id must begin with {id}/',
  idTwice: '{twice}: two cases have this id',
  inMethod: 'method {id}: {error}',
  noSuchApproach: 'no approach is called {id}',
  cannotComeFirst: '{id} cannot come first; here {can} can stand',
  nothingLeft: '{id} cannot follow {before}; nothing is left to do there',
  cannotFollow: '{id} cannot follow {before}; here {can} can stand',
  isEmpty: 'it is empty; next there must be {next}',
  stopsAfter: 'it stops after {last}; next there must be {next}',
  missesGoal: '{id} does not bring this cube to the goal of {stage}',
});
