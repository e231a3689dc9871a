import { opposite, PLACES, type Side } from '../../puzzle/cube/index.js';
import type { Choice } from '../../engine/run/index.js';

/**
 * The pieces, by their home places, that a step tells to find without naming one: "Find the four yellow edges." Those
 * it names are told of the step itself.
 */
export function soughtPieces({ lines }: Choice, first: Side): number[] {
  const counted = lines.spoken.find.flatMap(({ so }) =>
    so.flatMap((claim) => (claim.is === 'count' && claim.when === 'found' ? [claim.of] : [])),
  );
  return counted.flatMap(({ kind, with: role }) => {
    if (role !== 'first' && role !== 'opposite') return [];
    const side = role === 'first' ? first : opposite(first);
    const corners = kind === 'corner';
    return PLACES.filter(
      ({ sides }) => (sides.length === 3) === corners && sides.includes(side),
    ).map(({ index }) => index);
  });
}
