import { words } from '../../base/words/say';

export const SAY = words({
  settings: 'Settings',
  keptInThisBrowserWith: 'Kept in this browser; with an account, on every device of yours.',
  reading: 'Reading',
  turnsWritten: 'Turns written',
  firstColour: 'First colour',
  theme: 'Theme',
  keyboardShortcutsTheMapIs: 'Keyboard shortcuts (the map is on ?)',
  firstThings: 'First things',
  eightSmallPagesForSomebody: 'Eight small pages for somebody who has never solved a cube.',
  openThem: 'Open them',
  hands: 'Hands',
  myHand: 'My hand',
  sayWhichHandAndFinger: 'Say which hand and finger turns, under the tiles',
  stickerColours: 'Sticker colours',
  makeThemMatchYourCube: 'Make them match your cube, or easier to tell apart.',
  resetColours: 'Reset colours',
  aLetterOnEachSticker: 'A letter on each sticker',
  yourCubesCentres: "Your cube's centres",
  mostCubesAreColouredAlike:
    'Most cubes are coloured alike, but not all. Hold yours as in the picture and compare.',
  aSolvedCubeWithYour: 'A solved cube with your centres',
  takeCare: 'Take care',
  holdTheCubeLooselyAnd:
    'Hold the cube loosely and rest after some twenty minutes. Pain, numbness or tingling means stop; ask a clinician if it lasts. Small parts and caps of a cube are a choking hazard for young children: look for every loose part when a cube was taken apart or has popped.',
  proposeARestAfterMinutes: 'Propose a rest after {box} minutes of turning (0 for never)',
  asTheSystem: 'As the system',
  day: 'Day',
  night: 'Night',
});
