import type { SearchApproach } from './approach.js';
import {
  at,
  beside,
  besides,
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
  'First turn the bottom: the edge is then {lined}.',
  at('piece', '{lined}', 'lined-up'),
);
const PLACE_COMES: Sentence = say(
  'First turn the bottom, or the two would not fit each other.',
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
      title: 'The first edge',
      look: [GOES_IN],
      turning: [TURN_FIRST],
      why: [
        say(
          'In the end it fits the others.',
          inTheEnd(fits('D', 'after', 'piece')),
          besides(inTheEnd(allDown('after'))),
        ),
        say('In the end the cross is done.', inTheEnd(done())),
      ],
      otherwise: { along: { turning: [GOES_ALONG] } },
    },
    {
      id: 'cross-under/beside',
      title: 'An edge next to one already placed',
      look: [
        say(
          'It goes to the {hand} of the {piece2} edge, as you look straight at that edge.',
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
      title: 'An edge across from one already placed',
      look: [
        say('It goes across from the {piece2} edge.', beside('piece', 'piece2', 'across')),
        GOES_IN,
      ],
      turning: [PLACE_COMES],
      why: [THE_TWO_FIT],
      otherwise: { along: { turning: [GOES_ALONG] } },
    },
    {
      id: 'cross-under/last',
      title: 'The last edge',
      look: [
        say(
          'The last place is across from the {piece2} edge.',
          beside('piece', 'piece2', 'across'),
        ),
        GOES_IN,
      ],
      turning: [PLACE_COMES],
      why: [
        say(
          'Now all four edges have {first} underneath and fit each other.',
          allDown('after'),
          fits('D', 'after', 'piece', 'piece2'),
        ),
      ],
      otherwise: { along: { turning: [GOES_ALONG] } },
    },
    {
      id: 'cross-under/line-up',
      title: 'All four placed: line up the bottom',
      look: [
        say(
          'All four edges have {first} underneath, but none is solved.',
          unsolved('piece', 'before'),
          allDown('before'),
        ),
      ],
      turning: [
        say('Turn the bottom until this edge matches its own centre.', solved('piece', 'lined-up')),
      ],
      why: [
        say(
          'Then all four {first} edges match their centres: the cross is done.',
          count({ kind: 'edge', with: 'first', solved: true }, 4, 'after'),
          done(),
        ),
      ],
    },
  ],
};
