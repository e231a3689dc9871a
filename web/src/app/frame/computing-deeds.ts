import { learnDeeds } from '../subjects/practice/work/learn-deeds';
import { methodDeeds } from '../subjects/method/work/method-deeds';
import { planningDeeds } from '../subjects/group/work/planning-deeds';
import { reviewDeeds } from '../subjects/log/work/review-deeds';
import { scrambleDeeds } from '../subjects/cube/work/scramble-deeds';
import { slipDeeds } from '../subjects/walk/work/slip-deeds';
import { solverDeeds } from '../subjects/walk/work/solver-deeds';

/** All that is computed of cubes and methods, in one script: most of it is the same core. */
export const computing = {
  learn: learnDeeds,
  methods: methodDeeds,
  planning: planningDeeds,
  review: reviewDeeds,
  scramble: scrambleDeeds,
  slips: slipDeeds,
  solver: solverDeeds,
};
