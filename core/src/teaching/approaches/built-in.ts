import type { Approach } from './approach.js';
import { cornersMatch } from './corners-match.js';
import { cornersRepeat } from './corners-repeat.js';
import { cornersThree } from './corners-three.js';
import { cornersWhiteUp } from './corners-white-up.js';
import { crossLift } from './cross-lift.js';
import { crossUnder } from './cross-under.js';
import { cycleOne } from './cycle-one.js';
import { cycleTwo } from './cycle-two.js';
import { daisyCross } from './daisy-cross.js';
import { daisy } from './daisy.js';
import { edgesMatch } from './edges-match.js';
import { faceRepeat } from './face-repeat.js';
import { faceTwo } from './face-two.js';
import { middleEight } from './middle-eight.js';
import { middleFive } from './middle-five.js';
import { middleRefit } from './middle-refit.js';
import { middleTurn } from './middle-turn.js';
import { pairs } from './pairs.js';
import { placeLeft } from './place-left.js';
import { placeRight } from './place-right.js';
import { swapBack } from './swap-back.js';
import { swapLeft } from './swap-left.js';
import { swapRight } from './swap-right.js';
import { turnUnder } from './turn-under.js';
import { turnUp } from './turn-up.js';
import { ycrossAlt } from './ycross-alt.js';
import { ycrossRepeat } from './ycross-repeat.js';
import { ycrossTwo } from './ycross-two.js';

/** Every built-in approach, in the order of the stages. */
export const APPROACHES: readonly Approach[] = [
  daisy,
  daisyCross,
  crossLift,
  crossUnder,
  cornersRepeat,
  cornersMatch,
  cornersThree,
  cornersWhiteUp,
  middleTurn,
  middleRefit,
  middleEight,
  middleFive,
  pairs,
  ycrossRepeat,
  ycrossAlt,
  ycrossTwo,
  edgesMatch,
  placeRight,
  placeLeft,
  turnUp,
  turnUnder,
  faceRepeat,
  faceTwo,
  swapBack,
  swapRight,
  swapLeft,
  cycleTwo,
  cycleOne,
];

export const approachById = (id: string): Approach | undefined =>
  APPROACHES.find((approach) => approach.id === id);
