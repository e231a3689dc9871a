import type { PatternApproach } from './approach.js';

/**
 * Gathers the four first-colour edges round the opposite centre. Easy edges first; before a turn
 * fills a top spot, the top is turned until that spot holds no finished daisy edge.
 */
const clearSpot = (spot: string) =>
  ({
    layer: 'U',
    turning: `Turn the top until the spot above it, at the ${spot}, has no {first} sticker facing up, or you would knock that edge out.`,
    already: `The spot above it, at the ${spot}, is free.`,
  }) as const;

const TO_MIDDLE =
  'It cannot come up with {first} on top from here. One turn of its side puts it in the middle layer, and from there one more turn brings it up.';

export const daisy: PatternApproach = {
  id: 'daisy',
  title: 'Daisy',
  stage: 'daisy',
  after: null,
  up: 'opposite',
  summary: 'Bring the four {first} edges up round the {opposite} centre, {first} facing up.',
  cases: [
    {
      id: 'daisy/middle-right',
      title: 'Middle layer, first colour on the front',
      seen: { 'FR.F': 'first', 'UR.U': '!first' },
      pieces: ['FR'],
      lineUp: clearSpot('top right'),
      sequence: 'R',
      look: 'The {piece} edge is in the middle layer, at the front right, and its {first} sticker is on the front.',
      why: 'Turning the right side away from you carries the edge to the top, and {first} then faces up.',
    },
    {
      id: 'daisy/middle-front',
      title: 'Middle layer, first colour on the right',
      seen: { 'FR.R': 'first', 'UF.U': '!first' },
      pieces: ['FR'],
      lineUp: clearSpot('top front'),
      sequence: "F'",
      look: 'The {piece} edge is in the middle layer, at the front right, and its {first} sticker is on the right.',
      why: 'Turning the front to the left carries the edge to the top, and {first} then faces up.',
    },
    {
      id: 'daisy/bottom-down',
      title: 'Bottom layer, first colour facing down',
      seen: { 'DF.D': 'first', 'UF.U': '!first' },
      pieces: ['DF'],
      lineUp: clearSpot('top front'),
      sequence: 'F2',
      look: 'The {piece} edge is at the bottom front, and its {first} sticker faces down.',
      why: 'Half a turn of the front swaps bottom and top: what faced down now faces up.',
    },
    {
      id: 'daisy/bottom-out',
      title: 'Bottom layer, first colour facing out',
      rank: 2,
      seen: { 'DF.F': 'first', 'UF.U': '!first' },
      pieces: ['DF'],
      lineUp: clearSpot('top front'),
      sequence: 'F',
      look: 'The {piece} edge is at the bottom front, and its {first} sticker faces you.',
      why: TO_MIDDLE,
    },
    {
      id: 'daisy/top-out',
      title: 'Top layer, first colour facing out',
      rank: 2,
      seen: { 'UF.F': 'first' },
      pieces: ['UF'],
      sequence: 'F',
      look: 'The {piece} edge is at the top front, but its {first} sticker faces you, not up.',
      why: TO_MIDDLE,
    },
  ],
};
