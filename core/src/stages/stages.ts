import type { ColourScheme } from '../cube/colours.js';
import { opposite, type Side } from '../cube/sides.js';

/** The stages of a solve, in the order they are met. */
export const STAGES = [
  'daisy',
  'cross',
  'corners',
  'middle',
  'yellow-cross',
  'yellow-edges',
  'corner-places',
  'corner-twists',
  'yellow-face',
  'corner-swap',
  'edge-cycle',
] as const;
export type Stage = (typeof STAGES)[number];

interface StageWords {
  title: string;
  /** What a coach checks before going on. */
  goal: string;
}

// {first} is the colour of the first layer, {opposite} the colour across from it.
const WORDS: Record<Stage, StageWords> = {
  daisy: {
    title: 'Daisy',
    goal: 'Four {first} edges stand round the {opposite} centre, {first} facing out.',
  },
  cross: {
    title: '{first} cross',
    goal: 'The {first} cross is there, and each of its edges matches the centre beside it.',
  },
  corners: {
    title: '{first} corners',
    goal: 'The {first} layer is done, and each side shows an upside-down T of its own colour.',
  },
  middle: { title: 'Middle edges', goal: 'Two layers are done all the way round.' },
  'yellow-cross': {
    title: '{opposite} cross',
    goal: 'All four {opposite} edges face up; the corners may look any way.',
  },
  'yellow-edges': {
    title: '{opposite} edges',
    goal: 'Each {opposite} edge matches the centre of its side.',
  },
  'corner-places': {
    title: 'Corner places',
    goal: 'Each corner has the three colours of the sides round it, however it is twisted.',
  },
  'corner-twists': { title: 'Corner twists', goal: 'The cube is solved.' },
  'yellow-face': { title: '{opposite} face', goal: 'The whole {opposite} side shows {opposite}.' },
  'corner-swap': {
    title: 'Corner swap',
    goal: 'Every corner is home: each side shows two corners of its own colour on top.',
  },
  'edge-cycle': { title: 'Last edges', goal: 'The cube is solved.' },
};

/** A stage's title and goal with the colours of this cube. */
export function stageWords(stage: Stage, first: Side, scheme: ColourScheme): StageWords {
  const fill = (text: string): string =>
    text
      .replaceAll('{first}', scheme[first]!)
      .replaceAll('{opposite}', scheme[opposite(first)]!)
      .replace(/^./, (letter) => letter.toUpperCase());
  const { title, goal } = WORDS[stage];
  return { title: fill(title), goal: fill(goal) };
}
