import { words } from '../../../base/words/say';

export const SAY = words({
  timeForARest: 'Time for a rest.',
  putTheCubeDownOpen:
    'Put the cube down, open your hands and look far away for a while. Pain, numbness or tingling means stop; ask a clinician if it lasts.',
  iHaveRested: 'I have rested',
  inFiveMinutes: 'In five minutes',
});
