import type { Case } from '../approach.js';
import {
  anyHold,
  besides,
  type Claim,
  count,
  done,
  looksLeft,
  otherColour,
  type Role,
  sameColour,
  say,
  type Sentence,
} from '../../wording/index.js';

type Seen = Omit<Case, 'id' | 'sequence'>;

const AROUND: Role[] = ['front', 'right', 'back', 'left'];

const FIND = [
  say(
    'Find the four {opposite} corners and look at the stickers on their sides.',
    count({ kind: 'corner', with: 'opposite' }, 4, 'found'),
  ),
];

const ON_SIDE = {
  front: ['UFL.F', 'UFR.F'],
  right: ['UFR.R', 'UBR.R'],
  back: ['UBL.B', 'UBR.B'],
  left: ['UFL.L', 'UBL.L'],
} as const;

/** On every side of the top the two corners show one colour, or on none. */
const allSides = (pair: (a: string, b: string, when: 'before') => Claim): Claim[] =>
  Object.values(ON_SIDE).map(([a, b]) => pair(a, b, 'before'));

/** All four corners go round in the order of the centres: only the top has to come home. */
export const CORNERS_ROUND: Seen = {
  title: 'Two corners alike on every side',
  seen: { 'UFR.F': 'front', 'UFL.F': 'front', 'UBR.B': 'back', 'UBL.B': 'back' },
  pieces: ['UFR'],
  find: FIND,
  lineUp: {
    layer: 'U',
    turning: [
      say(
        'Turn the top until all four {opposite} corners match the centres.',
        count({ kind: 'corner', with: 'opposite', solved: true }, 4, 'lined-up'),
      ),
    ],
    already: [
      say(
        'All four {opposite} corners match the centres.',
        count({ kind: 'corner', with: 'opposite', solved: true }, 4, 'lined-up'),
      ),
    ],
  },
  look: [say('On each side the two corners show the same colour.', ...allSides(sameColour))],
  why: [
    say(
      'Turning the top solves all four {opposite} corners.',
      count({ kind: 'corner', with: 'opposite', solved: true }, 4, 'after'),
      done(),
    ),
  ],
};

const PLACES = { back: ['UBL', 'UBR'], right: ['UFR', 'UBR'], left: ['UFL', 'UBL'] } as const;

/** One side whose two corners show the same colour, whichever it is, held on that side. */
export const pairOn = (side: 'back' | 'right' | 'left', where: string): Omit<Seen, 'why'> => {
  const letter = side[0]!.toUpperCase();
  const [a, b] = PLACES[side];
  return {
    title: 'Two corners alike on one side',
    rank: 2,
    seen: AROUND.map((colour) => ({ [`${a}.${letter}`]: colour, [`${b}.${letter}`]: colour })),
    pieces: [a, b],
    find: FIND,
    look: [
      say(
        `The two corners ${where} show the same colour. On no other side do they.`,
        sameColour(ON_SIDE[side][0], ON_SIDE[side][1], 'before'),
        ...Object.entries(ON_SIDE)
          .filter(([other]) => other !== side)
          .map(([, [one, two]]) => otherColour(one, two, 'before')),
      ),
    ],
  };
};

export const NO_PAIR: Omit<Seen, 'why'> = {
  title: 'Two corners alike on no side',
  rank: 3,
  seen: {},
  pieces: ['UFR', 'UFL', 'UBL', 'UBR'],
  find: FIND,
  look: [say('On no side do the two corners show the same colour.', ...allSides(otherColour))],
};

/** Each side shows one colour after the turns, if not yet its own. */
export const EVERY_SIDE: Sentence = say(
  'Then on each side the two corners show the same colour.',
  ...Object.values(ON_SIDE).map(([a, b]) => sameColour(a, b, 'after')),
  besides(looksLeft([0, 1])),
);

/** From whichever hold: on which side two corners show one colour after the turns. */
export const makesPair = (side: keyof typeof ON_SIDE, name: string): Sentence[] => [
  say('Any side may be in front.', anyHold(looksLeft([1, 2]))),
  say(
    `After these turns the two corners ${name} show the same colour. Then look again.`,
    sameColour(ON_SIDE[side][0], ON_SIDE[side][1], 'after'),
    looksLeft([1, 2]),
  ),
];
