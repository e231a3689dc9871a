import { learnDeeds } from './deeds/learn-deeds';
import { methodDeeds } from './deeds/method-deeds';
import { planningDeeds } from './deeds/planning-deeds';
import { reviewDeeds } from './deeds/review-deeds';
import { scrambleDeeds } from './deeds/scramble-deeds';
import { slipDeeds } from './deeds/slip-deeds';
import { solverDeeds } from './deeds/solver-deeds';

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
export type Computing = typeof computing;
