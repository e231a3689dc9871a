import type { Seed } from '@sleetcrest/core';

/** A seed by which any cube there is can come up. */
export function anySeed(): Seed {
  const [a, b, c, d] = crypto.getRandomValues(new Uint32Array(4));
  return [a!, b!, c!, d!];
}
