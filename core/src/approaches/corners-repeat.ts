import type { LiningUp, PatternApproach } from './approach.js';
import { STUCK_BELOW } from './seen/first-corner.js';

const abovePlace = (other: string): LiningUp => ({
  layer: 'U',
  turning: `Turn the top until it is right above its place, between the {front} and {${other}} centres.`,
  already: `It is right above its place, between the {front} and {${other}} centres.`,
});

/** One four-turn sequence, repeated until the corner is in; the other hand saves five rounds. */
export const cornersRepeat: PatternApproach = {
  id: 'corners-repeat',
  title: 'Corners by repeating four turns',
  stage: 'corners',
  after: 'cross',
  up: 'opposite',
  summary: 'Hold the corner above its place and repeat four turns until it is in.',
  cases: [
    {
      id: 'corners-repeat/right',
      title: 'First colour to the right: once',
      seen: { 'UFR.R': 'first', 'UFR.F': 'front' },
      pieces: ['UFR'],
      lineUp: abovePlace('right'),
      sequence: "R U R' U'",
      look: 'The {piece} corner is at the {at}.',
      why: 'Its {first} sticker faces right, so once is enough: the right side opens, the corner slides under, and the side closes again.',
    },
    {
      id: 'corners-repeat/left',
      title: 'First colour to the left: once, with the left hand',
      seen: { 'UFL.L': 'first', 'UFL.F': 'front' },
      pieces: ['UFL'],
      lineUp: abovePlace('left'),
      sequence: "L' U' L U",
      look: 'The {piece} corner is at the {at}.',
      why: 'Its {first} sticker faces left, so the left hand needs one round. With the right hand the same corner would take five.',
    },
    {
      id: 'corners-repeat/up',
      title: 'First colour up: three times',
      seen: { 'UFR.U': 'first', 'UFR.R': 'front' },
      pieces: ['UFR'],
      lineUp: abovePlace('right'),
      sequence: "R U R' U'",
      times: 3,
      look: 'The {piece} corner is at the {at}.',
      why: 'Its {first} sticker faces up. Each round drops the corner in or lifts it out a little more twisted; the third leaves it in its place with {first} down.',
    },
    {
      id: 'corners-repeat/stuck',
      ...STUCK_BELOW,
      title: 'Stuck below: bring it up',
      rank: 2,
      sequence: "R U R' U'",
      why: 'One round takes it out to the top, where it can be lined up like the others.',
    },
  ],
};
