import type { LiningUp, PatternApproach } from './approach.js';

const bringNext = (where: string): LiningUp => ({
  layer: 'D',
  turning: `Turn only the bottom until the {piece} corner is at the front right. It shows {opposite} ${where}.`,
  already: `The {piece} corner at the bottom front right shows {opposite} ${where}.`,
});

const KEEP = 'Keep this side in front until the end, even if the rest looks broken for a while:';

/** The cube turned over: each wrong corner is twisted at bottom front right, never re-holding. */
export const turnUnder: PatternApproach = {
  id: 'turn-under',
  title: 'Corner twists, cube turned over',
  stage: 'corner-twists',
  after: 'corner-places',
  up: 'first',
  keepsHold: true,
  summary: 'Turn the cube over and twist each wrong corner at the bottom front right.',
  cases: [
    {
      id: 'turn-under/twice',
      title: 'Opposite colour on the right: twice',
      seen: { 'DFR.R': 'opposite' },
      pieces: ['DFR'],
      lineUp: bringNext('on the right'),
      sequence: "R U R' U'",
      times: 2,
      look: 'Hold {first} up, so the {opposite} side is underneath.',
      why: `The four turns, twice, twist it so that {opposite} faces down. ${KEEP} the last corner puts it right.`,
    },
    {
      id: 'turn-under/four',
      title: 'Opposite colour in front: four times',
      seen: { 'DFR.F': 'opposite' },
      pieces: ['DFR'],
      lineUp: bringNext('in front'),
      sequence: "R U R' U'",
      times: 4,
      look: 'Hold {first} up, so the {opposite} side is underneath.',
      why: `The four turns, four times, twist it so that {opposite} faces down. ${KEEP} the last corner puts it right.`,
    },
    {
      id: 'turn-under/line-up',
      title: 'All twisted: line up the bottom',
      rank: 2,
      seen: { 'DFR.D': 'opposite', 'DFR.F': 'front' },
      pieces: ['DFR'],
      lineUp: {
        layer: 'D',
        turning: 'Turn the bottom until its sides match the centres.',
        already: '',
      },
      sequence: '',
      look: 'Every {opposite} corner now shows {opposite} underneath.',
      why: 'The bottom layer only has to come home. This last turn is easily forgotten.',
    },
  ],
};
