import type { SearchApproach } from './approach.js';

/** The whole cross planned before the first turn, each edge placed relative to those already there. */
export const crossUnder: SearchApproach = {
  id: 'cross-under',
  title: 'Cross underneath, planned whole',
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
      look: 'Hold {first} down and look at all four {first} edges before you turn. The {piece} edge is at the {at}.',
      why: 'Nothing is placed yet, so it may go in on any side with {first} down: only the order round the {first} centre will matter.',
    },
    {
      id: 'cross-under/beside',
      title: 'Next to an edge already placed',
      look: 'The {piece} edge is at the {at}. It belongs next to the {piece2} edge, which is placed.',
      why: 'Looking at the {piece2} edge from outside, {piece} goes on its {hand}. Placed like that the two stay right to each other however the bottom turns.',
    },
    {
      id: 'cross-under/across',
      title: 'Across from an edge already placed',
      look: 'The {piece} edge is at the {at}. It belongs across from the {piece2} edge, which is placed.',
      why: 'Opposite colours stand opposite each other. Placed like that {piece} and {piece2} stay right however the bottom turns.',
    },
    {
      id: 'cross-under/last',
      title: 'The last edge: the gap that is left',
      look: 'Three edges are placed. The {piece} edge is at the {at}, and one gap is left, across from the {piece2} edge.',
      why: 'It goes into that gap with {first} down, and the order round the {first} centre is complete.',
    },
    {
      id: 'cross-under/line-up',
      title: 'Line up the bottom',
      look: 'All four {first} edges stand in the right order; look at the {piece} edge and its centre.',
      why: 'The order is right, so one turn of the bottom brings all four under their own centres.',
    },
  ],
};
