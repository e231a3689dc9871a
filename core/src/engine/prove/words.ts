import { words } from '../../words/index.js';

export const SAY = words({
  stepUndoesWhatWasDone:
    'Step {at} undoes what was done before and it is not mended. This no longer holds: {goal}',
  noCaseFitsThisCube: 'No case fits this cube.',
  afterStepTheCubeIs:
    'After step {at} the cube is one that was met before: it goes round in a circle.',
  afterStepNoCaseFits: 'After step {at} no case fits the cube.',
  doesNotSolve: '{id} does not solve every cube',
  noSuchStage: '{method} has no stage {stage}',
  noStartMet: 'no start of {stage} was met in {tries, number} solves',
});
