import type { Case, LiningUp, Pattern } from '../approach.js';
import {
  at,
  belongs,
  colour,
  count,
  has,
  hasNot,
  say,
  type Sentence,
  solved,
  unsolved,
} from '../../wording/index.js';

/** An edge without the opposite colour on top, its side sticker brought to its own centre. */
const matched = (goes: Sentence): LiningUp => ({
  layer: 'U',
  turning: [
    say(
      'Turn the top until its {front} sticker is above the {front} centre.',
      colour('UF.F', 'front'),
    ),
    goes,
  ],
  already: [say('Its {front} sticker is above the {front} centre.', colour('UF.F', 'front')), goes],
});

/** What every approach says of the edge it is going to put in. */
export const USABLE = say(
  'It has no {opposite}, so it belongs in the middle.',
  hasNot('piece', 'opposite'),
  hasNot('piece', 'first'),
);

/** The matched edge is held in front, and goes to the right or the left. */
export const goesTo = (
  side: 'right' | 'left',
): Pick<Case, 'title' | 'seen' | 'pieces' | 'lineUp' | 'look'> => ({
  title: `The edge goes to the ${side}`,
  seen: { 'UF.F': 'front', 'UF.U': side },
  pieces: ['UF'],
  lineUp: matched(
    say(
      `On top it shows {${side}}, so it goes to the front ${side}.`,
      colour('UF.U', side),
      belongs('piece', side === 'right' ? 'FR' : 'FL'),
    ),
  ),
  look: [USABLE],
});

/** How a matched edge and the corner below its place begin: the edge goes away, the corner comes up. */
export const edgeAwayCornerUp = (side: 'right' | 'left'): Sentence[] => {
  const [away, corner] = side === 'right' ? (['UL', 'DFR'] as const) : (['UR', 'DFL'] as const);
  return [
    say(
      `First the edge steps away to the ${side === 'right' ? 'left' : 'right'}.`,
      at('piece', away, 1),
    ),
    say(
      `Then the ${side} side lifts the {first} corner that sits below its place.`,
      has(corner, 'first'),
      solved(corner, 'lined-up'),
      at(corner, 'U', 2),
    ),
  ];
};

/** A middle edge at front right that is in the wrong place or flipped. */
const WRONG_AT_RIGHT: readonly Pattern[] = [
  { 'FR.F': ['right', 'back', 'left'], 'FR.R': 'side' },
  { 'FR.F': 'front', 'FR.R': ['back', 'left'] },
];

/** What putting a top edge in does; `here` is what the place is called in the hold afterwards. */
export const digsOut = (here: 'FR' | 'FL'): Sentence[] => [
  say(
    'Any top edge put in here pushes this one out to the top.',
    at('piece', 'U', 'after'),
    at('UF', here, 'after'),
  ),
  say('Then look again.', unsolved('piece', 'after')),
];

/** No edge on top is of use: any top edge put in its place digs the stuck one out. */
export const DIG_OUT: Omit<Case, 'id' | 'sequence'> = {
  title: 'No edge to use on top: dig one out',
  rank: 2,
  seen: WRONG_AT_RIGHT,
  pieces: ['FR'],
  look: [
    say(
      'Each edge on top has {opposite}, so none of them fits here.',
      count({ kind: 'edge', at: 'U', without: 'opposite' }, 0, 'before'),
    ),
    say(
      'This one is in the wrong place, or in its place but turned round.',
      unsolved('piece', 'before'),
    ),
  ],
  why: digsOut('FR'),
};
