import type { LiningUp, PatternApproach } from './approach.js';
import { at, colour, faces, say, then } from '../wording/index.js';

/**
 * Gathers the four first-colour edges round the opposite centre. Easy edges first; before a turn
 * fills a top spot, the top is turned until that spot holds no finished daisy edge.
 */
const clearPlace = (sticker: string, where: string): LiningUp => ({
  layer: 'U',
  turning: [
    say(
      `Turn the top until no edge that is done sits on top, ${where}.`,
      colour(sticker, 'first', 'before'),
      colour(sticker, '!first'),
    ),
  ],
  already: [say(`Its place on top, ${where}, is free.`, colour(sticker, '!first'))],
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
      title: 'Middle layer, first colour on the front',
      seen: { 'FR.F': 'first', 'UR.U': '!first' },
      pieces: ['FR'],
      lineUp: clearPlace('UR.U', 'on the right'),
      sequence: 'R',
      look: [say('Its {first} sticker is on the front.', colour('FR.F', 'first', 'before'))],
      why: [
        say(
          'The right side turns away from you and takes the edge to the top.',
          at('piece', 'UR', 1),
          at('UFR', 'UBR', 1),
        ),
        say(UP_NOW, colour('UR.U', 'first', 1)),
      ],
    },
    {
      id: 'daisy/middle-front',
      title: 'Middle layer, first colour on the right',
      seen: { 'FR.R': 'first', 'UF.U': '!first' },
      pieces: ['FR'],
      lineUp: clearPlace('UF.U', 'in front'),
      sequence: "F'",
      look: [say('Its {first} sticker is on the right.', colour('FR.R', 'first', 'before'))],
      why: [
        say(
          'The front turns to the left and takes the edge to the top.',
          at('piece', 'UF', 1),
          at('UFR', 'UFL', 1),
        ),
        say(UP_NOW, colour('UF.U', 'first', 1)),
      ],
    },
    {
      id: 'daisy/bottom-down',
      title: 'Bottom layer, first colour facing down',
      seen: { 'DF.D': 'first', 'UF.U': '!first' },
      pieces: ['DF'],
      lineUp: clearPlace('UF.U', 'in front'),
      sequence: 'F2',
      look: [say('Its {first} sticker faces down.', colour('DF.D', 'first', 'before'))],
      why: [
        say('Half a turn of the front takes the edge to the top.', at('piece', 'UF', 1)),
        say(
          'What faced down then faces up.',
          faces('piece', 'first', 'D', 'lined-up'),
          colour('UF.U', 'first', 1),
        ),
      ],
    },
    {
      id: 'daisy/bottom-out',
      title: 'Bottom layer, first colour facing out',
      rank: 2,
      seen: { 'DF.F': 'first', 'UF.U': '!first' },
      pieces: ['DF'],
      lineUp: {
        ...clearPlace('UF.U', 'in front'),
        already: [say('No edge that is done sits on top, in front.', colour('UF.U', '!first'))],
      },
      sequence: 'F',
      look: [say('Its {first} sticker faces you.', colour('DF.F', 'first', 'before'))],
      why: [
        say('This turn takes the edge to the middle.', at('piece', 'FL', 1)),
        say(
          'From there one more turn brings it up, with {first} on top.',
          then("L'", at('piece', 'UL', 'after'), colour('UL.U', 'first', 'after')),
        ),
      ],
    },
    {
      id: 'daisy/top-out',
      title: 'Top layer, first colour facing out',
      rank: 2,
      seen: { 'UF.F': 'first' },
      pieces: ['UF'],
      sequence: 'F',
      look: [say('Its {first} sticker faces you.', faces('piece', 'first', 'F', 'before'))],
      why: [
        say('This turn takes the edge to the middle.', at('piece', 'FR', 1)),
        say(
          'From there one more turn brings it up, with {first} on top.',
          then('R', at('piece', 'UR', 'after'), colour('UR.U', 'first', 'after')),
        ),
      ],
    },
  ],
};
