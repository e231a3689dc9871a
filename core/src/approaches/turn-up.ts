import type { LiningUp, PatternApproach } from './approach.js';

const bringNext = (where: string): LiningUp => ({
  layer: 'U',
  turning: `Turn only the top until the {piece} corner is at the front right. It shows {opposite} ${where}.`,
  already: `The {piece} corner at the top front right shows {opposite} ${where}.`,
});

const SEQUENCE = "R' D' R D";
const KEEP =
  'Keep this side in front until the end, even if the layers below look broken for a while:';

/** Each wrong corner is twisted at the top front right, one side in front, never re-held. */
export const turnUp: PatternApproach = {
  id: 'turn-up',
  title: 'Corner twists, last layer up',
  stage: 'corner-twists',
  after: 'corner-places',
  up: 'opposite',
  keepsHold: true,
  summary: 'Keep one side in front and twist each wrong corner at the top front right.',
  cases: [
    {
      id: 'turn-up/twice',
      title: 'Opposite colour on the right: twice',
      seen: { 'UFR.R': 'opposite' },
      pieces: ['UFR'],
      lineUp: bringNext('on the right'),
      sequence: SEQUENCE,
      times: 2,
      look: 'Hold {opposite} up and choose a front that you will not change.',
      why: `The four turns, twice, twist it so that {opposite} faces up. ${KEEP} the last corner puts them right.`,
    },
    {
      id: 'turn-up/four',
      title: 'Opposite colour in front: four times',
      seen: { 'UFR.F': 'opposite' },
      pieces: ['UFR'],
      lineUp: bringNext('in front'),
      sequence: SEQUENCE,
      times: 4,
      look: 'Hold {opposite} up and choose a front that you will not change.',
      why: `The four turns, four times, twist it so that {opposite} faces up. ${KEEP} the last corner puts them right.`,
    },
    {
      id: 'turn-up/line-up',
      title: 'All twisted: line up the top',
      rank: 2,
      seen: { 'UFR.U': 'opposite', 'UFR.F': 'front' },
      pieces: ['UFR'],
      lineUp: {
        layer: 'U',
        turning: 'Turn the top until its sides match the centres.',
        already: '',
      },
      sequence: '',
      look: 'Every {opposite} corner now shows {opposite} on top.',
      why: 'The top layer only has to come home. This last turn is easily forgotten.',
    },
  ],
};
