import type { Case, LiningUp } from '../approach.js';
import {
  at,
  type Claim,
  colour,
  count,
  done,
  faces,
  inTheEnd,
  say,
  type Sentence,
  solved,
  turnsOf,
  unsolved,
} from '../../wording/index.js';

/** Corners are twisted at the front right of the layer on this side of the hold. */
export interface TwistLayer {
  layer: 'U' | 'D';
  /** What it is called, and where its colour faces in the end. */
  name: 'top' | 'bottom';
  facing: 'on top' | 'underneath';
  sequence: string;
}

const FACE: Record<'R' | 'F', string> = { R: 'on the right', F: 'in front' };

const bringNext = ({ layer, name }: TwistLayer, letter: 'R' | 'F', stop: Sentence): LiningUp => {
  const corner = `${layer}FR`;
  const shows = [at('piece', corner, 'lined-up'), colour(`${corner}.${letter}`, 'opposite')];
  return {
    layer,
    turning: [
      say(
        `Turn only the ${name} until it is at the front right. Then it shows {opposite} ${FACE[letter]}.`,
        ...shows,
      ),
      stop,
    ],
    already: [
      say(`It is at the front right and shows {opposite} ${FACE[letter]}.`, ...shows),
      stop,
    ],
  };
};

/** One corner, twisted by the four turns done so many times. */
export function twist(
  turned: TwistLayer,
  letter: 'R' | 'F',
  times: 2 | 4,
): Omit<Case, 'id' | 'title'> {
  const corner = `${turned.layer}FR`;
  const right = (when: number): Claim => colour(`${corner}.${turned.layer}`, 'opposite', when);
  const notYet = (when: number): Claim => colour(`${corner}.${turned.layer}`, '!opposite', when);
  const stop: Sentence = say(
    `Do the four turns ${times === 2 ? 'two' : 'four'} times. Stop as soon as it shows {opposite} ${turned.facing}.`,
    turnsOf(4, times),
    ...Array.from({ length: times - 1 }, (_, k) => notYet(4 * (k + 1))),
    right(4 * times),
  );
  return {
    seen: { [`${corner}.${letter}`]: 'opposite' },
    pieces: [corner],
    lineUp: bringNext(turned, letter, stop),
    sequence: turned.sequence,
    times,
    look: [
      say(
        `It does not show {opposite} ${turned.facing} yet.`,
        faces('piece', 'opposite', 'FRBL', 'before'),
      ),
    ],
    why: [
      say('Each four turns twist this corner a little.', notYet(4)),
      say(
        'Other layers look broken for a while.',
        count({ kind: 'corner', with: 'first', solved: true }, [0, 3], 4),
      ),
      say(
        'Do not turn the whole cube: once all four corners are twisted, everything fits again.',
        inTheEnd(done()),
      ),
    ],
  };
}

/** Every corner is twisted right: the layer only has to come home. */
export const lineUpLast = ({ layer, name, facing }: TwistLayer): Omit<Case, 'id'> => ({
  title: `All twisted: line up the ${name}`,
  rank: 2,
  seen: { [`${layer}FR.${layer}`]: 'opposite', [`${layer}FR.F`]: 'front' },
  pieces: [`${layer}FR`],
  lineUp: {
    layer,
    turning: [
      say(`Turn the ${name} until its sides match the centres.`, solved('piece', 'lined-up')),
    ],
    already: [say('Its sides match the centres.', solved('piece', 'lined-up'))],
  },
  sequence: '',
  look: [
    say(
      `All four {opposite} corners show {opposite} ${facing}.`,
      count({ kind: 'corner', facing: { colour: 'opposite', sides: layer } }, 4, 'before'),
    ),
  ],
  why: [
    say('This last turn is easy to forget.', unsolved('piece', 'before')),
    say('It solves the cube.', done()),
  ],
});
