import { words } from '../../base/words/say';

export const SAY = words({
  see: 'See',
  turn: 'Turn',
  seeAndTurn: 'See and turn',
  readLetters: 'Read letters',
});
