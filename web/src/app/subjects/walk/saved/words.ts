import { words } from '../../../base/words/say';

export const SAY = words({
  isDeletedAsSoonAs: '“{name}” is deleted as soon as the server can be reached.',
  isDeleted: '“{name}” is deleted.',
});
