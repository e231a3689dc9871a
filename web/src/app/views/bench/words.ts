import { words } from '../../base/words/say';

export const SAY = words({
  fetchingTheWalk: 'Fetching the walk',
  thisWalkCannotBeShown: 'This walk cannot be shown',
  aPartOfThePage: 'A part of the page could not be fetched. Reload the page; nothing is lost.',
  tryAgain: 'Try again',
  enterACube: 'Enter a cube',
  findingTheWay: 'Finding the way',
});
