import type { SearchApproach } from './approach.js';
import {
  apart,
  at,
  belongs,
  type Claim,
  faces,
  home,
  joined,
  notAt,
  say,
  type Sentence,
  touch,
  turnsOf,
} from '../wording/index.js';

const TOGETHER = [belongs('piece', 'DFR', 'before'), belongs('piece2', 'FR', 'before')];
const FIND = [
  say('Find the {piece} corner and the {piece2} edge: they belong together.', ...TOGETHER),
  say('The corner is {was}.', at('piece', '{was}', 'found')),
  say('The edge is {was2}.', at('piece2', '{was2}', 'found')),
];

const THEN = [
  say('Then the corner is {to}.', at('piece', '{to}', 'after')),
  say('The edge is {to2}.', at('piece2', '{to2}', 'after')),
];
const NOTHING_LOST = say('No pair that is solved is lost.', { is: 'keeps-pairs' });

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
  const [goes, other] = which === 'corner' ? ['piece', 'piece2'] : ['piece2', 'piece'];
  return [
    say(
      `The first turn takes the ${which} down, and the top moves the ${which === 'corner' ? 'edge' : 'corner'}.`,
      notAt(goes, 'U', 1),
      at(other, 'U', 2),
    ),
    ...THEN,
    NOTHING_LOST,
  ];
};

const NOT_TOGETHER = say(
  'Both are on top, but not side by side.',
  at('piece', 'U', 'before'),
  at('piece2', 'U', 'before'),
  apart('piece', 'piece2', 'before'),
);
const WRONGLY = say(
  'They are side by side, but their colours do not go together.',
  touch('piece', 'piece2', 'before'),
  { is: 'next-to', pieces: ['piece', 'piece2'], matching: true, not: true, when: 'before' },
);
const MOVE_THEM = threeTurns('move them apart.');
const OPENS = say(
  'The first turn opens their place, at the front right.',
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
      title: 'Free it: a piece is not on top',
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
            'bring the corner to the top; the edge comes next.',
            at('piece', 'U', 3),
            notAt('piece2', 'U', 3),
          ),
        },
        'both-edge': {
          why: threeTurns(
            'bring the edge to the top; the corner comes next.',
            at('piece2', 'U', 3),
            notAt('piece', 'U', 3),
          ),
        },
        shift: {
          look: [EDGE_LOW],
          turning: [CORNER_FIRST],
          why: threeTurns('move the two; the edge comes up next.', notAt('piece2', 'U', 3)),
        },
      },
    },
    {
      id: 'pairs/part',
      title: 'Part it: joined wrongly',
      find: FIND,
      look: [WRONGLY],
      turning: BOTH_FIRST,
      why: MOVE_THEM,
      otherwise: { corner: { why: rides('corner') }, edge: { why: rides('edge') } },
    },
    {
      id: 'pairs/join',
      title: 'Join it: both on top, apart',
      find: FIND,
      look: [NOT_TOGETHER],
      turning: BOTH_FIRST,
      why: MOVE_THEM,
      otherwise: { corner: { why: rides('corner') }, edge: { why: rides('edge') } },
    },
    {
      id: 'pairs/insert-joined',
      title: 'Insert it: joined, same colours touching',
      find: FIND,
      look: [
        say(
          'They are side by side, and their colours go together.',
          joined('piece', 'piece2', 'before'),
        ),
      ],
      turning: BOTH_FIRST,
      why: [
        OPENS,
        say(
          'The top turns the pair into it, and the last turn closes it: both are solved.',
          turnsOf(3),
          home('piece', 3),
          home('piece2', 3),
        ),
      ],
    },
    {
      id: 'pairs/insert-apart',
      title: 'Insert it: apart, first colour on a side',
      find: FIND,
      look: [
        say(
          'They are not side by side, but the corner has {first} on a side.',
          apart('piece', 'piece2', 'before'),
          faces('piece', 'first', 'FRBL', 'before'),
        ),
      ],
      turning: BOTH_FIRST,
      why: [
        OPENS,
        say(
          'The two meet on the way, with colours that go together.',
          apart('piece', 'piece2', 'lined-up'),
          joined('piece', 'piece2', 2),
        ),
        say(
          'The last turn takes both down: they are solved.',
          turnsOf(3),
          home('piece', 3),
          home('piece2', 3),
        ),
      ],
    },
  ],
};
