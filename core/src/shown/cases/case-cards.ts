import {
  type ColourScheme,
  copyCube,
  fail,
  type Hold,
  ok,
  type Result,
  type Side,
  STANDARD_SCHEME,
} from '../../puzzle/cube/index.js';
import { countTurns, mirrorMoves, readMoves, writeMoves } from '../../puzzle/notation/index.js';
import {
  type Approach,
  APPROACHES,
  canFollow,
  type Case,
  approachTitle,
  caseTitle,
  isSearch,
  stagesBefore,
} from '../../teaching/approaches/index.js';
import type { Method } from '../../teaching/methods/index.js';
import type { Stage } from '../../teaching/stages/index.js';
import { type CaseTold, tellCase } from '../../engine/find/index.js';
import {
  type Choice,
  resolveMethod,
  runnerFor,
  runStage,
  type Step,
  writeStep,
} from '../../engine/run/index.js';
import { setUpFor } from '../../engine/set-up/index.js';
import { type CasePicture, casePictures, pictureHold } from './case-picture.js';
import { SAY } from './words.js';

/** All there is to show of one case. */
export interface CaseCard extends CaseTold {
  id: string;
  title: string;
  approach: string;
  stage: Stage;
  pictures: CasePicture[];
  hold: Hold;
  /** Whether a layer is lined up first. */
  linesUp: boolean;
  /** Turns of the case in the prime dialect, not repeated; undefined where a search finds them. */
  sequence: string | undefined;
  times: number;
  /** Turns without lining up. */
  turnCount: number | undefined;
}

/** The cases of a method, stage by stage. */
export function caseCards(
  method: Method,
  first: Side,
  scheme: ColourScheme = STANDARD_SCHEME,
): Result<CaseCard[], string> {
  const approaches = resolveMethod(method);
  if (!approaches.ok) return approaches;
  return ok(
    approaches.value.flatMap((approach) =>
      approach.cases.map((one) => cardOf(approach, one.id, method, first, scheme)),
    ),
  );
}

function cardOf(
  approach: Approach,
  id: string,
  method: Method,
  first: Side,
  scheme: ColourScheme,
): CaseCard {
  const hold = pictureHold(approach, first);
  const words = approach.cases.find((one) => one.id === id)!;
  const whole = isSearch(approach) ? undefined : (words as Case);
  return {
    id,
    title: caseTitle(words, first, scheme),
    approach: approach.id,
    stage: approach.stage,
    ...tellCase(approach, words, method, hold, first, scheme),
    pictures: casePictures(approach, id, method, first, scheme),
    hold,
    linesUp: whole?.lineUp !== undefined,
    sequence: whole?.sequence,
    times: whole?.times ?? 1,
    turnCount: whole && turnCountOf(whole),
  };
}

/** The turns of a case, repeats counted, lining up not; 0 when its sequence cannot be read. */
export function turnCountOf({ sequence, times }: Case): number {
  const moves = readMoves(sequence);
  return moves.ok ? countTurns(moves.value) * (times ?? 1) : 0;
}

/** A case as seen in a mirror that stands beside the cube: left is right. */
export function mirrored(card: CaseCard): CaseCard {
  const moves = card.sequence === undefined ? undefined : readMoves(card.sequence);
  return {
    ...card,
    pictures: card.pictures.map(mirrorPicture),
    sequence: moves?.ok ? writeMoves(mirrorMoves(moves.value)) : card.sequence,
  };
}

const MIRRORED_SIDE = [0, 4, 2, 3, 1, 5];

/** The centres keep their colours; every other sticker goes where the mirror shows it. */
function mirrorPicture(picture: CasePicture): CasePicture {
  return picture.map((_, sticker) => {
    const [side, row, column] = [
      Math.floor(sticker / 9),
      Math.floor((sticker % 9) / 3),
      sticker % 3,
    ];
    return picture[MIRRORED_SIDE[side]! * 9 + row * 3 + (2 - column)]!;
  });
}

/** What one approach does with the cube of a case. */
export interface Beside {
  approach: string;
  title: string;
  case: string;
  /** Its next step. */
  step: Step;
  /** Steps and turns to the goal of the stage. */
  steps: number;
  turns: number;
}

/**
 * The same cube in the hands of every approach that could stand in this one's place, the method's
 * own first. Refused when no cube waits for the case at the beginning of its stage.
 */
export function caseBeside(
  caseId: string,
  method: Method,
  seed: number,
  first: Side,
  scheme: ColourScheme = STANDARD_SCHEME,
): Result<Beside[], string> {
  const approaches = resolveMethod(method);
  const made = setUpFor(caseId, method, seed, first);
  if (!approaches.ok) return approaches;
  if (!made.ok) return made;
  const { cube, hold, midway } = made.value;
  if (midway) return fail(SAY.thisCaseOnlyComesUp);
  const own = approaches.value.find(({ cases }) => cases.some(({ id }) => id === caseId))!;
  const others = APPROACHES.filter(
    (one) =>
      one.stage === own.stage &&
      one.id !== own.id &&
      stagesBefore(own).some((stage) => canFollow(one, stage)),
  );
  return ok(
    [own, ...others].map((approach) => {
      const runner = runnerFor(approach, first, scheme);
      const choices: Choice[] = [];
      runStage(copyCube(cube), hold, runner, first, (choice) => choices.push(choice));
      const next = choices[0]!;
      return {
        approach: approach.id,
        title: approachTitle(approach),
        case: caseTitle(next.case, first, scheme),
        step: writeStep(runner, next, cube, hold, scheme),
        steps: choices.length,
        turns: choices.reduce((sum, { turnCount }) => sum + turnCount, 0),
      };
    }),
  );
}
