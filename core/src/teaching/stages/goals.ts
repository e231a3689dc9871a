import {
  colourAt,
  type Cube,
  isHome,
  type Layers,
  layersOf,
  opposite,
  pieceAt,
  type Side,
} from '../../puzzle/cube/index.js';
import type { StageRecord } from './records.js';
import { recordOf, type Stage, STAGES } from './stages.js';

function allHome(cube: Cube, places: readonly number[]): boolean {
  for (const place of places) if (!isHome(cube, place)) return false;
  return true;
}

function allPlaced(cube: Cube, places: readonly number[]): boolean {
  for (const place of places) if (pieceAt(cube, place) !== place) return false;
  return true;
}

function allShow(cube: Cube, stickers: readonly number[], colour: Side): boolean {
  for (const sticker of stickers) if (colourAt(cube, sticker) !== colour) return false;
  return true;
}

function meets(cube: Cube, record: StageRecord, layers: Readonly<Layers>, first: Side): boolean {
  for (const pieces of record.home) if (!allHome(cube, layers[pieces])) return false;
  for (const pieces of record.placed) if (!allPlaced(cube, layers[pieces])) return false;
  for (const { on, show } of record.facing) {
    if (!allShow(cube, layers[on], show === 'first' ? first : opposite(first))) return false;
  }
  return true;
}

/** Whether the goal of `stage` holds, with every goal that must survive it. */
export function goalHolds(cube: Cube, stage: Stage, first: Side): boolean {
  const record = recordOf(stage);
  if (meets(cube, record, layersOf(first), first)) return true;
  return record.hiddenBy !== undefined && goalHolds(cube, record.hiddenBy as Stage, first);
}

/** The stages whose goals hold. */
export const stagesReached = (cube: Cube, first: Side): Stage[] =>
  STAGES.filter((stage) => goalHolds(cube, stage, first));
