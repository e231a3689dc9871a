import {
  type ColourScheme,
  FRONT,
  type Hold,
  sideInHold,
  sideOfTurn,
  UP,
} from '../../puzzle/cube/index.js';
import {
  holdAfter,
  isWholeCube,
  type Move,
  quartersOf,
  SIDE_WORDS,
  writeMove,
} from '../../puzzle/notation/index.js';
import type { Slip } from './explain.js';
import { type MeantStep, runsOf } from './meant.js';

/** "the top", as one says which layer turns. */
const layer = (move: Move): string =>
  isWholeCube(move) ? 'the whole cube' : `the ${SIDE_WORDS[sideOfTurn(move)]!.name}`;

/** "the top, to the left". */
const inWords = (move: Move): string => `the ${writeMove(move, 'words')}`;

const counted = (count: number, what: string): string =>
  `${count} ${what}${count === 1 ? '' : 's'}`;

function heldWords(hold: Hold, instead: Hold, scheme: ColourScheme): string {
  const [up, upMeant] = [hold, instead].map((one) => scheme[sideInHold(one, UP)]!);
  const [front, frontMeant] = [hold, instead].map((one) => scheme[sideInHold(one, FRONT)]!);
  return up === upMeant
    ? `with ${front} in front, not ${frontMeant}`
    : `with ${up} up and ${front} in front, not ${upMeant} up and ${frontMeant} in front`;
}

/** What slipped, in a sentence; turns are counted from 1 as their tiles are. */
export function tellSlip(slip: Slip, step: MeantStep, scheme: ColourScheme): string {
  const { kind, at } = slip;
  const turn = at + 1;
  const [meant] = slip.meant;
  const [did] = slip.did;
  switch (kind) {
    case 'reversed':
      return `At turn ${turn} ${layer(meant!)} went the other way.`;
    case 'left-out':
      return `Turn ${turn}, ${inWords(meant!)}, was skipped.`;
    case 'line-up-left-out':
      return at < step.lineUpCount
        ? `The lining up before the sequence, ${inWords(meant!)}, was skipped.`
        : `The last turn, ${inWords(meant!)}, was skipped: it lines the layer up.`;
    case 'doubled':
      return `At turn ${turn} ${layer(meant!)} went half way round, not a quarter.`;
    case 'halved':
      return `At turn ${turn} ${layer(meant!)} went a quarter, not half way round.`;
    case 'mirrored-side':
    case 'neighbour-side':
      return `At turn ${turn} ${layer(did!)} turned (${wayOf(did!)}), not ${layer(meant!)}.`;
    case 'whole-cube':
      return `At turn ${turn} the whole cube was turned, not only ${layer(meant!)}.`;
    case 'extra':
      return at < step.moves.length
        ? `Before turn ${turn} came one turn too many: ${inWords(did!)}.`
        : `After the last turn came one too many: ${inWords(did!)}.`;
    case 'exchanged':
      return `Turns ${turn} and ${at + slip.meant.length} were exchanged.`;
    case 're-held':
      return `Before turn ${turn} the whole cube was turned (${slip.did
        .map((move) => writeMove(move, 'words').replace('whole cube, ', ''))
        .join(', then ')}), and you went on holding it that way.`;
    case 'wrong-hold':
      return `It was done ${heldWords(slip.did.reduce(holdAfter, step.hold), step.hold, scheme)}.`;
    case 'other-hand':
      return 'It was done with the other hand, as in a mirror.';
    case 'too-many-rounds':
      return rounds(slip, step, slip.did.length, 'too many', 1);
    case 'too-few-rounds':
      return rounds(slip, step, slip.meant.length, 'too few', -1);
    case 'stopped-early':
      return at === 0
        ? 'It was not done at all.'
        : `It was stopped after ${counted(at, 'turn')} of ${step.moves.length}.`;
  }
}

const wayOf = (move: Move): string =>
  quartersOf(move) === 2 ? 'half way round' : writeMove(move, 'words').split(', ')[1]!;

function rounds(slip: Slip, step: MeantStep, moves: number, amount: string, sign: number): string {
  const run = runsOf(step).find(({ start, length, rounds: count }) => {
    const end = start + length * count;
    return slip.at <= end && slip.at + slip.meant.length === end;
  })!;
  if (run.rounds === 1) return 'It was done once too often.';
  const off = moves / run.length;
  const done = run.rounds + sign * off;
  return `${counted(off, 'round')} ${amount}: ${done} times these ${run.length} turns, not ${run.rounds}.`.replace(
    /^./,
    (letter) => letter.toUpperCase(),
  );
}
