import type { LiningUp, Pattern, PatternApproach } from './approach.js';
import { also } from './seen/also.js';

/** No finished cross edge stands at the place: its other sticker is not the one that belongs. */
const notHome = (place: string, side: string, centre: 'front' | 'right' | 'left'): Pattern[] => [
  { [`${place}.U`]: '!first' },
  { [`${place}.U`]: 'first', [`${place}.${side}`]: `!${centre}` },
];

const BESIDE_OWN = (side: string): LiningUp => ({
  layer: 'D',
  turning: `Turn the bottom until it is on the ${side} of its own side, with no finished cross edge above it.`,
  already: `It is on the ${side} of its own side, and no finished cross edge is above it.`,
});

const OUT_LOOK = 'The {piece} edge is at the {at}, and its {first} sticker faces out.';

const FLIPPED_LOOK =
  'The {piece} edge is at the top front, but its {first} sticker faces you, not up.';

const DOWN_LOOK = (side: string): string =>
  `The {piece} edge is in the middle layer, at the front ${side}, and its {first} sticker is on the`;

/** Lifts the edges of the first cross from below, putting back whatever was taken along. */
export const crossLift: PatternApproach = {
  id: 'cross-lift',
  title: 'Cross by lifting',
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
        turning: 'Turn the bottom until its {front} sticker is under the {front} centre.',
        already: 'Its {front} sticker is under the {front} centre already.',
      },
      sequence: 'F2',
      look: 'The {piece} edge is at the {at}, and its {first} sticker faces down.',
      why: 'Its {front} sticker matches its side, so half a turn lifts it straight up to its place beside the {first} centre.',
    },
    {
      id: 'cross-lift/up-right',
      title: 'In the middle beside its own centre, first colour in front: straight up',
      seen: { 'FR.F': 'first', 'FR.R': 'right' },
      pieces: ['FR'],
      sequence: 'R',
      look: `${DOWN_LOOK('right')} front. Its {right} sticker lies beside the {right} centre already.`,
      why: 'It is on its own side, so one turn of that side takes it straight up: a shortcut worth looking for.',
    },
    {
      id: 'cross-lift/up-front',
      title: 'In the middle beside its own centre, first colour on the right: straight up',
      seen: { 'FR.R': 'first', 'FR.F': 'front' },
      pieces: ['FR'],
      sequence: "F'",
      look: `${DOWN_LOOK('right')} right. Its {front} sticker lies beside the {front} centre already.`,
      why: 'It is on its own side, so one turn of that side takes it straight up: a shortcut worth looking for.',
    },
    {
      id: 'cross-lift/down-right',
      title: 'In the middle, first colour in front: down',
      rank: 2,
      seen: also(notHome('UR', 'R', 'right'), { 'FR.F': 'first' }),
      pieces: ['FR'],
      sequence: "R'",
      look: `${DOWN_LOOK('right')} front.`,
      why: 'One turn of the right side takes it to the bottom with {first} facing down. No finished cross edge is on that side, so nothing has to be put back.',
    },
    {
      id: 'cross-lift/down-front',
      title: 'In the middle, first colour on the right: down',
      rank: 2,
      seen: also(notHome('UF', 'F', 'front'), { 'FR.R': 'first' }),
      pieces: ['FR'],
      sequence: 'F',
      look: `${DOWN_LOOK('right')} right.`,
      why: 'One turn of the front takes it to the bottom with {first} facing down. No finished cross edge is on that side, so nothing has to be put back.',
    },
    {
      id: 'cross-lift/down-right-back',
      title: 'In the middle, first colour in front: down, aside, and put the cross edge back',
      rank: 3,
      seen: { 'FR.F': 'first', 'UR.U': 'first', 'UR.R': 'right' },
      pieces: ['FR'],
      sequence: "R' D R",
      look: `${DOWN_LOOK('right')} front. The finished {first}-{right} edge is on the side that must turn.`,
      why: 'The right side takes the edge down and the finished one along with it. The bottom moves the edge aside, and turning the side back mends the cross: do not forget that turn.',
    },
    {
      id: 'cross-lift/down-front-back',
      title: 'In the middle, first colour on the right: down, aside, and put the cross edge back',
      rank: 3,
      seen: { 'FR.R': 'first', 'UF.U': 'first', 'UF.F': 'front' },
      pieces: ['FR'],
      sequence: "F D' F'",
      look: `${DOWN_LOOK('right')} right. The finished {first}-{front} edge is on the side that must turn.`,
      why: 'The front takes the edge down and the finished one along with it. The bottom moves the edge aside, and turning the front back mends the cross: do not forget that turn.',
    },
    {
      id: 'cross-lift/bottom-out-right',
      title: 'At the bottom, first colour facing out, on the left of its own side',
      rank: 3,
      seen: also(notHome('UF', 'F', 'front'), { 'DF.F': 'first', 'DF.D': 'right' }),
      pieces: ['DF'],
      lineUp: BESIDE_OWN('left'),
      sequence: "F'",
      look: OUT_LOOK,
      why: 'A quarter turn puts it in the middle layer beside its own centre, {right}; from there one more turn takes it up.',
    },
    {
      id: 'cross-lift/bottom-out-left',
      title: 'At the bottom, first colour facing out, on the right of its own side',
      rank: 3,
      seen: also(notHome('UF', 'F', 'front'), { 'DF.F': 'first', 'DF.D': 'left' }),
      pieces: ['DF'],
      lineUp: BESIDE_OWN('right'),
      sequence: 'F',
      look: OUT_LOOK,
      why: 'A quarter turn puts it in the middle layer beside its own centre, {left}; from there one more turn takes it up.',
    },
    {
      id: 'cross-lift/bottom-out',
      title: 'At the bottom, first colour facing out, both places beside its own taken',
      rank: 4,
      seen: also(notHome('UF', 'F', 'front'), { 'DF.F': 'first' }),
      pieces: ['DF'],
      lineUp: {
        layer: 'D',
        turning: 'Turn the bottom until no finished cross edge is above it.',
        already: 'No finished cross edge is above it.',
      },
      sequence: "F'",
      look: OUT_LOOK,
      why: 'It cannot be lifted like this: {first} would face out again. A quarter turn puts it in the middle layer, and no cross edge goes along.',
    },
    {
      id: 'cross-lift/flipped',
      title: 'At the top in its own place or across from it, first colour facing out',
      rank: 4,
      seen: { 'UF.F': 'first', 'UF.U': ['front', 'back'] },
      pieces: ['UF'],
      sequence: 'F',
      look: FLIPPED_LOOK,
      why: 'A quarter turn puts it in the middle layer, where it can be turned the right way round.',
    },
    {
      id: 'cross-lift/flipped-right',
      title: 'At the top, first colour facing out, beside its own place on the right',
      rank: 3,
      seen: { 'UF.F': 'first', 'UF.U': 'right' },
      pieces: ['UF'],
      sequence: 'F',
      look: FLIPPED_LOOK,
      why: 'A quarter turn puts it in the middle layer beside its own centre, {right}; from there one more turn takes it up.',
    },
    {
      id: 'cross-lift/flipped-left',
      title: 'At the top, first colour facing out, beside its own place on the left',
      rank: 3,
      seen: { 'UF.F': 'first', 'UF.U': 'left' },
      pieces: ['UF'],
      sequence: "F'",
      look: FLIPPED_LOOK,
      why: 'A quarter turn puts it in the middle layer beside its own centre, {left}; from there one more turn takes it up.',
    },
    {
      id: 'cross-lift/wrong-place',
      title: 'At the top in the wrong place',
      rank: 4,
      seen: { 'UF.U': 'first', 'UF.F': '!front' },
      pieces: ['UF'],
      sequence: 'F2',
      look: 'The {piece} edge is at the top front with {first} up, but its other sticker does not match the {front} centre.',
      why: 'Half a turn takes it to the bottom, where it can be turned under its own centre and lifted.',
    },
  ],
};
