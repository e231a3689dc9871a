import { words } from '../words/say';

export const SAY = words({
  theServerGaveAnAnswer: 'The server gave an answer that cannot be read.',
  theServerCannotBeReached: 'The server cannot be reached just now.',
  name: 'Name',
  title: 'Title',
  passphrase: 'Passphrase',
  code: 'Code',
  turnsThatMixIt: 'Turns that mix it',
  turns: 'Turns',
  message: 'Message',
  words: 'Words',
  tags: 'Tags',
  minutes: 'Minutes',
  cubes: 'Cubes',
  howOften: 'How often',
  until: 'Until',
  timeZone: 'Time zone',
  sequence: 'Sequence',
});
