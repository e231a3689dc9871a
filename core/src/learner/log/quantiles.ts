/**
 * The value below which a share of the sorted values lies, between two neighbours in proportion
 * (Hyndman and Fan's type 7, which is PostgreSQL's `percentile_cont`).
 * @throws RangeError when there is no value.
 */
export function quantile(sorted: readonly number[], share: number): number {
  if (sorted.length === 0) throw new RangeError('there is no quantile of nothing');
  const at = share * (sorted.length - 1);
  const low = Math.floor(at);
  const high = Math.ceil(at);
  const [below, above] = [sorted[low]!, sorted[high]!];
  return low === high ? below : below + (at - low) * (above - below);
}

/** Median and middle half of some values, in any order; null when there are none. */
export interface Middle {
  lower: number;
  median: number;
  upper: number;
}

export function middleOf(values: readonly number[]): Middle | null {
  if (values.length === 0) return null;
  const sorted = [...values].sort((a, b) => a - b);
  return {
    lower: quantile(sorted, 0.25),
    median: quantile(sorted, 0.5),
    upper: quantile(sorted, 0.75),
  };
}

/** Seconds with hundredths from a count of hundredths, which a median may have halves of. */
export const secondsOf = (hundredths: number): number => Math.round(hundredths) / 100;
