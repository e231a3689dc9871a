import { words } from '../../../base/words/say';

export const SAY = words({
  method: 'Method',
  madeHere: 'Made here',
  isNotProved: '“{title}” is not proved',
  someCubesAreNotSolved:
    'Some cubes are not solved by it. A learner who meets one is left in the middle of a stage with no way on. The Workshop shows such a cube.',
  notEveryStartHasBeen:
    'Not every start has been tried, so it may leave a learner in the middle of a stage with no way on. The Workshop tries them all in a few seconds.',
  keepTheMethodIHave: 'Keep the method I have',
  useItAnyway: 'Use it anyway',
});
