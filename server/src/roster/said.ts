import { words } from '@sleetcrest/core/words';

/** What is said of names that are to be added. */
export const SAY = words({
  twice: '{name} is there twice',
  tooMany:
    'A group has at most {most, number} learners; make another for the rest. Nobody was added.',
  nameTaken: '{name} is taken here; add something to it',
  otherPhrase: '{name} is here already, and has another passphrase by now',
  nobodyAdded: 'Nobody was added: {why}.',
});
