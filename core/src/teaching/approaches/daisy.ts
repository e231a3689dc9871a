import type { LiningUp, PatternApproach } from './approach.js';
import { at, besides, colour, half, say, then, turned } from '../wording/index.js';

/**
 * Gathers the four first-colour edges round the opposite centre. Easy edges first; before a turn
 * fills a top spot, the top is turned until that spot holds no finished daisy edge.
 */
const clearPlace = (sticker: string, where: string): LiningUp => ({
  layer: 'U',
  turning: [
    say(
      `Turn the top until the edge ${where} does not show {first} on top.`,
      besides(colour(sticker, 'first', 'before')),
      colour(sticker, '!first'),
    ),
  ],
  already: [say(`The edge ${where} does not show {first} on top.`, colour(sticker, '!first'))],
});

const UP_NOW = 'Then {first} faces up.';

export const daisy: PatternApproach = {
  id: 'daisy',
  title: 'Daisy',
  short: 'Petal by petal',
  stage: 'daisy',
  after: null,
  up: 'opposite',
  summary: 'Bring the four {first} edges up round the {opposite} centre, {first} facing up.',
  cases: [
    {
      id: 'daisy/middle-right',
      title: 'In the middle, {first} in front',
      seen: { 'FR.F': 'first', 'UR.U': '!first' },
      pieces: ['FR'],
      lineUp: clearPlace('UR.U', 'on the right'),
      sequence: 'R',
      look: [say('Its {first} sticker is in front.', colour('FR.F', 'first', 'before'))],
      why: [
        say('The right side turns away from you.', turned('R', 1), at('UFR', 'UBR', 1)),
        say('The edge goes along to the top.', at('piece', 'UR', 1)),
        say(UP_NOW, colour('UR.U', 'first', 1)),
      ],
    },
    {
      id: 'daisy/middle-front',
      title: 'In the middle, {first} on the right',
      seen: { 'FR.R': 'first', 'UF.U': '!first' },
      pieces: ['FR'],
      lineUp: clearPlace('UF.U', 'in front'),
      sequence: "F'",
      look: [say('Its {first} sticker is on the right.', colour('FR.R', 'first', 'before'))],
      why: [
        say('The front turns to the left.', turned('F', 1), at('UFR', 'UFL', 1)),
        say('The edge goes along to the top.', at('piece', 'UF', 1)),
        say(UP_NOW, colour('UF.U', 'first', 1)),
      ],
    },
    {
      id: 'daisy/bottom-down',
      title: 'At the bottom, {first} facing down',
      seen: { 'DF.D': 'first', 'UF.U': '!first' },
      pieces: ['DF'],
      lineUp: clearPlace('UF.U', 'in front'),
      sequence: 'F2',
      look: [say('Its {first} sticker faces down.', colour('DF.D', 'first', 'before'))],
      why: [
        say(
          'Half a turn of the front takes the edge to the top.',
          at('piece', 'UF', 1),
          half('F', 1),
        ),
        say('{first} then faces up.', colour('UF.U', 'first', 1)),
      ],
    },
    {
      id: 'daisy/bottom-out',
      title: 'At the bottom, {first} in front',
      rank: 2,
      seen: { 'DF.F': 'first', 'UF.U': '!first' },
      pieces: ['DF'],
      lineUp: {
        ...clearPlace('UF.U', 'in front'),
        already: [say('The edge in front does not show {first} on top.', colour('UF.U', '!first'))],
      },
      sequence: 'F',
      look: [say('Its {first} sticker is in front.', colour('DF.F', 'first', 'before'))],
      why: [
        say('This turn takes the edge to the middle, on the left.', at('piece', 'FL', 1)),
        say(
          'From there one turn of the left side takes it to the top, {first} facing up.',
          then("L'", at('piece', 'UL', 'after'), colour('UL.U', 'first', 'after')),
        ),
      ],
    },
    {
      id: 'daisy/top-out',
      title: 'On top, {first} in front',
      rank: 2,
      seen: { 'UF.F': 'first' },
      pieces: ['UF'],
      sequence: 'F',
      look: [say('Its {first} sticker is in front.', colour('UF.F', 'first', 'before'))],
      why: [
        say('This turn takes the edge to the middle, on the right.', at('piece', 'FR', 1)),
        say(
          'From there one turn of the right side takes it to the top, {first} facing up.',
          then('R', at('piece', 'UR', 'after'), colour('UR.U', 'first', 'after')),
        ),
      ],
    },
  ],
};
