/**
 * The ridge's drawing: a skyline in a box 1000 wide and 100 high, one rise per stage, each as wide
 * as its share. Deterministic, so that a solve always looks the same.
 */
export interface Rise {
  /** Left and right ends, 0…1000. */
  from: number;
  to: number;
  /** The skyline from its left end to its right, as points of the box. */
  points: readonly (readonly [number, number])[];
  /** The rise as a closed path down to the ground. */
  path: string;
  /** The skyline alone. */
  edge: string;
}

/** How far down the ground is in the box. */
export const GROUND = 100;
const VALLEY = 78;
// How high the peaks are and where between its ends each stands: enough to look unlike a chart.
const PEAKS = [34, 20, 42, 14, 30, 24, 38, 12, 28, 22, 36];
const LEANS = [0.44, 0.58, 0.36, 0.52, 0.62, 0.4, 0.55, 0.48, 0.6, 0.38, 0.5];

/** Rises whose widths are in proportion to `shares`, though none narrower than `least`. */
export function skyline(shares: readonly number[], least = 72): Rise[] {
  const total = shares.reduce((sum, share) => sum + share, 0) || 1;
  const free = 1000 - least * shares.length;
  let from = 0;
  return shares.map((share, k) => {
    const to = k === shares.length - 1 ? 1000 : from + least + (free * share) / total;
    const rise = riseBetween(from, to, k, shares.length);
    from = to;
    return rise;
  });
}

function riseBetween(from: number, to: number, k: number, count: number): Rise {
  const width = to - from;
  const peak = PEAKS[k % PEAKS.length]!;
  const lean = LEANS[k % LEANS.length]!;
  const left = k === 0 ? VALLEY + 10 : VALLEY - (k % 3) * 5;
  const right = k === count - 1 ? VALLEY + 8 : VALLEY - ((k + 1) % 3) * 5;
  const shares: [number, number][] = [
    [0, left],
    [lean * 0.42, peak + (left - peak) * 0.5],
    [lean * 0.6, peak + (left - peak) * 0.42],
    [lean, peak],
    [lean + (1 - lean) * 0.3, peak + (right - peak) * 0.42],
    [lean + (1 - lean) * 0.48, peak + (right - peak) * 0.46],
    [1, right],
  ];
  const points = shares.map(([x, y]) => [from + x * width, y] as const);
  const edge = points
    .map(([x, y], at) => `${at === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`)
    .join('');
  return {
    from,
    to,
    points,
    edge,
    path: `${edge}L${to.toFixed(1)} ${GROUND}L${from.toFixed(1)} ${GROUND}Z`,
  };
}
