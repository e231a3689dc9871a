import type { PatternApproach } from './approach.js';
import {
  besides,
  colour,
  count,
  done,
  exchange,
  lie,
  looksLeft,
  say,
  solved,
  stays,
  stretch,
  turned,
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
      title: 'All four edges match',
      seen: { 'UF.F': 'front', 'UR.R': 'right', 'UB.B': 'back', 'UL.L': 'left' },
      pieces: ['UF', 'UR', 'UB', 'UL'],
      lineUp: {
        layer: 'U',
        turning: [
          say(
            'Turn the top until the {front} one matches the {front} centre, in front.',
            colour('UF.F', 'front'),
          ),
          say(
            'Then all four {opposite} edges match.',
            count({ kind: 'edge', with: 'opposite', solved: true }, 4, 'lined-up'),
          ),
        ],
        already: [
          say(
            'All four {opposite} edges match already.',
            count({ kind: 'edge', with: 'opposite', solved: true }, 4, 'lined-up'),
          ),
        ],
      },
      sequence: '',
      find: FIND,
      look: [],
      why: [
        say(
          'Turning the top is enough: all four {opposite} edges match.',
          count({ kind: 'edge', with: 'opposite', solved: true }, 4, 'after'),
          done(),
        ),
      ],
    },
    {
      id: 'edges-match/neighbours',
      title: 'Two edges side by side match',
      seen: { 'UB.B': 'back', 'UR.R': 'right', 'UF.F': 'left', 'UL.L': 'front' },
      pieces: ['UF', 'UL'],
      lineUp: {
        layer: 'U',
        turning: [
          say(
            'Turn the top until two side by side match: {back} at the back and {right} on the right.',
            solved('UB', 'lined-up'),
            solved('UR', 'lined-up'),
            lie('beside', 'UB', 'UR'),
          ),
        ],
        already: [
          say(
            'Two side by side match: {back} at the back and {right} on the right.',
            solved('UB', 'lined-up'),
            solved('UR', 'lined-up'),
            lie('beside', 'UB', 'UR'),
          ),
        ],
      },
      sequence: SEQUENCE,
      find: FIND,
      look: [],
      why: [
        say('The edges in front and on the left change places.', exchange('UF', 'UL')),
        say(
          'The edges at the back and on the right end where they were.',
          stays('UB'),
          stays('UR'),
        ),
        say(
          'Do the last turn of the top too: then all four {opposite} edges match.',
          stretch('last', 8, 8),
          turned('U', 8),
          besides(count({ kind: 'edge', with: 'opposite', solved: true }, [0, 3], 7)),
          count({ kind: 'edge', with: 'opposite', solved: true }, 4, 8),
        ),
      ],
    },
    {
      id: 'edges-match/opposite',
      title: 'Two edges across match',
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
            lie('across', 'UF', 'UB'),
          ),
        ],
        already: [
          say(
            'Two across match: {front} in front and {back} at the back.',
            solved('UF', 'lined-up'),
            solved('UB', 'lined-up'),
            lie('across', 'UF', 'UB'),
          ),
        ],
      },
      sequence: SEQUENCE,
      find: FIND,
      look: [],
      why: [
        say('The edges in front and on the left change places.', exchange('UF', 'UL')),
        say('Then look again, once more.', looksLeft(1)),
      ],
    },
  ],
};
