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
import { recordOf, type Stage } from '../../teaching/stages/index.js';

/** The stickers that every cube shows on which the goal of a stage holds; the others are −1. */
export function stickersOnceDone(stage: Stage, first: Side): Painted {
  const painted = unseenCube();
  const solved = solvedCube();
  const layers = layersOf(first);
  const { home, facing } = recordOf(stage);
  for (const { on, show } of facing) {
    for (const sticker of layers[on]) painted[sticker] = show === 'first' ? first : opposite(first);
  }
  for (const place of home.flatMap((pieces) => layers[pieces])) {
    for (const sticker of PLACES[place]!.stickers) painted[sticker] = colourAt(solved, sticker);
  }
  return painted;
}
