import { PLACES } from '../../puzzle/cube/index.js';
import type { Choice, Variant } from '../../engine/run/index.js';

/**
 * The stickers (numbered on the cube, before lining up) that decide a step's case: those its
 * pattern asks about, or all of its pieces where it asks about none or the turns are searched for.
 */
export function decidingStickers(choice: Choice): number[] {
  const cells = 'cells' in choice ? (choice as Variant).cells : new Uint8Array();
  const asked = Array.from(cells).filter((_, k) => k % 2 === 0);
  if (asked.length > 0) return asked;
  return choice.places.flatMap((place) => [...PLACES[place]!.stickers]);
}
