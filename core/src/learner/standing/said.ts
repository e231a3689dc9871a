import { words } from '../../words/index.js';

export const SAY = words({
  begun: 'begun',
  known: 'known',
  sure: 'sure',
  slipping: 'slipping',
  new: 'not yet',
});
