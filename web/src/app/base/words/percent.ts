/** A share of all cubes as a child is told it: in so many of ten cubes or fewer. */
export function ofCubes(share: number): string {
  if (share >= 0.995) return 'every cube';
  if (share < 0.005) return 'hardly any cube';
  let [some, all] = [0, 1];
  for (let of = 2; of <= 10; of++) {
    const count = Math.round(share * of);
    if (count > 0 && count < of && Math.abs(share - count / of) < Math.abs(share - some / all)) {
      [some, all] = [count, of];
    }
  }
  if (some === 0) return `1 of ${Math.round(1 / share)} cubes`;
  return `${some} of ${all} cubes`;
}

/** A share of one as people say it: more digits for what is rare. */
export function percent(share: number): string {
  if (share === 0) return 'never';
  const value = share * 100;
  if (value >= 99.95) return share === 1 ? 'always' : 'over 99.9 %';
  if (value < 0.05) return 'under 0.1 %';
  return `${value.toFixed(1)} %`;
}
