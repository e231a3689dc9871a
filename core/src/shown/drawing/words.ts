import { words } from '../../words/index.js';

export const SAY = words({
  underside: 'underside',
});
