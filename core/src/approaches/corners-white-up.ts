import type { LiningUp, PatternApproach } from './approach.js';
import {
  at,
  belongs,
  colour,
  count,
  faces,
  home,
  say,
  solved,
  turnsOf,
  unfinishedAt,
  unsolved,
} from './claims.js';
import { also } from './seen/also.js';
import { STUCK_LOOK, unfinished } from './seen/first-corner.js';

const under = (side: 'right' | 'left'): LiningUp => {
  const [place, above, letter] = side === 'right' ? ['DFR', 'UFR', 'R'] : ['DFL', 'UFL', 'L'];
  const under = [at('piece', place, 'lined-up'), belongs('piece', above)];
  return {
    layer: 'D',
    turning: [
      say(`Turn the bottom until it is under its place, at the front ${side}.`, ...under),
      say(`Then {first} faces ${side}.`, colour(`${place}.${letter}`, 'first')),
    ],
    already: [
      say(`It is under its place, at the front ${side}.`, ...under),
      say(`{first} faces ${side}.`, colour(`${place}.${letter}`, 'first')),
    ],
  };
};

const ON_A_SIDE = say(
  'Its {first} sticker is on a side, not underneath.',
  faces('piece', 'first', 'FRBL', 'before'),
);

/** The first layer stays on top, where the work is seen; corners come up from below. */
export const cornersWhiteUp: PatternApproach = {
  id: 'corners-white-up',
  title: 'Corners from below, first colour up',
  short: 'From below',
  stage: 'corners',
  after: 'cross',
  up: 'first',
  summary: 'Turn each corner under its place and bring it up with three turns.',
  cases: [
    {
      id: 'corners-white-up/right',
      title: 'First colour looks out to the right',
      seen: { 'DFR.R': 'first', 'DFR.F': 'front' },
      pieces: ['DFR'],
      lineUp: under('right'),
      sequence: "R' D' R",
      look: [ON_A_SIDE],
      why: [
        say('The right side brings its place down.', at('UFR', 'DFR', 1)),
        say(
          'The bottom turns the corner into it, and the side takes it up: solved.',
          at('piece', 'DFR', 2),
          home('piece', 3),
          at('piece', 'U', 3),
        ),
        say(
          'The cross edge on that side went along and is back.',
          unsolved('UR', 1),
          solved('UR', 3),
        ),
      ],
    },
    {
      id: 'corners-white-up/left',
      title: 'First colour looks out to the left',
      seen: { 'DFL.L': 'first', 'DFL.F': 'front' },
      pieces: ['DFL'],
      lineUp: under('left'),
      sequence: "L D L'",
      look: [ON_A_SIDE],
      why: [
        say('The left side brings its place down.', at('UFL', 'DFL', 1)),
        say(
          'The bottom turns the corner into it, and the side takes it up: solved.',
          at('piece', 'DFL', 2),
          home('piece', 3),
          at('piece', 'U', 3),
        ),
        say(
          'The cross edge on that side went along and is back.',
          unsolved('UL', 1),
          solved('UL', 3),
        ),
      ],
    },
    {
      id: 'corners-white-up/down',
      title: 'First colour facing down: turn it outward',
      rank: 2,
      seen: also(unfinished('U'), { 'DFR.D': 'first' }),
      pieces: ['DFR'],
      lineUp: {
        layer: 'D',
        turning: [
          say('The corner must stand under a place that is not solved.', unfinishedAt('UFR')),
          say(
            'Turn the bottom until it is between {front} and {right}.',
            at('piece', 'DFR', 'lined-up'),
          ),
        ],
        already: [
          say('It is between {front} and {right}.', at('piece', 'DFR', 'lined-up')),
          say('The place above it is not solved.', unfinishedAt('UFR')),
        ],
      },
      sequence: "R' D2 R",
      look: [
        say(
          'No corner at the bottom has {first} on a side.',
          count(
            { kind: 'corner', at: 'D', facing: { colour: 'first', sides: 'FRBL' } },
            0,
            'before',
          ),
        ),
        say('This one has {first} underneath.', faces('piece', 'first', 'D', 'before')),
      ],
      why: [
        say(
          'The three turns bring {first} to a side.',
          turnsOf(3),
          faces('piece', 'first', 'FRBL', 3),
        ),
        say(
          'They also stir the place above, so a solved corner there would be lost.',
          unfinishedAt('UFR'),
          at('UFR', 'D', 3),
        ),
      ],
    },
    {
      id: 'corners-white-up/stuck',
      title: 'On top but wrong: take it out',
      rank: 3,
      seen: [{ 'UFR.F': 'first' }, { 'UFR.R': 'first' }, { 'UFR.U': 'first', 'UFR.F': '!front' }],
      pieces: ['UFR'],
      sequence: "R' D' R",
      look: [
        say(
          'No {first} corner is left at the bottom.',
          count({ kind: 'corner', at: 'D', with: 'first' }, 0, 'before'),
        ),
        STUCK_LOOK,
      ],
      why: [
        say(
          'The three turns bring it to the bottom. Then look again.',
          turnsOf(3),
          at('piece', 'D', 3),
        ),
      ],
    },
  ],
};
