import {
  colourAt,
  type Cube,
  isHome,
  layersOf,
  opposite,
  pieceAt,
  type Side,
} from '../../puzzle/cube/index.js';
import { type Stage, STAGES } from './stages.js';

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
    allShow(cube, layersOf(first).lastEdgeStickers, first) || GOALS.cross(cube, first),
  cross: (cube, first) => allHome(cube, layersOf(first).firstEdges),
  corners: (cube, first) => GOALS.cross(cube, first) && allHome(cube, layersOf(first).firstCorners),
  middle: (cube, first) => GOALS.corners(cube, first) && allHome(cube, layersOf(first).middleEdges),
  'yellow-cross': (cube, first) =>
    GOALS.middle(cube, first) && allShow(cube, layersOf(first).lastEdgeStickers, opposite(first)),
  'yellow-edges': (cube, first) =>
    GOALS.middle(cube, first) && allHome(cube, layersOf(first).lastEdges),
  'corner-places': (cube, first) =>
    GOALS['yellow-edges'](cube, first) &&
    layersOf(first).lastCorners.every((place) => pieceAt(cube, place) === place),
  'corner-twists': (cube, first) =>
    GOALS['yellow-edges'](cube, first) && allHome(cube, layersOf(first).lastCorners),
  'yellow-face': (cube, first) =>
    GOALS['yellow-cross'](cube, first) &&
    allShow(cube, layersOf(first).lastCornerStickers, opposite(first)),
  'corner-swap': (cube, first) =>
    GOALS['yellow-cross'](cube, first) && allHome(cube, layersOf(first).lastCorners),
  'edge-cycle': (cube, first) => GOALS['corner-twists'](cube, first),
};

/** Whether the goal of `stage` holds, with every goal that must survive it. */
export const goalHolds = (cube: Cube, stage: Stage, first: Side): boolean =>
  GOALS[stage](cube, first);

/** The stages whose goals hold. */
export const stagesReached = (cube: Cube, first: Side): Stage[] =>
  STAGES.filter((stage) => GOALS[stage](cube, first));
