import {
  colourAt,
  layersOf,
  opposite,
  type Painted,
  PLACES,
  type Side,
  solvedCube,
  unseenCube,
} from '../../puzzle/cube/index.js';
import type { Stage } from '../../teaching/stages/index.js';

/** The stickers that every cube shows on which the goal of a stage holds; the others are −1. */
export function stickersOnceDone(stage: Stage, first: Side): Painted {
  const painted = unseenCube();
  const solved = solvedCube();
  const layers = layersOf(first);
  const last = opposite(first);
  const home = (places: readonly number[]): void => {
    for (const place of places) {
      for (const sticker of PLACES[place]!.stickers) painted[sticker] = colourAt(solved, sticker);
    }
  };
  const show = (stickers: readonly number[], colour: Side): void => {
    for (const sticker of stickers) painted[sticker] = colour;
  };
  const after = (stages: readonly Stage[]): boolean => stages.includes(stage);

  if (stage === 'daisy') {
    show(layers.lastEdgeStickers, first);
    return painted;
  }
  home(layers.firstEdges);
  if (stage === 'cross') return painted;
  home(layers.firstCorners);
  if (stage === 'corners') return painted;
  home(layers.middleEdges);
  if (stage === 'middle') return painted;
  show(layers.lastEdgeStickers, last);
  if (after(['yellow-edges', 'corner-places', 'corner-twists', 'edge-cycle']))
    home(layers.lastEdges);
  if (after(['yellow-face', 'corner-swap'])) show(layers.lastCornerStickers, last);
  if (after(['corner-twists', 'corner-swap', 'edge-cycle'])) home(layers.lastCorners);
  return painted;
}
