import {
  colourAt,
  type Cube,
  isHome,
  type Layers,
  layersOf,
  opposite,
  pieceAt,
  type Side,
  SIDES,
} from '../../puzzle/cube/index.js';
import type { StageRecord } from './records.js';
import { recordOf, type Stage, STAGES } from './stages.js';

/** What must be so for the goal of a stage to hold, for one first colour. */
interface Goal {
  /** Places whose pieces are home, turned as they belong. */
  readonly home: readonly number[];
  /** Places whose pieces are in them, however they are twisted. */
  readonly placed: readonly number[];
  /** Stickers, and the colour each shows. */
  readonly facing: readonly { readonly sticker: number; readonly colour: Side }[];
  readonly hiddenBy: Stage | undefined;
}

function goalOf({ home, placed, facing, hiddenBy }: StageRecord, first: Side): Goal {
  const layers: Readonly<Layers> = layersOf(first);
  return {
    home: home.flatMap((pieces) => layers[pieces]),
    placed: placed.flatMap((pieces) => layers[pieces]),
    facing: facing.flatMap(({ on, show }) => {
      const colour = show === 'first' ? first : opposite(first);
      return layers[on].map((sticker) => ({ sticker, colour }));
    }),
    hiddenBy: hiddenBy as Stage | undefined,
  };
}

/** By stage, then by first colour: asked before every look, so that it is put together once. */
const GOALS: ReadonlyMap<Stage, readonly Goal[]> = new Map(
  STAGES.map((stage) => [stage, SIDES.map((first) => goalOf(recordOf(stage), first))]),
);

function meets(cube: Cube, { home, placed, facing }: Goal): boolean {
  for (const place of home) if (!isHome(cube, place)) return false;
  for (const place of placed) if (pieceAt(cube, place) !== place) return false;
  for (const { sticker, colour } of facing) if (colourAt(cube, sticker) !== colour) return false;
  return true;
}

/** Whether the goal of `stage` holds, with every goal that must survive it. */
export function goalHolds(cube: Cube, stage: Stage, first: Side): boolean {
  const goal = GOALS.get(stage)![first]!;
  if (meets(cube, goal)) return true;
  return goal.hiddenBy !== undefined && goalHolds(cube, goal.hiddenBy, first);
}

/** The stages whose goals hold. */
export const stagesReached = (cube: Cube, first: Side): Stage[] =>
  STAGES.filter((stage) => goalHolds(cube, stage, first));
