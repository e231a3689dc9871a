import type { SearchApproach } from './approach.js';

const ROOM = 'The room at the {room} is still open, so nothing finished is disturbed.';

/** Corner and middle edge put in together; replaces the corners and the middle edges. */
export const pairs: SearchApproach = {
  id: 'pairs',
  title: 'Corner and edge as a pair',
  stage: 'middle',
  after: 'cross',
  up: 'opposite',
  search: 'pairs',
  summary: 'Take a corner and its edge: free them, join them on top, insert them with three turns.',
  cases: [
    {
      id: 'pairs/free',
      title: 'Free it: a piece sits in a room',
      look: 'The {piece} corner is at the {at} and its edge, {piece2}, at the {at2}. What sits in a room below must come up first.',
      why: `Three turns bring it to the top, where it can be joined. ${ROOM}`,
    },
    {
      id: 'pairs/part',
      title: 'Part it: joined wrongly',
      look: 'The {piece} corner at the {at} and its edge, {piece2}, at the {at2} touch, but their colours do not go together.',
      why: `Joined like this they cannot go in. The corner is tucked away, the edge moves, and the corner comes back to it. ${ROOM}`,
    },
    {
      id: 'pairs/join',
      title: 'Join it: both on top, apart',
      look: 'The {piece} corner is on top at the {at} and its edge, {piece2}, at the {at2}: they are not joined yet.',
      why: `These turns bring the two into line with each other, ready to go in. ${ROOM}`,
    },
    {
      id: 'pairs/insert-joined',
      title: 'Insert it: joined, same colours touching',
      look: 'The {piece} corner and the {piece2} edge stand together on top, same colours touching.',
      why: 'Three turns open their room at the front right, bring the pair over it and take it down. Corner and edge are home together.',
    },
    {
      id: 'pairs/insert-apart',
      title: 'Insert it: on opposite sides, first colour outward',
      look: 'The {piece} corner is at the {at} with {first} outward, and the {piece2} edge waits on the opposite side of the top.',
      why: 'Opening the room at the front right brings the two together on the way, and the same three turns take them down as a pair.',
    },
  ],
};
