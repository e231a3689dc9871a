import {
  type Seed,
  type Method,
  randomCube,
  randomFrom,
  type Side,
  solvedCube,
  type Stage,
  writeMoves,
} from '@sleetcrest/core';
import { stageStart } from '@sleetcrest/core/engine/prove';
import { wayBetween } from '@sleetcrest/core/puzzle/search';
import { wayTables } from '../../../base/work/way-tables';

/** What is to be scrambled for. */
export interface ScrambleFor {
  seed: Seed;
  method: Method;
  /** The stage practised alone; null for a whole solve. */
  stage: Stage | null;
  first: Side;
}

export const scrambleDeeds = {
  /** Turns to a random cube, or to one on which all before a stage is done. */
  async scramble({ seed, method, stage, first }: ScrambleFor): Promise<string> {
    const random = randomFrom(seed);
    const cube = stage === null ? randomCube(random) : stageStart(method, stage, first, random);
    return writeMoves(wayBetween(await wayTables(), solvedCube(), cube));
  },
};
