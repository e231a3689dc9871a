import type { Case, Pattern } from '../approach.js';
import {
  anyHold,
  belongs,
  besides,
  count,
  inItsPlace,
  LOOK_AGAIN,
  looksLeft,
  notInItsPlace,
  type Role,
  round,
  sameHold,
  say,
  stays,
} from '../../wording/index.js';

/** The corner at a top front place shows its three own colours, in any of three twists. */
const ownColours = (side: 'right' | 'left'): readonly Pattern[] => {
  const [place, letter] = side === 'right' ? ['UFR', 'R'] : ['UFL', 'L'];
  const colours: Role[] = ['opposite', side, 'front'];
  return [0, 1, 2].map((twist) => ({
    [`${place}.U`]: colours[twist % 3]!,
    [`${place}.${letter}`]: colours[(twist + 1) % 3]!,
    [`${place}.F`]: colours[(twist + 2) % 3]!,
  }));
};

const OTHERS = { right: ['UFL', 'UBR', 'UBL'], left: ['UFR', 'UBL', 'UBR'] } as const;

/** One corner of the last layer is in its place, held at the front on that side. */
export const inPlace = (side: 'right' | 'left'): Omit<Case, 'id' | 'sequence'> => ({
  title: 'One corner is in its place',
  seen: ownColours(side),
  pieces: [side === 'right' ? 'UFR' : 'UFL'],
  look: [
    say('It is in its place, however it is twisted.', inItsPlace('piece', 'before')),
    say(
      `It belongs at the front ${side}: it has the colours of those sides.`,
      belongs('piece', side === 'right' ? 'UFR' : 'UFL', 'before'),
    ),
  ],
  why: [
    say('This corner stays as it is.', stays('piece')),
    say('The other three go round by one place.', round(...OTHERS[side])),
    say(
      'If they are still in the wrong places, do the same once more, held as now.',
      looksLeft([0, 1]),
      sameHold(),
    ),
  ],
});

const IN_PLACE = { kind: 'corner', at: 'U', inPlace: true } as const;

export const NONE_IN_PLACE: Omit<Case, 'id' | 'sequence'> = {
  title: 'No corner is in its place',
  rank: 2,
  seen: {},
  pieces: ['UFR', 'UFL', 'UBL', 'UBR'],
  find: [
    say(
      'Find the four {opposite} corners.',
      count({ kind: 'corner', with: 'opposite' }, 4, 'found'),
    ),
  ],
  look: [
    say(
      'Compare each with the sides it touches: no corner on top is in its place.',
      count(IN_PLACE, 0, 'before'),
      besides(notInItsPlace('piece', 'before')),
    ),
  ],
  why: [
    say('Any side may be in front.', anyHold(count(IN_PLACE, 1, 'after'))),
    say(
      'After these turns one corner on top is in its place. Then look again.',
      count(IN_PLACE, 1, 'after'),
      LOOK_AGAIN,
    ),
  ],
};
