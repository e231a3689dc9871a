import type { PatternApproach } from './approach.js';

const SEQUENCE = "R U R' U R U2 R' U";

/** Lines up as many last-layer edges as possible, then exchanges two neighbours. */
export const edgesMatch: PatternApproach = {
  id: 'edges-match',
  title: 'Match the last edges',
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
        turning:
          'Turn the top until the {piece} edge sits over the {front} centre; the other three then match too.',
        already: 'The {piece} edge sits over the {front} centre, and the other three match too.',
      },
      sequence: '',
      look: 'Look at the side stickers of the four {opposite} edges: they go round in the same order as the centres.',
      why: 'All four can match at once, so turning the top is all there is to do.',
    },
    {
      id: 'edges-match/neighbours',
      title: 'Two neighbours match',
      seen: { 'UB.B': 'back', 'UR.R': 'right', 'UF.F': 'left', 'UL.L': 'front' },
      pieces: ['UF', 'UL'],
      lineUp: {
        layer: 'U',
        turning:
          'Turn the top until two neighbours match their centres: {back} at the back and {right} on the right.',
        already: 'Two neighbours match their centres: {back} at the back and {right} on the right.',
      },
      sequence: SEQUENCE,
      look: 'Look at the side stickers of the four {opposite} edges.',
      why: 'The two that match wait at the back and the right while the {front} and {left} ones change places. Do not forget the last turn of the top: it brings all four home.',
    },
    {
      id: 'edges-match/opposite',
      title: 'Two opposite match',
      rank: 2,
      seen: { 'UB.B': 'back', 'UF.F': 'front', 'UR.R': 'left', 'UL.L': 'right' },
      pieces: ['UR', 'UL'],
      lineUp: {
        layer: 'U',
        turning:
          'Turn the top until two edges across from each other match: {front} in front and {back} at the back.',
        already: 'Two edges across from each other match: {front} in front and {back} at the back.',
      },
      sequence: SEQUENCE,
      look: 'Look at the side stickers of the four {opposite} edges: no turning of the top makes two neighbours match.',
      why: 'The sequence only exchanges neighbours. Done once from here it makes two neighbours match; then look again.',
    },
  ],
};
