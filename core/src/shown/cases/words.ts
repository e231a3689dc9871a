import { words } from '../../words/index.js';

export const SAY = words({
  thisCaseOnlyComesUp: 'This case only comes up in the middle of its stage.',
});
