import { words } from '../../base/words/say';

export const SAY = words({
  turn: 'Turn',
  orByLettersForWith: 'Or by letters: {key} for {right}, with Shift the other way.',
});
