import type { SearchApproach } from './approach.js';
import {
  at,
  beside,
  type Claim,
  count,
  done,
  elseNot,
  faces,
  fits,
  inTheEnd,
  type Moment,
  say,
  type Sentence,
  solved,
  unsolved,
} from '../wording/index.js';

const GOES_IN = say(
  'It goes in {to}, with {first} underneath.',
  at('piece', '{to}', 'after'),
  faces('piece', 'first', 'D', 'after'),
);
const TURN_FIRST = say('First turn the bottom, or the whole way would be longer.', {
  is: 'shortest',
});
const GOES_ALONG = say(
  'First turn the bottom: then it is {lined}.',
  at('piece', '{lined}', 'lined-up'),
);
const PLACE_COMES: Sentence = say(
  'First turn the bottom, or it would not fit the edges that are placed.',
  elseNot(fits('D', 'after', 'piece', 'piece2')),
);
const THE_TWO_FIT = say(
  'Now the two fit each other, however the bottom turns.',
  fits('D', 'after', 'piece', 'piece2'),
);
const allDown = (when: Moment): Claim =>
  count({ kind: 'edge', at: 'D', facing: { colour: 'first', sides: 'D' } }, 4, when);

/** The whole cross planned before the first turn, each edge placed relative to those already there. */
export const crossUnder: SearchApproach = {
  id: 'cross-under',
  title: 'Cross underneath, planned whole',
  short: 'Planned whole',
  stage: 'cross',
  after: null,
  up: 'opposite',
  search: 'cross',
  summary:
    'Plan all four edges before the first turn: place each relative to the others, then line up the bottom.',
  cases: [
    {
      id: 'cross-under/first',
      title: 'The first edge: anywhere',
      look: [GOES_IN],
      turning: [TURN_FIRST],
      why: [
        say('It may go in on any side.', inTheEnd(done())),
        say('At the end the bottom is turned until all four fit.', inTheEnd(done())),
      ],
      otherwise: { along: { turning: [GOES_ALONG] } },
    },
    {
      id: 'cross-under/beside',
      title: 'Next to an edge already placed',
      look: [
        say(
          'It belongs next to the {piece2} edge, on its {hand}.',
          beside('piece', 'piece2', '{hand}'),
        ),
        GOES_IN,
      ],
      turning: [PLACE_COMES],
      why: [THE_TWO_FIT],
      otherwise: { along: { turning: [GOES_ALONG] } },
    },
    {
      id: 'cross-under/across',
      title: 'Across from an edge already placed',
      look: [
        say('It belongs across from the {piece2} edge.', beside('piece', 'piece2', 'across')),
        GOES_IN,
      ],
      turning: [PLACE_COMES],
      why: [THE_TWO_FIT],
      otherwise: { along: { turning: [GOES_ALONG] } },
    },
    {
      id: 'cross-under/last',
      title: 'The last edge: the place that is left',
      look: [
        say(
          'One place is left, across from the {piece2} edge.',
          beside('piece', 'piece2', 'across'),
        ),
        GOES_IN,
      ],
      turning: [PLACE_COMES],
      why: [
        say(
          'Now all four fit each other.',
          allDown('after'),
          fits('D', 'after', 'piece', 'piece2'),
        ),
      ],
      otherwise: { along: { turning: [GOES_ALONG] } },
    },
    {
      id: 'cross-under/line-up',
      title: 'Line up the bottom',
      look: [
        say(
          'All four fit each other, but not the centres yet.',
          unsolved('piece', 'before'),
          allDown('before'),
        ),
      ],
      turning: [
        say('Turn the bottom until it is below its own centre.', solved('piece', 'lined-up')),
      ],
      why: [say('Then each of them is: the cross is done.', done())],
    },
  ],
};
