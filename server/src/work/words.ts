import { words } from '@sleetcrest/core/words';

/** What is said of what is handed in. */
export const SAY = words({
  enoughToday:
    'You handed in {most, number} things since yesterday, as many as your coach can look at; nothing was added. Go on tomorrow.',
  isPrivate: 'This record is marked private: take that off it before you hand it in.',
  noSuchWork: 'Nothing that was handed in is known by this id.',
});
