import { SAY } from './words';

/** A share of all cubes as a child is told it: in so many of ten cubes or fewer. */
export function ofCubes(share: number): string {
  if (share >= 0.995) return SAY.everyCube;
  if (share < 0.005) return SAY.hardlyAnyCube;
  let [some, all] = [0, 1];
  for (let of = 2; of <= 10; of++) {
    const count = Math.round(share * of);
    if (count > 0 && count < of && Math.abs(share - count / of) < Math.abs(share - some / all)) {
      [some, all] = [count, of];
    }
  }
  if (some === 0) return SAY.someOfCubes({ some: 1, all: Math.round(1 / share) });
  return SAY.someOfCubes({ some, all });
}

/** A share of one as people say it: more digits for what is rare. */
export function percent(share: number): string {
  if (share === 0) return SAY.never;
  const value = share * 100;
  if (value >= 99.95) return share === 1 ? SAY.always : SAY.overAlmostAll;
  if (value < 0.05) return SAY.underNone;
  return SAY.percent({ percent: value.toFixed(1) });
}
