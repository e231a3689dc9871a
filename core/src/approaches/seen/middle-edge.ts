import type { Case, LiningUp, Pattern } from '../approach.js';

/** An edge without the opposite colour on top, its side sticker brought to its own centre. */
export const MAKE_BAR: LiningUp = {
  layer: 'U',
  turning:
    'Its side sticker is {front}: turn the top until it sits over the {front} centre and they make a bar.',
  already: 'Its side sticker is {front} and sits over the {front} centre: they make a bar.',
};

/** What every approach says of the edge it is going to put in. */
export const USABLE = 'The {piece} edge is at the {at} and has no {opposite}.';

/** The matched edge is held in front, and goes to the right or the left. */
export const goesTo = (
  side: 'right' | 'left',
): Pick<Case, 'title' | 'seen' | 'pieces' | 'lineUp' | 'look'> => ({
  title: `The edge goes to the ${side}`,
  seen: { 'UF.F': 'front', 'UF.U': side },
  pieces: ['UF'],
  lineUp: MAKE_BAR,
  look: USABLE,
});

/** A middle edge at front right that is in the wrong place or flipped. */
const WRONG_AT_RIGHT: readonly Pattern[] = [
  { 'FR.F': ['right', 'back', 'left'], 'FR.R': 'side' },
  { 'FR.F': 'front', 'FR.R': ['back', 'left'] },
];

/** No edge on top is of use: any top edge put in its place digs the stuck one out. */
export const DIG_OUT: Omit<Case, 'id' | 'sequence'> = {
  title: 'No edge to use on top: dig one out',
  rank: 2,
  seen: WRONG_AT_RIGHT,
  pieces: ['FR'],
  look: 'Every edge on top has {opposite}, so none of them can be used. The {piece} edge at the front right is in the wrong place or flipped.',
  why: 'Putting any top edge in here pushes the {piece} edge out to the top, where it can be used.',
};
