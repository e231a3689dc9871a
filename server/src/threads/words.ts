import { words } from '@sleetcrest/core/words';

/** What is said where working something out takes long. */
export const SAY = words({
  takesTooLong: 'it takes too long to work out; make it smaller, or try again later',
  busy: 'Too much is being worked out just now. Wait a moment, then try again; nothing was changed.',
});
