import {
  randomCube,
  randomFrom,
  solvedCube,
  writeMoves,
  type Method,
  type Stage,
} from '@sleetcrest/core';
import { stageStart } from '@sleetcrest/core/methods';
import { wayBetween } from '@sleetcrest/core/search';
import { wayTables } from '../shared/way-tables';

/** What is to be scrambled for. */
export interface ScrambleFor {
  seed: number;
  method: Method;
  /** The stage practised alone; null for a whole solve. */
  stage: Stage | null;
  first: number;
}

/** Turns from solved, and the cube they lead to. */
export interface Scrambled {
  turns: string;
  cube: Uint8Array;
}

export const scrambleDeeds = {
  /** Turns to a random cube, or to one on which all before a stage is done. */
  async scramble({ seed, method, stage, first }: ScrambleFor): Promise<Scrambled> {
    const random = randomFrom(seed);
    const cube = stage === null ? randomCube(random) : stageStart(method, stage, first, random);
    return { turns: writeMoves(wayBetween(await wayTables(), solvedCube(), cube)), cube };
  },
};
