import { words } from '../../base/words/say';

export const SAY = words({
  simulatedCubeConnected: 'Simulated cube, connected.',
  whatYouTurnHereIs: 'What you turn here is reported as a cube would, with its time; {follows}.',
  turnTheSimulatedCube: 'Turn the simulated cube',
  disconnect: 'Disconnect',
  theWalkFollows: 'the walk follows',
  sideClockwise: '{colour} side clockwise',
  sideCounterClockwise: '{colour} side counter-clockwise',
  simulatedCube: 'Simulated cube',
});
