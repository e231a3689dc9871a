import {
  belongs,
  besides,
  colour,
  count,
  round,
  say,
  type Sentence,
  solved,
  stays,
  type Those,
} from '../../wording/index.js';

/** What is looked at first. */
export const FIND = [
  say(
    'Find the four {opposite} edges and look at the stickers on their sides.',
    count({ kind: 'edge', with: 'opposite' }, 4, 'found'),
  ),
];

/** The side that is solved is held at the back; where the front edge then belongs. */
export const solvedBehind = (side: 'left' | 'right'): Sentence[] => [
  say(
    'The {back} side is solved: it is at the back.',
    solved('UB', 'before'),
    besides(count({ kind: 'edge', with: 'opposite', solved: true }, 1, 'before')),
  ),
  say(
    `The edge in front shows {${side}}, so it belongs on the ${side}.`,
    colour('UF.F', side, 'before'),
    belongs('UF', side === 'left' ? 'UL' : 'UR', 'before'),
  ),
];

/** Three edges go round while the one at the back stays. */
export const goRound = (...places: readonly [string, string, string]): Sentence[] => {
  const names: Record<string, string> = { UF: 'front', UL: 'left', UR: 'right' };
  const [a, b, c] = places.map((place) => names[place]!);
  return [
    say(
      `The edge at the back stays. The other three go round: ${a} to ${b}, ${b} to ${c}, ${c} to ${a}.`,
      round(...places),
      stays('UB'),
    ),
  ];
};

/** Edges of the last layer that are solved. */
export const ONE_SOLVED: Those = { kind: 'edge', with: 'opposite', solved: true };

export const NONE_SOLVED = say(
  'No {opposite} edge matches its side.',
  count(ONE_SOLVED, 0, 'before'),
);
