import type { SearchApproach } from './approach.js';
import {
  apart,
  at,
  belongBeside,
  belongs,
  besides,
  type Claim,
  faces,
  home,
  joined,
  notAt,
  say,
  type Sentence,
  stretch,
  touch,
  turnsOf,
} from '../wording/index.js';

const FIND = [
  say(
    'Find the {piece} corner and the {piece2} edge: they belong side by side.',
    belongBeside('piece', 'piece2'),
  ),
  say('The corner is {was}.', at('piece', '{was}', 'found')),
  say('The edge is {was2}.', at('piece2', '{was2}', 'found')),
];

const THEN = [
  say('After this step the corner is {to}.', at('piece', '{to}', 'after')),
  say('The edge is then {to2}.', at('piece2', '{to2}', 'after')),
];
const NOTHING_LOST = say('Every solved pair is solved again at the end.', { is: 'keeps-pairs' });

/** What the three turns do, where the two are after it, and that nothing was lost by it. */
const threeTurns = (says: string, ...claims: Claim[]): Sentence[] => [
  say(`The three turns ${says}`, turnsOf(3), ...claims),
  ...THEN,
  NOTHING_LOST,
];

const CORNER_FIRST = say(
  'First turn the top until the corner is {lined}.',
  at('piece', '{lined}', 'lined-up'),
);
const EDGE_FIRST = say(
  'First turn the top until the edge is {lined2}.',
  at('piece2', '{lined2}', 'lined-up'),
);
const BOTH_FIRST = [
  say('First turn the top until the corner is {lined}.', at('piece', '{lined}', 'lined-up')),
  say('Then the edge is {lined2}.', at('piece2', '{lined2}', 'lined-up')),
];

const CORNER_LOW = say('The corner is not on top yet.', notAt('piece', 'U', 'before'));
const EDGE_LOW = say('The edge is not on top yet.', notAt('piece2', 'U', 'before'));
const BOTH_LOW = say(
  'Neither of them is on top yet.',
  notAt('piece', 'U', 'before'),
  notAt('piece2', 'U', 'before'),
);

/** While both are on top: which of them goes down with the side that turns and comes back. */
const rides = (which: 'corner' | 'edge'): Sentence[] => {
  const goes = which === 'corner' ? 'piece' : 'piece2';
  return [
    say(`After the first turn the ${which} is not on top.`, notAt(goes, 'U', 1)),
    ...THEN,
    NOTHING_LOST,
  ];
};

const NOT_TOGETHER = say(
  'Both are on top, but apart.',
  at('piece', 'U', 'before'),
  at('piece2', 'U', 'before'),
  apart('piece', 'piece2', 'before'),
);
const WRONGLY = say(
  'They are side by side, but their colours do not match.',
  touch('piece', 'piece2', 'before'),
  { is: 'next-to', pieces: ['piece', 'piece2'], matching: true, not: true, when: 'before' },
);
const MOVE_THEM = [...THEN, NOTHING_LOST];
const OPENS = say(
  'Their places are at the front right.',
  belongs('piece', 'DFR'),
  belongs('piece2', 'FR'),
);

/** Corner and middle edge put in together; replaces the corners and the middle edges. */
export const pairs: SearchApproach = {
  id: 'pairs',
  title: 'Corner and edge as a pair',
  short: 'As a pair',
  stage: 'middle',
  after: 'cross',
  up: 'opposite',
  search: 'pairs',
  summary: 'Take a corner and its edge: free them, join them on top, insert them with three turns.',
  cases: [
    {
      id: 'pairs/free',
      title: 'One or both not on top',
      find: FIND,
      look: [BOTH_LOW],
      why: threeTurns('bring both to the top.', at('piece', 'U', 3), at('piece2', 'U', 3)),
      otherwise: {
        corner: {
          look: [CORNER_LOW],
          turning: [EDGE_FIRST],
          why: threeTurns('bring the corner to the top.', at('piece', 'U', 3)),
        },
        edge: {
          look: [EDGE_LOW],
          turning: [CORNER_FIRST],
          why: threeTurns('bring the edge to the top.', at('piece2', 'U', 3)),
        },
        'both-corner': {
          why: threeTurns(
            'bring the corner to the top; the edge is not on top yet.',
            at('piece', 'U', 3),
            notAt('piece2', 'U', 3),
          ),
        },
        'both-edge': {
          why: threeTurns(
            'bring the edge to the top; the corner is not on top yet.',
            at('piece2', 'U', 3),
            notAt('piece', 'U', 3),
          ),
        },
        shift: {
          look: [EDGE_LOW],
          turning: [CORNER_FIRST],
          why: threeTurns('make room: the edge is not on top yet.', notAt('piece2', 'U', 3)),
        },
      },
    },
    {
      id: 'pairs/part',
      title: 'Both on top, joined wrongly',
      find: FIND,
      look: [WRONGLY],
      turning: BOTH_FIRST,
      why: MOVE_THEM,
      otherwise: { corner: { why: rides('corner') }, edge: { why: rides('edge') } },
    },
    {
      id: 'pairs/join',
      title: 'Both on top, apart, {first} on top',
      find: FIND,
      look: [NOT_TOGETHER],
      turning: BOTH_FIRST,
      why: MOVE_THEM,
      otherwise: { corner: { why: rides('corner') }, edge: { why: rides('edge') } },
    },
    {
      id: 'pairs/insert-joined',
      title: 'Both on top, joined, colours matching: put them in',
      find: FIND,
      look: [
        say('They are side by side, and their colours match.', joined('piece', 'piece2', 'before')),
      ],
      turning: BOTH_FIRST,
      why: [
        OPENS,
        say(
          'After the third turn both are there: they are solved.',
          stretch('last', 3, 3),
          home('piece', 3),
          home('piece2', 3),
        ),
      ],
    },
    {
      id: 'pairs/insert-apart',
      title: 'Both on top, apart, {first} on a side: put them in',
      find: FIND,
      look: [
        say(
          'They are apart, and the corner has {first} on a side.',
          apart('piece', 'piece2', 'before'),
          faces('piece', 'first', 'FRBL', 'before'),
        ),
      ],
      turning: BOTH_FIRST,
      why: [
        OPENS,
        say(
          'After the second turn the two are side by side, with colours that match.',
          besides(apart('piece', 'piece2', 'lined-up')),
          joined('piece', 'piece2', 2),
        ),
        say(
          'After the third turn both are there: they are solved.',
          stretch('last', 3, 3),
          home('piece', 3),
          home('piece2', 3),
        ),
      ],
    },
  ],
};
