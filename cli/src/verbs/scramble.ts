import { randomFrom, writeMoves } from '@sleetcrest/core';
import { makeWayTables, scramble } from '@sleetcrest/core/puzzle/search';
import type { Io } from '../io.js';
import { Mistake } from '../mistake.js';
import { SAY } from './words.js';

const MOST = 10_000;
const MOST_SEED = 2 ** 32 - 1;

function whole(name: string, text: string | undefined, least: number, most: number): number {
  const number = text !== undefined && /^\d+$/.test(text) ? Number(text) : NaN;
  if (number >= least && number <= most) return number;
  throw new Mistake(SAY.badNumber({ name, least: String(least), most: String(most) }));
}

/** `scramble`: turns from solved to uniformly random cubes; the same seed gives the same ones. */
export function scrambleVerb(
  io: Io,
  options: { seed?: string | undefined; count?: string | undefined },
): number {
  const seed = whole('seed', options.seed, 0, MOST_SEED);
  const count = whole('count', options.count ?? '1', 1, MOST);
  const random = randomFrom(seed);
  const tables = makeWayTables();
  const scrambles = Array.from({ length: count }, () => {
    const turns = scramble(tables, random);
    return { turns: writeMoves(turns), turnCount: turns.length };
  });
  io.out(JSON.stringify({ seed, scrambles }, null, 2));
  return 0;
}
