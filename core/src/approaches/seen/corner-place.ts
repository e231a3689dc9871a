import type { Case, Pattern, Role } from '../approach.js';

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

/** One corner of the last layer is in its place, held at the front on that side. */
export const inPlace = (side: 'right' | 'left'): Omit<Case, 'id' | 'sequence'> => ({
  title: 'One corner is in its place',
  seen: ownColours(side),
  pieces: [side === 'right' ? 'UFR' : 'UFL'],
  look: `The {piece} corner has the three colours of the sides round it, so it is in its place, twisted or not. Hold it at the top front ${side}.`,
  why: 'It stays while the other three corners move round by one place. If they are not home yet, once more will do it.',
});

export const NONE_IN_PLACE: Omit<Case, 'id' | 'sequence'> = {
  title: 'No corner is in its place',
  rank: 2,
  seen: {},
  pieces: ['UFR', 'UFL', 'UBL', 'UBR'],
  look: 'Compare each {opposite} corner with the sides round it: the {piece} corner does not belong between {front} and {right}, and no other corner is in its place either.',
  why: 'Start from any side. After these turns one corner is in its place; then look again.',
};
