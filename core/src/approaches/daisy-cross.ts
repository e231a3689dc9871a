import type { PatternApproach } from './approach.js';

/** Takes the daisy down edge by edge; two that match at once save a turn. */
export const daisyCross: PatternApproach = {
  id: 'daisy-cross',
  title: 'Daisy to cross',
  stage: 'cross',
  after: 'daisy',
  up: 'opposite',
  summary: 'Match each daisy edge to its side centre, then half-turn that side.',
  cases: [
    {
      id: 'daisy-cross/down',
      title: 'Match the edge, take it down',
      seen: { 'UF.U': 'first', 'UF.F': 'front' },
      pieces: ['UF'],
      lineUp: {
        layer: 'U',
        turning: 'Turn the top until its {front} sticker sits over the {front} centre.',
        already: 'Its {front} sticker sits over the {front} centre already.',
      },
      sequence: 'F2',
      look: 'The {piece} edge is at the {at}.',
      why: 'Its {front} sticker now matches its side, so half a turn takes it straight down to its place next to the {first} centre.',
    },
  ],
};
