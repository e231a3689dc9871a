import { type ColourScheme, opposite, type Side } from '../../puzzle/cube/index.js';

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

/** Which part of the cube a stage works on; parts do not depend on each other's turns. */
export type StagePart = 'cross' | 'corners' | 'middle' | 'last-layer';

interface StageFacts {
  part: StagePart;
  /** Whether its goal is the solved cube. */
  solves: boolean;
}

const last = (solves = false): StageFacts => ({ part: 'last-layer', solves });
const FACTS: Record<Stage, StageFacts> = {
  daisy: { part: 'cross', solves: false },
  cross: { part: 'cross', solves: false },
  corners: { part: 'corners', solves: false },
  middle: { part: 'middle', solves: false },
  'yellow-cross': last(),
  'yellow-edges': last(),
  'corner-places': last(),
  'corner-twists': last(true),
  'yellow-face': last(),
  'corner-swap': last(),
  'edge-cycle': last(true),
};

/** Whether a stage comes at or after another in the order of a solve. */
export const isFrom = (stage: Stage | null, from: Stage): boolean =>
  stage !== null && STAGES.indexOf(stage) >= STAGES.indexOf(from);

export const partOf = (stage: Stage): StagePart => FACTS[stage].part;

/** Whether a stage is of the last layer: what is done there may stand turned to the rest. */
export const isOfLastLayer = (stage: Stage): boolean => partOf(stage) === 'last-layer';

/** Whether the cube is solved once the goal of a stage holds. */
export const solvesCube = (stage: Stage): boolean => FACTS[stage].solves;

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
    goal: 'The {first} layer is done: on each side its three stickers match the centre.',
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
    goal: 'Every corner is solved: each side shows two corners of its own colour on top.',
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
