import { words } from '../../base/words/say';

export const SAY = words({
  turns: 'Turns',
  round: 'round {round} of {of}',
  hold: 'hold',
  lineUp: 'line up',
});
