import type { Memory, Rating, Trace } from '@sleetcrest/core/learner/answers';
import {
  computeDecayFactor,
  FSRSAlgorithm,
  generatorParameters,
  type FSRSParameters,
} from 'ts-fsrs';

/** The parameters of the model: how long what was learned stays, on what it depends. */
export type Weights = readonly number[];

/** What is usual, before a person's own answers say otherwise. */
export const USUAL_WEIGHTS: Weights = generatorParameters().w;

/** Nothing stays longer than this without being asked again. */
const MOST_DAYS = 365;

/** So that a whole day does not come out just below itself. */
const ROUNDED = 1e-6;

/** Its parameters never change, so nothing need watch each reading of them, of which there are millions. */
class Model extends FSRSAlgorithm {
  constructor(parameters: FSRSParameters) {
    super(parameters);
    this.param = { ...this.param };
  }
}

/**
 * The memory that practice is planned by: FSRS as `ts-fsrs` computes it, asked for its numbers
 * alone. It reads no clock, and nothing in it is left to chance.
 */
export function fsrsMemory(weights: Weights = USUAL_WEIGHTS): Memory {
  const model = new Model(generatorParameters({ w: [...weights], enable_fuzz: false }));
  const { decay, factor } = computeDecayFactor([...weights]);
  return {
    after: (trace: Trace | null, days: number, rating: Rating, recall?: number) =>
      model.next_state(trace, days, rating, recall),
    recall: ({ stability }, days) => model.forgetting_curve(days, stability),
    // The forgetting curve solved for days.
    daysUntil: ({ stability }, chance) => {
      const days = (stability / factor) * (chance ** (1 / decay) - 1);
      return Math.min(MOST_DAYS, Math.floor(days + ROUNDED));
    },
  };
}
