import {
  type ColourScheme,
  cubeFromPainted,
  findProblems,
  type Method,
  type Side,
} from '@sleetcrest/core';
import {
  explain,
  type Explanation,
  type MeantStep,
  tellSlip,
  type WayBack,
  waysBackFrom,
} from '@sleetcrest/core/insight/slips';
import { wayTables } from '../../../base/work/way-tables';

/** All that the search for a slip depends on. */
export interface Asked {
  before: Uint8Array;
  steps: readonly MeantStep[];
  /** The stickers seen, −1 where not. */
  seen: readonly number[];
  method: Method;
  first: Side;
  scheme: ColourScheme;
}

/** An explanation made ready to be shown. */
export interface SlipFound {
  explanation: Explanation;
  /** A sentence for each slip. */
  sentences: string[];
  /** How many steps before the last it happened. */
  stepsBack: number;
  ways: WayBack[];
}

export type Answer =
  | { kind: 'explained'; told: SlipFound[] }
  | { kind: 'as-meant' }
  /** The ways back are known all the same where the whole cube is seen. */
  | { kind: 'unexplained'; cube: Uint8Array | null; ways: WayBack[] };

/** More than these are not read by anyone. */
const MOST_TOLD = 4;

/** The cube that is seen, where all of it is and turns can solve it. */
function wholeCube({ seen, scheme }: Asked): Uint8Array | null {
  const painted = Int8Array.from(seen);
  return findProblems(painted, scheme).length === 0 ? cubeFromPainted(painted) : null;
}

export const slipDeeds = {
  /** Gets the tables ready, so that the first answer is not kept waiting. */
  async prepare(): Promise<void> {
    await wayTables();
  },

  async explain(asked: Asked): Promise<Answer> {
    const { before, steps, scheme } = asked;
    const explained = explain(before, steps, Int8Array.from(asked.seen));
    if (explained.kind === 'as-meant') return explained;
    const back = waysBackFrom(before, steps, asked, await wayTables());
    if (explained.kind === 'unexplained') {
      const cube = wholeCube(asked);
      const nothing = { slips: [], did: [], unusual: 0 };
      return { kind: 'unexplained', cube, ways: cube ? back({ ...nothing, cube }) : [] };
    }
    const told = explained.explanations.slice(0, MOST_TOLD).map((explanation): SlipFound => {
      const [first] = explanation.slips;
      return {
        explanation,
        sentences: explanation.slips.map((slip) => tellSlip(slip, steps[slip.step]!, scheme)),
        stepsBack: steps.length - 1 - first!.step,
        ways: back(explanation),
      };
    });
    return { kind: 'explained', told };
  },
};
