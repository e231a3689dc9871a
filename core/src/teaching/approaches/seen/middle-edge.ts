import type { Case, LiningUp, Pattern } from '../approach.js';
import {
  at,
  belongs,
  belongsInMiddle,
  besides,
  colour,
  count,
  has,
  hasNot,
  LOOK_AGAIN,
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
      'Turn the top until its {front} sticker is in front, as the {front} centre is.',
      colour('UF.F', 'front'),
    ),
    goes,
  ],
  already: [
    say('Its {front} sticker is in front, as the {front} centre is.', colour('UF.F', 'front')),
    goes,
  ],
});

/** What every approach says of the edge it is going to put in. */
export const USABLE = say(
  'It has no {opposite} and no {first}, so it belongs in the middle.',
  hasNot('piece', 'opposite'),
  hasNot('piece', 'first'),
  belongsInMiddle('piece'),
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
      `The first turn takes the edge away, to the ${side === 'right' ? 'left' : 'right'}.`,
      at('piece', away, 1),
    ),
    say(
      `The second turn takes the {first} corner at the front ${side} to the top.`,
      has(corner, 'first'),
      besides(solved(corner, 'lined-up')),
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
    'The edge on top, in front, pushes this one out to the top.',
    at('UF', 'UF', 'lined-up'),
    besides(at('UF', here, 'after')),
    at('piece', 'U', 'after'),
  ),
  say('Then look again.', LOOK_AGAIN),
];

/** No edge on top is of use: any top edge put in its place digs the stuck one out. */
export const DIG_OUT: Omit<Case, 'id' | 'sequence'> = {
  title: 'No middle edge on top: free one',
  rank: 2,
  seen: WRONG_AT_RIGHT,
  pieces: ['FR'],
  look: [
    say(
      'Every edge on top has {opposite}.',
      count({ kind: 'edge', at: 'U', without: 'opposite' }, 0, 'before'),
    ),
    say('This one is in the wrong place, or flipped.', unsolved('piece', 'before')),
  ],
  why: digsOut('FR'),
};
