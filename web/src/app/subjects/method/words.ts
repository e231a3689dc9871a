import { words } from '../../base/words/say';

export const SAY = words({
  aCaseThatIsNot: 'a case that is not there any more',
  isDeletedAsSoonAs: '“{title}” is deleted as soon as the server can be reached.',
  isDeleted: '“{title}” is deleted.',
  thisMethodWasChanged: 'This method was changed elsewhere too: yours is kept as “{title}”.',
  good: 'Good',
});
