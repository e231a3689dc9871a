import { words } from '../../base/words/say';

export const SAY = words({
  simulatedTableTimer: 'Simulated table timer',
  simulatedTableTimerConnected: 'Simulated table timer, connected.',
  pressAHandToLay: 'Press a hand to lay it on the mat or lift it.',
  handsOnTheSimulatedTable: 'Hands on the simulated table timer',
  disconnect: 'Disconnect',
  lift: 'Lift the {hand, select, left {left} other {right}} hand',
  lay: 'Lay the {hand, select, left {left} other {right}} hand',
});
