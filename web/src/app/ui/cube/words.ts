import { words } from '../../base/words/say';

export const SAY = words({
  thisBrowserCannotDrawThe:
    'This browser cannot draw the turning cube. The flat picture beside it shows all of it.',
  theCubeAsItIs: 'The cube as it is held; arrow keys look round it',
  lookFromTheFrontAgain: 'Look from the front again',
});
