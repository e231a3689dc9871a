import {
  type ColourScheme,
  type Cube,
  findProblems,
  type Painted,
  paintedFromCube,
  type Problem,
  UNSEEN,
} from '../../puzzle/cube/index.js';
import { likeliestCube } from '../pictures/index.js';

/** What came of a picture that somebody painted; stickers left out may be anything. */
export type PaintedPicture =
  | { readonly possible: true; readonly cube: Cube }
  | {
      readonly possible: false;
      /** Why: what cannot be on a cube that turns lead to. */
      readonly problems: readonly Problem[];
      /** The picture on a cube that differs least from it, and in how many stickers. */
      readonly nearest: Cube;
      readonly changed: readonly number[];
    };

/**
 * Looks whether turns lead to a picture. If not, all cubes that turns lead to are weighed: the
 * nearest is the one with the fewest other stickers.
 */
export function paintedPicture(painted: Painted, scheme: ColourScheme): PaintedPicture {
  const costs = new Float64Array(54 * 6);
  painted.forEach((colour, sticker) => {
    if (colour === UNSEEN) return;
    for (let other = 0; other < 6; other++) {
      if (other !== colour) costs[sticker * 6 + other] = 1;
    }
  });
  const { cube: nearest, cost } = likeliestCube(costs);
  if (cost === 0) return { possible: true, cube: nearest };
  const whole = !painted.includes(UNSEEN);
  const problems = whole ? findProblems(painted, scheme) : [];
  const shown = paintedFromCube(nearest);
  const changed = [...painted.keys()].filter(
    (sticker) => painted[sticker] !== UNSEEN && painted[sticker] !== shown[sticker],
  );
  return { possible: false, problems, nearest, changed };
}
