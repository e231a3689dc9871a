import type { LiningUp, PatternApproach } from './approach.js';
import { DIG_OUT, USABLE } from './seen/middle-edge.js';
import {
  at,
  belongs,
  besides,
  type Claim,
  colour,
  LOOK_AGAIN,
  movesOnly,
  say,
  type Sentence,
  solved,
  turned,
  stretch,
} from '../wording/index.js';

const matchedOnRight = (goes: Sentence): LiningUp => ({
  layer: 'U',
  turning: [
    say(
      'Turn the top until its {right} sticker is on the right, as the {right} centre is.',
      colour('UR.R', 'right'),
    ),
    goes,
  ],
  already: [
    say('Its {right} sticker is on the right, as the {right} centre is.', colour('UR.R', 'right')),
    goes,
  ],
});
const TO_FRONT = "R' U' R' U' R' U R U R U";

const keeps = (...moved: string[]): Claim[] => [movesOnly('edge', ...moved), movesOnly('corner')];
const why = (way: string, ...claims: Claim[]): Sentence[] => [
  say(`The first turn takes the right side ${way}.`, claims[0]!, turned('R', 1)),
  say(
    'In the end this edge is solved and two others have moved.',
    solved('piece', 'after'),
    claims[1]!,
  ),
  say(
    'The first five turns and the last five turns leave each corner where it was.',
    stretch('first', 1, 5),
    stretch('last', 6, 10),
    claims[2]!,
  ),
];

/** Five turns and five back, with two layers only; the matched edge is held on the right. */
export const middleFive: PatternApproach = {
  id: 'middle-five',
  title: 'Middle edges, five and five',
  short: 'Five and five',
  stage: 'middle',
  after: 'corners',
  up: 'opposite',
  summary:
    'Hold the matched edge on the right; five turns forward, five back, with right and top only.',
  cases: [
    {
      id: 'middle-five/back',
      title: 'The edge goes to the back right',
      seen: { 'UR.R': 'right', 'UR.U': 'back' },
      pieces: ['UR'],
      lineUp: matchedOnRight(
        say(
          'On top it shows {back}, so it goes to the back right.',
          colour('UR.U', 'back'),
          belongs('piece', 'BR'),
        ),
      ),
      sequence: "R U R U R U' R' U' R' U'",
      look: [USABLE],
      why: why('away from you', at('UFR', 'UBR', 1), ...keeps('UR', 'BR', 'UF')),
    },
    {
      id: 'middle-five/front',
      title: 'The edge goes to the front right',
      seen: { 'UR.R': 'right', 'UR.U': 'front' },
      pieces: ['UR'],
      lineUp: matchedOnRight(
        say(
          'On top it shows {front}, so it goes to the front right.',
          colour('UR.U', 'front'),
          belongs('piece', 'FR'),
        ),
      ),
      sequence: TO_FRONT,
      look: [USABLE],
      why: why('towards you', at('UBR', 'UFR', 1), ...keeps('UR', 'FR', 'UB')),
    },
    {
      id: 'middle-five/stuck',
      ...DIG_OUT,
      sequence: TO_FRONT,
      why: [
        say(
          'The edge on top, on the right, pushes this one out to the top.',
          at('UR', 'UR', 'lined-up'),
          besides(at('UR', 'FR', 'after')),
          at('piece', 'U', 'after'),
        ),
        say('Each corner is back where it was. Then look again.', movesOnly('corner'), LOOK_AGAIN),
      ],
    },
  ],
};
