import {
  applyTurns,
  type ColourScheme,
  copyCube,
  type Cube,
  type Hold,
  HOME_HOLD,
  type Side,
  STANDARD_SCHEME,
  UP,
} from '../../puzzle/cube/index.js';
import { type Approach, stagesBefore, standsBefore } from '../../teaching/approaches/index.js';
import { stageWords } from '../../teaching/stages/index.js';
import {
  type Choice,
  firstRepeat,
  runnerFor,
  runStage,
  startsOf,
  type Step,
  writeStep,
} from '../run/index.js';
import { SAY } from './words.js';

/** How an approach fails on one cube. */
export interface Failure {
  /** The steps it does, up to where it is plain that it fails. */
  steps: Step[];
  /** The step at which it goes wrong; −1 when no case fits the cube as it stands. */
  at: number;
  /** What goes wrong, in a sentence. */
  says: string;
}

/** Where and how an approach goes wrong on a cube it does not bring to its goal. */
export function explainFailure(
  approach: Approach,
  start: Cube,
  first: Side = UP,
  scheme: ColourScheme = STANDARD_SCHEME,
): Failure {
  const runner = runnerFor(approach, first, scheme);
  const { matter } = startsOf(approach.stage, approach.after, first);
  const choices: Choice[] = [];
  const each = (choice: Choice): void => void choices.push(choice);
  const stuck = runStage(copyCube(start), HOME_HOLD, runner, first, each, matter);
  const done = stuck === 'circle' ? choices.slice(0, firstRepeat(start, choices) + 1) : choices;
  const cube = copyCube(start);
  const intact = [standsBefore(approach, cube, first)];
  let hold: Hold = HOME_HOLD;
  const steps = done.map((choice) => {
    const step = writeStep(runner, choice, cube, hold, scheme);
    applyTurns(cube, choice.turns);
    hold = choice.holdAfter;
    intact.push(standsBefore(approach, cube, first));
    return step;
  });
  const words = stageWords(stagesBefore(approach)[0] ?? approach.stage, first, scheme);
  if (!intact[intact.length - 1]) {
    const at = intact.lastIndexOf(true);
    return {
      steps,
      at,
      says: SAY.stepUndoesWhatWasDone({ at: at + 1, goal: words.goal }),
    };
  }
  const at = steps.length - 1;
  if (at < 0) return { steps, at, says: SAY.noCaseFitsThisCube };
  return {
    steps,
    at,
    says:
      stuck === 'circle'
        ? SAY.afterStepTheCubeIs({ at: at + 1 })
        : SAY.afterStepNoCaseFits({ at: at + 1 }),
  };
}
