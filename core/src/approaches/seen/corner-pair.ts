import type { Case, Role } from '../approach.js';

type Seen = Omit<Case, 'id' | 'sequence'>;

const AROUND: Role[] = ['front', 'right', 'back', 'left'];

/** All four corners go round in the order of the centres: only the top has to come home. */
export const CORNERS_ROUND: Seen = {
  title: 'Every side matches: line up the top',
  seen: { 'UFR.F': 'front', 'UFL.F': 'front', 'UBR.B': 'back', 'UBL.B': 'back' },
  pieces: ['UFR'],
  lineUp: {
    layer: 'U',
    turning: 'Turn the top until those colours meet their own centres.',
    already: 'They sit over their own centres already.',
  },
  look: 'On every side the two corners show the same colour; the {piece} corner is at the {at}.',
  why: 'The corners stand in the right order, so turning the top brings all four home.',
};

const PLACES = { back: ['UBL', 'UBR'], right: ['UFR', 'UBR'], left: ['UFL', 'UBL'] } as const;

/** One side whose two corners show the same colour, whichever it is, held on that side. */
export const pairOn = (side: 'back' | 'right' | 'left', where: string): Omit<Seen, 'why'> => {
  const letter = side[0]!.toUpperCase();
  const [a, b] = PLACES[side];
  return {
    title: 'One side shows two corners of the same colour',
    rank: 2,
    seen: AROUND.map((colour) => ({ [`${a}.${letter}`]: colour, [`${b}.${letter}`]: colour })),
    pieces: [a, b],
    look: `One side has two corners that show the same colour, {piece} and {piece2}: hold that side ${where}.`,
  };
};

export const NO_PAIR: Omit<Seen, 'why'> = {
  title: 'No side shows two corners of the same colour',
  rank: 3,
  seen: {},
  pieces: ['UFR', 'UFL', 'UBL', 'UBR'],
  look: 'On no side do the two corners show the same colour; the {piece} corner is at the front right.',
};

export const STAY_AND_SWAP =
  'Those two stay together while two other corners change places. Then every side matches, and the top is lined up.';
export const MAKE_A_PAIR =
  'Any hold will do: afterwards one side shows two of the same colour. Look again.';
