import type { Standing } from '@sleetcrest/core/learner/standing';

/** Pixels of one rise. */
export const RISE = { width: 16, height: 20 } as const;

/**
 * How somebody stands with something, as a rise of the ridge: flat ground, a low rise, a slope half
 * walked, a peak, and a peak whose side has come down. Told apart by shape, in one colour too.
 */
const LINES: Record<Standing, readonly (readonly [x: number, y: number])[]> = {
  new: [
    [1, 18.5],
    [15, 18.5],
  ],
  begun: [
    [1, 19],
    [5, 15],
    [8, 16.5],
    [11, 14.5],
    [15, 19],
  ],
  known: [
    [1, 19],
    [6, 8.5],
    [9, 12],
    [11, 10.5],
    [15, 19],
  ],
  sure: [
    [1, 19],
    [6, 5],
    [8, 2],
    [10.5, 7],
    [15, 19],
  ],
  slipping: [
    [1, 19],
    [5.5, 6],
    [7.5, 2],
    [8.5, 11],
    [11, 10],
    [12, 15.5],
    [15, 19],
  ],
};

/** The outline of a rise whose left edge is at `left`, as path data. */
export const risePath = (standing: Standing, left = 0): string => {
  const points = LINES[standing].map(([x, y]) => `${x + left} ${y}`);
  return `M${points.join('L')}${standing === 'new' ? '' : 'z'}`;
};
