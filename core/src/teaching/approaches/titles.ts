import type { ColourScheme, Side } from '../../puzzle/cube/index.js';

/** What titles call the colour that is solved first: every cube may have another. */
const FIRST = /first colour/gi;

/** A case's title on the cube in hand: the colour solved first by its name. */
export function titleInColours(title: string, first: Side, scheme: ColourScheme): string {
  const colour = scheme[first]!;
  return title.replace(FIRST, (named) =>
    named.startsWith('F') ? `${colour[0]!.toUpperCase()}${colour.slice(1)}` : colour,
  );
}
