import type { LiningUp, Pattern, PatternApproach } from './approach.js';
import { also } from './seen/also.js';
import {
  at,
  belongs,
  besides,
  colour,
  faces,
  half,
  home,
  LOOK_AGAIN,
  say,
  type Sentence,
  solved,
  takesBack,
  then,
  turned,
  turnsOf,
  unfinishedAt,
  unsolved,
} from '../wording/index.js';

/** No finished cross edge stands at the place: its other sticker is not the one that belongs. */
const notHome = (place: string, side: string, centre: 'front' | 'right' | 'left'): Pattern[] => [
  { [`${place}.U`]: '!first' },
  { [`${place}.U`]: 'first', [`${place}.${side}`]: `!${centre}` },
];

const besideOwn = (side: 'left' | 'right'): LiningUp => {
  const own = side === 'left' ? 'right' : 'left';
  return {
    layer: 'D',
    turning: [
      say(
        `Turn the bottom until it is in front, with its own side, {${own}}, on your ${own}.`,
        at('piece', 'DF', 'lined-up'),
        colour('DF.D', own),
        belongs('piece', own === 'right' ? 'UR' : 'UL'),
      ),
      say('The edge above it must not be a solved one.', unfinishedAt('UF')),
    ],
    already: [
      say(
        `It is in front, and its own side, {${own}}, is on your ${own}.`,
        at('piece', 'DF', 'lined-up'),
        colour('DF.D', own),
        belongs('piece', own === 'right' ? 'UR' : 'UL'),
      ),
      say('The edge above it is not solved.', unfinishedAt('UF')),
    ],
  };
};

/** A turn of the front brings the edge beside its own centre, from where one more takes it up. */
const besideThenUp = (side: 'right' | 'left'): Sentence[] => {
  const [place, letter, up] = side === 'right' ? ['FR', 'R', 'R'] : ['FL', 'L', "L'"];
  return [
    say(
      `The front takes it to the middle, with {${side}} on the ${side}, as the {${side}} centre is.`,
      at('piece', place, 1),
      colour(`${place}.${letter}`, side, 1),
    ),
    say(
      `One turn of the ${side} side then takes it to the top, and it is solved.`,
      then(up, solved('piece', 'after'), at('piece', up[0] === 'R' ? 'UR' : 'UL', 'after')),
    ),
  ];
};

const OUT_LOOK = say(
  'Its {first} sticker is on a side.',
  faces('piece', 'first', 'FRBL', 'before'),
);
const FLIPPED_LOOK = say('Its {first} sticker is in front.', colour('UF.F', 'first', 'before'));
const IN_FRONT = say('Its {first} sticker is in front.', colour('FR.F', 'first', 'before'));
const ON_RIGHT = say('Its {first} sticker is on the right.', colour('FR.R', 'first', 'before'));
const SOLVED_IN_ONE = say(
  'One turn takes it to the top, and it is solved.',
  home('piece', 1),
  at('piece', 'U', 1),
  turnsOf(1),
);

/** Lifts the edges of the first cross from below, putting back whatever was taken along. */
export const crossLift: PatternApproach = {
  id: 'cross-lift',
  title: 'Cross by lifting',
  short: 'By lifting',
  stage: 'cross',
  after: null,
  up: 'first',
  summary:
    'Bring each edge under its place with {first} facing down, then lift it with a half turn.',
  cases: [
    {
      id: 'cross-lift/lift',
      title: 'At the bottom, {first} facing down: lift',
      seen: { 'DF.D': 'first', 'DF.F': 'front' },
      pieces: ['DF'],
      lineUp: {
        layer: 'D',
        turning: [
          say(
            'Turn the bottom until it and the centre in front both show {front} in front.',
            colour('DF.F', 'front'),
          ),
        ],
        already: [
          say('It and the centre in front both show {front} in front.', colour('DF.F', 'front')),
        ],
      },
      sequence: 'F2',
      look: [say('Its {first} sticker faces down.', faces('piece', 'first', 'D', 'before'))],
      why: [
        say('Half a turn of the front lifts it straight up.', at('piece', 'UF', 1), half('F', 1)),
        say('There its colours match: it is solved.', home('piece', 1)),
      ],
    },
    {
      id: 'cross-lift/up-right',
      title: 'In the middle, {first} in front: straight up',
      seen: { 'FR.F': 'first', 'FR.R': 'right' },
      pieces: ['FR'],
      sequence: 'R',
      look: [
        IN_FRONT,
        say(
          'Its {right} sticker is on the right, as the {right} centre is.',
          colour('FR.R', 'right', 'before'),
        ),
      ],
      why: [
        say(
          'It is on its own side already, {right}.',
          colour('FR.R', 'right'),
          belongs('piece', 'UR'),
        ),
        SOLVED_IN_ONE,
      ],
    },
    {
      id: 'cross-lift/up-front',
      title: 'In the middle, {first} on the right: straight up',
      seen: { 'FR.R': 'first', 'FR.F': 'front' },
      pieces: ['FR'],
      sequence: "F'",
      look: [
        ON_RIGHT,
        say(
          'Its {front} sticker is in front, as the {front} centre is.',
          colour('FR.F', 'front', 'before'),
        ),
      ],
      why: [
        say(
          'It is on its own side already, {front}.',
          colour('FR.F', 'front'),
          belongs('piece', 'UF'),
        ),
        SOLVED_IN_ONE,
      ],
    },
    {
      id: 'cross-lift/down-right',
      title: 'In the middle, {first} in front: down',
      rank: 2,
      seen: also(notHome('UR', 'R', 'right'), { 'FR.F': 'first' }),
      pieces: ['FR'],
      sequence: "R'",
      look: [
        IN_FRONT,
        say('The edge on top, on the right, is not solved.', unfinishedAt('UR', 'before')),
      ],
      why: [
        say('The right side takes it to the bottom.', at('piece', 'DR', 1)),
        say('{first} then faces down.', colour('DR.D', 'first', 1)),
      ],
    },
    {
      id: 'cross-lift/down-front',
      title: 'In the middle, {first} on the right: down',
      rank: 2,
      seen: also(notHome('UF', 'F', 'front'), { 'FR.R': 'first' }),
      pieces: ['FR'],
      sequence: 'F',
      look: [
        ON_RIGHT,
        say('The edge on top, in front, is not solved.', unfinishedAt('UF', 'before')),
      ],
      why: [
        say('The front takes it to the bottom.', at('piece', 'DF', 1)),
        say('{first} then faces down.', colour('DF.D', 'first', 1)),
      ],
    },
    {
      id: 'cross-lift/down-right-back',
      title: 'In the middle, {first} in front: down, then put the solved edge back',
      rank: 3,
      seen: { 'FR.F': 'first', 'UR.U': 'first', 'UR.R': 'right' },
      pieces: ['FR'],
      sequence: "R' D R",
      look: [
        IN_FRONT,
        say(
          'But the {first} and {right} edge on top, on the right, is solved.',
          solved('first+right', 'before'),
          at('first+right', 'UR', 'before'),
        ),
      ],
      why: [
        say(
          'The right side takes this edge to the bottom, and the solved edge along.',
          turned('R', 1),
          at('piece', 'DR', 1),
          solved('UR', 'before'),
          besides(unsolved('UR', 1)),
        ),
        say('The bottom moves this one to the back.', at('piece', 'DB', 2)),
        say(
          'Turning the right side back solves the other edge again.',
          turned('R', 3),
          takesBack(3, 1),
          solved('UR', 3),
        ),
      ],
    },
    {
      id: 'cross-lift/down-front-back',
      title: 'In the middle, {first} on the right: down, then put the solved edge back',
      rank: 3,
      seen: { 'FR.R': 'first', 'UF.U': 'first', 'UF.F': 'front' },
      pieces: ['FR'],
      sequence: "F D' F'",
      look: [
        ON_RIGHT,
        say(
          'But the {first} and {front} edge on top, in front, is solved.',
          solved('first+front', 'before'),
          at('first+front', 'UF', 'before'),
        ),
      ],
      why: [
        say(
          'The front takes this edge to the bottom, and the solved edge along.',
          turned('F', 1),
          at('piece', 'DF', 1),
          solved('UF', 'before'),
          besides(unsolved('UF', 1)),
        ),
        say('The bottom moves this one to the left.', at('piece', 'DL', 2)),
        say(
          'Turning the front back solves the other edge again.',
          turned('F', 3),
          takesBack(3, 1),
          solved('UF', 3),
        ),
      ],
    },
    {
      id: 'cross-lift/bottom-out-right',
      title: 'At the bottom, {first} in front: its own side is on the right',
      rank: 3,
      seen: also(notHome('UF', 'F', 'front'), { 'DF.F': 'first', 'DF.D': 'right' }),
      pieces: ['DF'],
      lineUp: besideOwn('left'),
      sequence: "F'",
      look: [OUT_LOOK],
      why: besideThenUp('right'),
    },
    {
      id: 'cross-lift/bottom-out-left',
      title: 'At the bottom, {first} in front: its own side is on the left',
      rank: 3,
      seen: also(notHome('UF', 'F', 'front'), { 'DF.F': 'first', 'DF.D': 'left' }),
      pieces: ['DF'],
      lineUp: besideOwn('right'),
      sequence: 'F',
      look: [OUT_LOOK],
      why: besideThenUp('left'),
    },
    {
      id: 'cross-lift/bottom-out',
      title: 'At the bottom, {first} in front: a solved edge is in the way beside its own side',
      rank: 4,
      seen: also(notHome('UF', 'F', 'front'), { 'DF.F': 'first' }),
      pieces: ['DF'],
      lineUp: {
        layer: 'D',
        turning: [
          say('Turn the bottom until the edge above it is not solved.', unsolved('UF', 'lined-up')),
        ],
        already: [say('The edge above it is not solved.', unfinishedAt('UF'))],
      },
      sequence: "F'",
      look: [OUT_LOOK],
      why: [
        say('The front takes it to the middle.', at('piece', 'FR', 1)),
        say('The edge on top that goes along is not solved.', unfinishedAt('UF')),
      ],
    },
    {
      id: 'cross-lift/flipped',
      title: 'On top, {first} in front: its own side is in front or at the back',
      rank: 4,
      seen: { 'UF.F': 'first', 'UF.U': ['front', 'back'] },
      pieces: ['UF'],
      sequence: 'F',
      look: [FLIPPED_LOOK],
      why: [
        say('A quarter turn of the front takes it to the middle.', at('piece', 'FR', 1)),
        say('There its {first} sticker is in front.', colour('FR.F', 'first', 1)),
      ],
    },
    {
      id: 'cross-lift/flipped-right',
      title: 'On top, {first} in front: its own side is on the right',
      rank: 3,
      seen: { 'UF.F': 'first', 'UF.U': 'right' },
      pieces: ['UF'],
      sequence: 'F',
      look: [FLIPPED_LOOK],
      why: besideThenUp('right'),
    },
    {
      id: 'cross-lift/flipped-left',
      title: 'On top, {first} in front: its own side is on the left',
      rank: 3,
      seen: { 'UF.F': 'first', 'UF.U': 'left' },
      pieces: ['UF'],
      sequence: "F'",
      look: [FLIPPED_LOOK],
      why: besideThenUp('left'),
    },
    {
      id: 'cross-lift/wrong-place',
      title: 'On top, {first} facing up: in the wrong place',
      rank: 4,
      seen: { 'UF.U': 'first', 'UF.F': '!front' },
      pieces: ['UF'],
      sequence: 'F2',
      look: [
        say(
          'It shows {first} on top, but its other sticker does not fit the {front} centre.',
          colour('UF.U', 'first', 'before'),
          colour('UF.F', '!front', 'before'),
        ),
      ],
      why: [
        say(
          'Half a turn of the front takes it to the bottom, {first} facing down.',
          at('piece', 'DF', 1),
          colour('DF.D', 'first', 1),
          half('F', 1),
        ),
        say('From there it can be lifted: look again.', LOOK_AGAIN),
      ],
    },
  ],
};
