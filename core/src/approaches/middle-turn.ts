import type { Approach, LiningUp, Pattern } from './approach.js';

const RIGHT_HAND = "U R U R' U' y L' U' L U";
const LEFT_HAND = "U' L' U' L U y' R U R' U'";

const makeBar: LiningUp = {
  layer: 'U',
  turning:
    'Its side sticker is {front}: turn the top until it sits over the {front} centre and they make a bar.',
  already: 'Its side sticker is {front} and sits over the {front} centre: they make a bar.',
};

/** A middle edge at front right that is in the wrong place or flipped. */
const WRONG_AT_RIGHT: readonly Pattern[] = [
  { 'FR.F': ['right', 'back', 'left'], 'FR.R': 'side' },
  { 'FR.F': 'front', 'FR.R': ['back', 'left'] },
];

/** Away, four turns with one hand, turn the cube, four turns with the other. */
export const middleTurn: Approach = {
  id: 'middle-turn',
  title: 'Middle edges, turning the cube',
  stage: 'middle',
  up: 'opposite',
  summary: 'Turn the edge away from its place, then four turns with each hand.',
  cases: [
    {
      id: 'middle-turn/right',
      title: 'The edge goes to the right',
      seen: { 'UF.F': 'front', 'UF.U': 'right' },
      pieces: ['UF'],
      lineUp: makeBar,
      sequence: RIGHT_HAND,
      look: 'The {piece} edge is at the {at} and has no {opposite}.',
      why: 'Its top sticker is {right}, so it goes to the right. The first four turns lift a {first} corner out to meet it; the last four, from the {right} side, put corner and edge in together.',
    },
    {
      id: 'middle-turn/left',
      title: 'The edge goes to the left',
      seen: { 'UF.F': 'front', 'UF.U': 'left' },
      pieces: ['UF'],
      lineUp: makeBar,
      sequence: LEFT_HAND,
      look: 'The {piece} edge is at the {at} and has no {opposite}.',
      why: 'Its top sticker is {left}, so it goes to the left. The first four turns lift a {first} corner out to meet it; the last four, from the {left} side, put corner and edge in together.',
    },
    {
      id: 'middle-turn/stuck',
      title: 'No edge to use on top: dig one out',
      rank: 2,
      seen: WRONG_AT_RIGHT,
      pieces: ['FR'],
      sequence: RIGHT_HAND,
      look: 'Every edge on top has {opposite}, so none of them can be used. The {piece} edge at the front right is in the wrong place or flipped.',
      why: 'Putting any top edge in here pushes the {piece} edge out to the top, where it can be used.',
    },
  ],
};
