import type { Seed } from '@sleetcrest/core';

/** A seed by which any cube there is can come up. */
export function anySeed(): Seed {
  const [a, b, c, d] = crypto.getRandomValues(new Uint32Array(4));
  return [a!, b!, c!, d!];
}

/** A seed that is one number: for what is made anew each time, but need not come to every cube. */
export const smallSeed = (): number => crypto.getRandomValues(new Uint32Array(1))[0]!;
