import type { Layers } from '../../puzzle/cube/index.js';

/** The pieces of one layer, by the name under which `layersOf` numbers them. */
type LayerPieces = keyof Pick<
  Layers,
  'firstEdges' | 'firstCorners' | 'middleEdges' | 'lastEdges' | 'lastCorners'
>;

/** Which part of the cube a stage works on; parts do not depend on each other's turns. */
export type StagePart = 'cross' | 'corners' | 'middle' | 'last-layer';

/** How the starts of a stage are gone through: which pieces stand in every way they can. */
export type StartsOf = 'firstEdges' | 'firstCorners' | 'middleEdges' | 'lastLayer';

/** All there is to know of a stage: what else is said of stages is derived from it. */
export interface StageRecord {
  readonly id: string;
  /** What it is called. {first} is the colour of the first layer, {opposite} the one across. */
  readonly title: string;
  /** Where there is little room. */
  readonly short: string;
  /** What a coach checks before going on. */
  readonly goal: string;
  readonly part: StagePart;
  readonly starts: StartsOf;
  /** Whose pieces are home once it is done, turned as they belong. */
  readonly home: readonly LayerPieces[];
  /** Whose pieces are in their places once it is done, however they are twisted. */
  readonly placed: readonly LayerPieces[];
  /** On the side opposite the first colour: which stickers show which colour once it is done. */
  readonly facing: readonly {
    readonly on: 'lastEdgeStickers' | 'lastCornerStickers';
    readonly show: 'first' | 'opposite';
  }[];
  /** A later stage that leaves nothing of this one to be seen: once it is done, so was this one. */
  readonly hiddenBy?: string;
}

const FIRST_LAYER = ['firstEdges', 'firstCorners'] as const;
const TWO_LAYERS = [...FIRST_LAYER, 'middleEdges'] as const;
const EDGES_UP = { on: 'lastEdgeStickers', show: 'opposite' } as const;
const CORNERS_UP = { on: 'lastCornerStickers', show: 'opposite' } as const;

/** Every stage, in the order in which they are met. */
export const RECORDS = [
  {
    id: 'daisy',
    title: 'Daisy',
    short: 'Daisy',
    goal: 'Four {first} edges stand round the {opposite} centre, {first} facing up.',
    part: 'cross',
    starts: 'firstEdges',
    home: [],
    placed: [],
    facing: [{ on: 'lastEdgeStickers', show: 'first' }],
    hiddenBy: 'cross',
  },
  {
    id: 'cross',
    title: '{first} cross',
    short: 'Cross',
    goal: 'The {first} cross is there, and each of its edges matches the centre beside it.',
    part: 'cross',
    starts: 'firstEdges',
    home: ['firstEdges'],
    placed: [],
    facing: [],
  },
  {
    id: 'corners',
    title: '{first} corners',
    short: 'Corners',
    goal: 'The {first} layer is done: on each side its three stickers match the centre.',
    part: 'corners',
    starts: 'firstCorners',
    home: FIRST_LAYER,
    placed: [],
    facing: [],
  },
  {
    id: 'middle',
    title: 'Middle edges',
    short: 'Middle',
    goal: 'Two layers are done all the way round.',
    part: 'middle',
    starts: 'middleEdges',
    home: TWO_LAYERS,
    placed: [],
    facing: [],
  },
  {
    id: 'yellow-cross',
    title: '{opposite} cross',
    short: '{opposite} cross',
    goal: 'All four {opposite} edges face up; the corners may look any way.',
    part: 'last-layer',
    starts: 'lastLayer',
    home: TWO_LAYERS,
    placed: [],
    facing: [EDGES_UP],
  },
  {
    id: 'yellow-edges',
    title: '{opposite} edges',
    short: 'Last edges',
    goal: 'Each {opposite} edge matches the centre of its side.',
    part: 'last-layer',
    starts: 'lastLayer',
    home: [...TWO_LAYERS, 'lastEdges'],
    placed: [],
    facing: [],
  },
  {
    id: 'corner-places',
    title: 'Corner places',
    short: 'Places',
    goal: 'Each corner has the three colours of the sides round it, however it is twisted.',
    part: 'last-layer',
    starts: 'lastLayer',
    home: [...TWO_LAYERS, 'lastEdges'],
    placed: ['lastCorners'],
    facing: [],
  },
  {
    id: 'corner-twists',
    title: 'Corner twists',
    short: 'Twists',
    goal: 'The cube is solved.',
    part: 'last-layer',
    starts: 'lastLayer',
    home: [...TWO_LAYERS, 'lastEdges', 'lastCorners'],
    placed: [],
    facing: [],
  },
  {
    id: 'yellow-face',
    title: '{opposite} face',
    short: '{opposite} face',
    goal: 'The whole {opposite} side shows {opposite}.',
    part: 'last-layer',
    starts: 'lastLayer',
    home: TWO_LAYERS,
    placed: [],
    facing: [EDGES_UP, CORNERS_UP],
  },
  {
    id: 'corner-swap',
    title: 'Corner swap',
    short: 'Swap',
    goal: 'Every corner is solved: each side shows two corners of its own colour on top.',
    part: 'last-layer',
    starts: 'lastLayer',
    home: [...TWO_LAYERS, 'lastCorners'],
    placed: [],
    facing: [EDGES_UP],
  },
  {
    id: 'edge-cycle',
    title: 'Last edges',
    short: 'Edges',
    goal: 'The cube is solved.',
    part: 'last-layer',
    starts: 'lastLayer',
    home: [...TWO_LAYERS, 'lastEdges', 'lastCorners'],
    placed: [],
    facing: [],
  },
] as const satisfies readonly StageRecord[];
