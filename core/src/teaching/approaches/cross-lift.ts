import type { LiningUp, Pattern, PatternApproach } from './approach.js';
import {
  at,
  colour,
  faces,
  home,
  say,
  type Sentence,
  solved,
  takesBack,
  then,
  unfinishedAt,
  unsolved,
} from '../wording/index.js';
import { also } from './seen/also.js';

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
        `Turn the bottom until its own side, {${own}}, is on the ${own}.`,
        at('piece', 'DF', 'lined-up'),
        colour('DF.D', own),
      ),
      say('No edge above it may be solved.', unfinishedAt('UF')),
    ],
    already: [
      say(`Its own side, {${own}}, is on the ${own}.`, colour('DF.D', own)),
      say('The edge above it is not solved.', unfinishedAt('UF')),
    ],
  };
};

/** A turn of the front brings the edge beside its own centre, from where one more takes it up. */
const besideThenUp = (side: 'right' | 'left'): Sentence[] => {
  const [place, letter, up] = side === 'right' ? ['FR', 'R', 'R'] : ['FL', 'L', "L'"];
  return [
    say(
      `The front takes it to the middle, beside its own centre, {${side}}.`,
      at('piece', place, 1),
      colour(`${place}.${letter}`, side, 1),
    ),
    say(
      'One more turn then takes it up, and it is solved.',
      then(up, solved('piece', 'after'), at('piece', 'U', 'after')),
    ),
  ];
};

const OUT_LOOK = say(
  'Its {first} sticker faces out, not down.',
  faces('piece', 'first', 'FRBL', 'before'),
);
const FLIPPED_LOOK = say(
  'Its {first} sticker faces you, not up.',
  colour('UF.F', 'first', 'before'),
);
const IN_FRONT = say('Its {first} sticker is on the front.', colour('FR.F', 'first', 'before'));
const ON_RIGHT = say('Its {first} sticker is on the right.', colour('FR.R', 'first', 'before'));
const SOLVED_IN_ONE = say(
  'One turn of that side takes it up, and it is solved.',
  home('piece', 1),
  at('piece', 'U', 1),
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
      title: 'At the bottom, first colour facing down: lift',
      seen: { 'DF.D': 'first', 'DF.F': 'front' },
      pieces: ['DF'],
      lineUp: {
        layer: 'D',
        turning: [
          say(
            'Turn the bottom until its side and the centre above it both show {front}.',
            colour('DF.F', 'front'),
          ),
        ],
        already: [
          say('Its side shows {front}, and so does the centre above it.', colour('DF.F', 'front')),
        ],
      },
      sequence: 'F2',
      look: [say('Its {first} sticker faces down.', faces('piece', 'first', 'D', 'before'))],
      why: [
        say('Half a turn of the front lifts it straight up.', at('piece', 'UF', 1)),
        say('There both its colours fit: it is solved.', home('piece', 1)),
      ],
    },
    {
      id: 'cross-lift/up-right',
      title: 'In the middle beside its own centre, first colour in front: straight up',
      seen: { 'FR.F': 'first', 'FR.R': 'right' },
      pieces: ['FR'],
      sequence: 'R',
      look: [
        IN_FRONT,
        say('Its {right} sticker is beside the {right} centre.', colour('FR.R', 'right', 'before')),
      ],
      why: [say('It is on its own side already, {right}.', colour('FR.R', 'right')), SOLVED_IN_ONE],
    },
    {
      id: 'cross-lift/up-front',
      title: 'In the middle beside its own centre, first colour on the right: straight up',
      seen: { 'FR.R': 'first', 'FR.F': 'front' },
      pieces: ['FR'],
      sequence: "F'",
      look: [
        ON_RIGHT,
        say('Its {front} sticker is beside the {front} centre.', colour('FR.F', 'front', 'before')),
      ],
      why: [say('It is on its own side already, {front}.', colour('FR.F', 'front')), SOLVED_IN_ONE],
    },
    {
      id: 'cross-lift/down-right',
      title: 'In the middle, first colour in front: down',
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
        say('{first} then faces down, so it can be lifted.', colour('DR.D', 'first', 1)),
      ],
    },
    {
      id: 'cross-lift/down-front',
      title: 'In the middle, first colour on the right: down',
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
        say('{first} then faces down, so it can be lifted.', colour('DF.D', 'first', 1)),
      ],
    },
    {
      id: 'cross-lift/down-right-back',
      title: 'In the middle, first colour in front: down, aside, and put the cross edge back',
      rank: 3,
      seen: { 'FR.F': 'first', 'UR.U': 'first', 'UR.R': 'right' },
      pieces: ['FR'],
      sequence: "R' D R",
      look: [
        IN_FRONT,
        say(
          'But the {first} and {right} edge on top of that side is solved.',
          solved('UR', 'before'),
        ),
      ],
      why: [
        say('The right side takes both edges with it.', at('piece', 'DR', 1), unsolved('UR', 1)),
        say('The bottom moves this one away.', at('piece', 'DB', 2)),
        say(
          'Turning the side back puts the solved edge back: do not forget it.',
          takesBack(3, 1),
          solved('UR', 3),
        ),
      ],
    },
    {
      id: 'cross-lift/down-front-back',
      title: 'In the middle, first colour on the right: down, aside, and put the cross edge back',
      rank: 3,
      seen: { 'FR.R': 'first', 'UF.U': 'first', 'UF.F': 'front' },
      pieces: ['FR'],
      sequence: "F D' F'",
      look: [
        ON_RIGHT,
        say(
          'But the {first} and {front} edge on top, in front, is solved.',
          solved('UF', 'before'),
        ),
      ],
      why: [
        say('The front takes both edges with it.', at('piece', 'DF', 1), unsolved('UF', 1)),
        say('The bottom moves this one away.', at('piece', 'DL', 2)),
        say(
          'Turning the front back puts the solved edge back: do not forget it.',
          takesBack(3, 1),
          solved('UF', 3),
        ),
      ],
    },
    {
      id: 'cross-lift/bottom-out-right',
      title: 'At the bottom, first colour facing out, on the left of its own side',
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
      title: 'At the bottom, first colour facing out, on the right of its own side',
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
      title: 'At the bottom, first colour facing out, both places beside its own taken',
      rank: 4,
      seen: also(notHome('UF', 'F', 'front'), { 'DF.F': 'first' }),
      pieces: ['DF'],
      lineUp: {
        layer: 'D',
        turning: [
          say(
            'Turn the bottom until the edge above it is not a solved one.',
            unsolved('UF', 'lined-up'),
          ),
        ],
        already: [say('The edge above it is not solved.', unfinishedAt('UF'))],
      },
      sequence: "F'",
      look: [OUT_LOOK],
      why: [
        say('The front takes it to the middle.', at('piece', 'FR', 1)),
        say('No solved edge goes along.', unfinishedAt('UF')),
      ],
    },
    {
      id: 'cross-lift/flipped',
      title: 'At the top in its own place or across from it, first colour facing out',
      rank: 4,
      seen: { 'UF.F': 'first', 'UF.U': ['front', 'back'] },
      pieces: ['UF'],
      sequence: 'F',
      look: [FLIPPED_LOOK],
      why: [
        say('A quarter turn of the front takes it to the middle.', at('piece', 'FR', 1)),
        say('There its {first} sticker is on the front: look again.', colour('FR.F', 'first', 1)),
      ],
    },
    {
      id: 'cross-lift/flipped-right',
      title: 'At the top, first colour facing out, beside its own place on the right',
      rank: 3,
      seen: { 'UF.F': 'first', 'UF.U': 'right' },
      pieces: ['UF'],
      sequence: 'F',
      look: [FLIPPED_LOOK],
      why: besideThenUp('right'),
    },
    {
      id: 'cross-lift/flipped-left',
      title: 'At the top, first colour facing out, beside its own place on the left',
      rank: 3,
      seen: { 'UF.F': 'first', 'UF.U': 'left' },
      pieces: ['UF'],
      sequence: "F'",
      look: [FLIPPED_LOOK],
      why: besideThenUp('left'),
    },
    {
      id: 'cross-lift/wrong-place',
      title: 'At the top in the wrong place',
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
        ),
        say(
          'From there it can be turned under its own centre and lifted.',
          faces('piece', 'first', 'D', 1),
        ),
      ],
    },
  ],
};
