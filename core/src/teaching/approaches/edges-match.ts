import type { PatternApproach } from './approach.js';
import {
  at,
  colour,
  count,
  done,
  looksLeft,
  say,
  solved,
  stays,
  turnsOf,
} from '../wording/index.js';

const SEQUENCE = "R U R' U R U2 R' U";

const FIND = [
  say(
    'Find the four {opposite} edges and look at the stickers on their sides.',
    count({ kind: 'edge', with: 'opposite' }, 4, 'found'),
  ),
];

/** Lines up as many last-layer edges as possible, then exchanges two neighbours. */
export const edgesMatch: PatternApproach = {
  id: 'edges-match',
  title: 'Match the last edges',
  short: 'Match, then swap',
  stage: 'yellow-edges',
  after: 'yellow-cross',
  up: 'opposite',
  summary: 'Turn the top until two or four edges match their sides, then exchange the other two.',
  cases: [
    {
      id: 'edges-match/all',
      title: 'All four match',
      seen: { 'UF.F': 'front', 'UR.R': 'right', 'UB.B': 'back', 'UL.L': 'left' },
      pieces: ['UF', 'UR', 'UB', 'UL'],
      lineUp: {
        layer: 'U',
        turning: [
          say(
            'Turn the top until the {front} one is above the {front} centre.',
            colour('UF.F', 'front'),
          ),
          say(
            'Then the other three match too.',
            count({ kind: 'edge', with: 'opposite', solved: true }, 4, 'lined-up'),
          ),
        ],
        already: [
          say(
            'All four match already.',
            count({ kind: 'edge', with: 'opposite', solved: true }, 4, 'lined-up'),
          ),
        ],
      },
      sequence: '',
      find: FIND,
      look: [],
      why: [
        say('The four are in the same order as the centres, so turning the top is enough.', done()),
      ],
    },
    {
      id: 'edges-match/neighbours',
      title: 'Two side by side match',
      seen: { 'UB.B': 'back', 'UR.R': 'right', 'UF.F': 'left', 'UL.L': 'front' },
      pieces: ['UF', 'UL'],
      lineUp: {
        layer: 'U',
        turning: [
          say(
            'Turn the top until two side by side match: {back} at the back and {right} on the right.',
            solved('UB', 'lined-up'),
            solved('UR', 'lined-up'),
          ),
        ],
        already: [
          say(
            'Two side by side match: {back} at the back and {right} on the right.',
            solved('UB', 'lined-up'),
            solved('UR', 'lined-up'),
          ),
        ],
      },
      sequence: SEQUENCE,
      find: FIND,
      look: [],
      why: [
        say(
          'The two in front and on the left change places.',
          at('UF', 'UL', 'after'),
          at('UL', 'UF', 'after'),
        ),
        say('The two that match end where they were.', stays('UB'), stays('UR')),
        say(
          'Do not forget the last turn of the top: then all four match.',
          count({ kind: 'edge', with: 'opposite', solved: true }, 4, 8),
          turnsOf(8),
          count({ kind: 'edge', with: 'opposite', solved: true }, [0, 3], 7),
        ),
      ],
    },
    {
      id: 'edges-match/opposite',
      title: 'Two across match',
      rank: 2,
      seen: { 'UB.B': 'back', 'UF.F': 'front', 'UR.R': 'left', 'UL.L': 'right' },
      pieces: ['UR', 'UL'],
      lineUp: {
        layer: 'U',
        turning: [
          say(
            'Turn the top until two across match: {front} in front and {back} at the back.',
            solved('UF', 'lined-up'),
            solved('UB', 'lined-up'),
          ),
        ],
        already: [
          say(
            'Two across match: {front} in front and {back} at the back.',
            solved('UF', 'lined-up'),
            solved('UB', 'lined-up'),
          ),
        ],
      },
      sequence: SEQUENCE,
      find: FIND,
      look: [],
      why: [
        say(
          'These turns make two side by side change places.',
          at('UF', 'UL', 'after'),
          at('UL', 'UF', 'after'),
        ),
        say('Look again: the top can then be turned so that two side by side match.', looksLeft(1)),
      ],
    },
  ],
};
