import type { PatternApproach } from './approach.js';
import { at, colour, half, home, say } from '../wording/index.js';

/** Takes the daisy down edge by edge; two that match at once save a turn. */
export const daisyCross: PatternApproach = {
  id: 'daisy-cross',
  title: 'Daisy to cross',
  short: 'From the daisy',
  stage: 'cross',
  after: 'daisy',
  up: 'opposite',
  summary: 'Match each daisy edge to its side centre, then half-turn that side.',
  cases: [
    {
      id: 'daisy-cross/down',
      title: 'On top, {first} facing up: match it and take it down',
      seen: { 'UF.U': 'first', 'UF.F': 'front' },
      pieces: ['UF'],
      lineUp: {
        layer: 'U',
        turning: [
          say(
            'Turn the top until it and the centre in front both show {front} in front.',
            colour('UF.F', 'front'),
          ),
        ],
        already: [
          say('It and the centre in front both show {front} in front.', colour('UF.F', 'front')),
        ],
      },
      sequence: 'F2',
      look: [],
      why: [
        say('Half a turn of the front takes it straight down.', at('piece', 'DF', 1), half('F', 1)),
        say('There its colours match: it is solved.', home('piece', 1)),
      ],
    },
  ],
};
