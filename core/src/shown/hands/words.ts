import { words } from '../../words/index.js';

export const SAY = words({
  wristUp: 'wrist up',
  wristDown: 'wrist down',
  wristAllTheWayUp: 'wrist all the way up',
  wristAllTheWayDown: 'wrist all the way down',
  forefingerPulls: 'forefinger pulls',
  forefingerPushes: 'forefinger pushes',
  forefingerTurnsTheTopBack: 'forefinger turns the top back',
  forefingerPullsTwice: 'forefinger pulls twice',
  ringFingerPulls: 'ring finger pulls',
  ringFingerPushes: 'ring finger pushes',
  ringFingerPullsTwice: 'ring finger pulls twice',
  forefingerPullsTheFront: 'forefinger pulls the front down',
  thumbPushesTheFrontUp: 'thumb pushes the front up',
  forefingerPullsTheFrontTwice: 'forefinger pulls the front twice',
  forefingerPullsTheBackDown: 'forefinger pulls the back down',
  forefingerPushesTheBackUp: 'forefinger pushes the back up',
  forefingerPullsTheBack: 'forefinger pulls the back twice',
  regripTheHand: '{hand, select, left {regrip the left hand} other {regrip the right hand}}',
  bothHandsTurnTheWhole: 'both hands turn the whole cube',
  handDoes: '{hand, select, left {left {does}} other {right {does}}}',
});
