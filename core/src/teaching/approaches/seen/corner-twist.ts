import type { Case, LiningUp } from '../approach.js';
import {
  at,
  besides,
  type Claim,
  colour,
  count,
  done,
  facesNot,
  inTheEnd,
  sameHold,
  say,
  type Sentence,
  solved,
  stretch,
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
    `Do the four turns ${times === 2 ? 'two' : 'four'} times: then it shows {opposite} ${turned.facing}.`,
    turnsOf(4, times),
    besides(...Array.from({ length: times - 1 }, (_, k) => notYet(4 * (k + 1)))),
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
        facesNot('piece', 'opposite', turned.layer, 'before'),
      ),
    ],
    why: [
      say(
        `After the first four turns it does not show {opposite} ${turned.facing} yet.`,
        stretch('first', 1, 4),
        notYet(4),
      ),
      say(
        'Then not all four {first} corners are solved: go on.',
        count({ kind: 'corner', with: 'first', solved: true }, [0, 3], 4),
      ),
      say('Go on holding it as now: in the end the cube is solved.', sameHold(), inTheEnd(done())),
    ],
  };
}

/** Every corner is twisted right: the layer only has to come home. */
export const lineUpLast = ({ layer, name, facing }: TwistLayer): Omit<Case, 'id'> => ({
  title: `All four corners right: line up the ${name}`,
  rank: 2,
  seen: { [`${layer}FR.${layer}`]: 'opposite', [`${layer}FR.F`]: 'front' },
  pieces: [`${layer}FR`],
  lineUp: {
    layer,
    turning: [
      say(`Turn the ${name} until this corner matches the centres.`, solved('piece', 'lined-up')),
    ],
    already: [say('This corner matches the centres.', solved('piece', 'lined-up'))],
  },
  sequence: '',
  look: [
    say(
      `All four {opposite} corners show {opposite} ${facing}.`,
      count({ kind: 'corner', facing: { colour: 'opposite', sides: layer } }, 4, 'before'),
    ),
  ],
  why: [
    say('Before this turn the corner is not solved.', unsolved('piece', 'before')),
    say('It solves the cube.', done()),
  ],
});
