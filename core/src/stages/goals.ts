import { colourAt, isHome, pieceAt, type Cube } from '../cube/cube.js';
import { CORNERS, EDGES, type Place } from '../cube/pieces.js';
import { opposite, SIDES, type Side } from '../cube/sides.js';
import { STAGES, type Stage } from './stages.js';

/** The places and stickers that the goals ask about, for one first colour. */
interface Layers {
  firstEdges: number[];
  firstCorners: number[];
  middleEdges: number[];
  lastEdges: number[];
  lastCorners: number[];
  /** The stickers that face out on the side opposite the first colour. */
  lastEdgeStickers: number[];
  lastCornerStickers: number[];
}

const onSide = (places: readonly Place[], side: Side): Place[] =>
  places.filter((place) => place.sides.includes(side));
const indices = (places: Place[]): number[] => places.map((place) => place.index);
const facing = (places: Place[], side: Side): number[] =>
  places.map((place) => place.stickers[place.sides.indexOf(side)]!);

const LAYERS: readonly Layers[] = SIDES.map((first) => {
  const last = opposite(first);
  return {
    firstEdges: indices(onSide(EDGES, first)),
    firstCorners: indices(onSide(CORNERS, first)),
    middleEdges: indices(
      EDGES.filter(({ sides }) => !sides.includes(first) && !sides.includes(last)),
    ),
    lastEdges: indices(onSide(EDGES, last)),
    lastCorners: indices(onSide(CORNERS, last)),
    lastEdgeStickers: facing(onSide(EDGES, last), last),
    lastCornerStickers: facing(onSide(CORNERS, last), last),
  };
});

function allHome(cube: Cube, places: number[]): boolean {
  for (const place of places) if (!isHome(cube, place)) return false;
  return true;
}

function allShow(cube: Cube, stickers: number[], colour: Side): boolean {
  for (const sticker of stickers) if (colourAt(cube, sticker) !== colour) return false;
  return true;
}

type Goal = (cube: Cube, first: Side) => boolean;

/** Whether each stage's goal holds with all that must stand under it. */
const GOALS: Record<Stage, Goal> = {
  // A finished cross has been a daisy: the stage asks for nothing more.
  daisy: (cube, first) =>
    allShow(cube, LAYERS[first]!.lastEdgeStickers, first) || GOALS.cross(cube, first),
  cross: (cube, first) => allHome(cube, LAYERS[first]!.firstEdges),
  corners: (cube, first) => GOALS.cross(cube, first) && allHome(cube, LAYERS[first]!.firstCorners),
  middle: (cube, first) => GOALS.corners(cube, first) && allHome(cube, LAYERS[first]!.middleEdges),
  'yellow-cross': (cube, first) =>
    GOALS.middle(cube, first) && allShow(cube, LAYERS[first]!.lastEdgeStickers, opposite(first)),
  'yellow-edges': (cube, first) =>
    GOALS.middle(cube, first) && allHome(cube, LAYERS[first]!.lastEdges),
  'corner-places': (cube, first) =>
    GOALS['yellow-edges'](cube, first) &&
    LAYERS[first]!.lastCorners.every((place) => pieceAt(cube, place) === place),
  'corner-twists': (cube, first) =>
    GOALS['yellow-edges'](cube, first) && allHome(cube, LAYERS[first]!.lastCorners),
  'yellow-face': (cube, first) =>
    GOALS['yellow-cross'](cube, first) &&
    allShow(cube, LAYERS[first]!.lastCornerStickers, opposite(first)),
  'corner-swap': (cube, first) =>
    GOALS['yellow-cross'](cube, first) && allHome(cube, LAYERS[first]!.lastCorners),
  'edge-cycle': (cube, first) => GOALS['corner-twists'](cube, first),
};

/** Whether the goal of `stage` holds, with every goal that must survive it. */
export const goalHolds = (cube: Cube, stage: Stage, first: Side): boolean =>
  GOALS[stage](cube, first);

/** The stages whose goals hold. */
export const stagesReached = (cube: Cube, first: Side): Stage[] =>
  STAGES.filter((stage) => GOALS[stage](cube, first));

/** The edges and corners (numbered by home place) of the layers, for one first colour. */
export const layersOf = (first: Side): Readonly<Layers> => LAYERS[first]!;
