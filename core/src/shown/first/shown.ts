import { copyCube, type Cube, type Hold } from '../../puzzle/cube/index.js';
import { applyMoves, type Move } from '../../puzzle/notation/index.js';
import type { Ask, FirstPage } from './page.js';

/** What an ask has done to the cube once it is over, answered or left out. */
export function doneBy(ask: Ask): readonly Move[] {
  if (ask.kind === 'do') return [ask.turn];
  if (ask.kind === 'touch') return [];
  return [...(ask.shows === undefined ? [] : [ask.shows]), ...(ask.then ?? [])];
}

/**
 * The cube at an ask and how it is held: as the asks before it leave it, so that what is said then
 * is so for somebody who left one out too. An ask with a cube of its own begins with that.
 *
 * @param at which ask of the page, from 0
 * @param since what was done since the ask began
 */
export function shownAt(
  page: FirstPage,
  at: number,
  since: readonly Move[],
): { cube: Cube; hold: Hold } {
  let cube = copyCube(page.cube);
  let hold = page.hold;
  for (const ask of page.asks.slice(0, at + 1)) {
    if (ask.kind === 'choose' && ask.cube) {
      cube = copyCube(ask.cube);
      hold = page.hold;
    }
    hold = applyMoves(cube, hold, ask === page.asks[at] ? since : doneBy(ask));
  }
  return { cube, hold };
}
