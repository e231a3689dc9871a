import {
  type ColourScheme,
  FRONT,
  type Hold,
  type Side,
  sideInHold,
  sideOfTurn,
  UP,
} from '../../puzzle/cube/index.js';
import {
  holdAfter,
  isWholeCube,
  type Move,
  SIDE_WORDS,
  wayInWords,
  writeMove,
} from '../../puzzle/notation/index.js';
import type { Slip } from './explain.js';
import { type MeantStep, runsOf } from './meant.js';
import { SAY } from './words.js';

/** "the top", as one says which layer turns. */
const layer = (move: Move): string =>
  isWholeCube(move) ? SAY.theWholeCube : SAY.the({ name: SIDE_WORDS[sideOfTurn(move)]!.name });

/** "the top, to the left". */
const inWords = (move: Move): string => SAY.the2({ move: writeMove(move, 'words') });

/** One turn after the other, of the two a hold is at most away. */
const inTurn = ([one, other]: readonly string[]): string =>
  other === undefined ? one! : SAY.oneThenOther({ one: one!, other });

function heldWords(hold: Hold, instead: Hold, scheme: ColourScheme): string {
  const seen = (one: Hold, face: Side): string => scheme[sideInHold(one, face)]!;
  const [up, upMeant] = [seen(hold, UP), seen(instead, UP)];
  const [front, frontMeant] = [seen(hold, FRONT), seen(instead, FRONT)];
  return up === upMeant
    ? SAY.heldWithFront({ front, frontMeant })
    : SAY.heldWith({ up, front, upMeant, frontMeant });
}

/** What slipped, in a sentence; turns are counted from 1 as their tiles are. */
export function tellSlip(slip: Slip, step: MeantStep, scheme: ColourScheme): string {
  const { kind, at } = slip;
  const turn = at + 1;
  const [meant] = slip.meant;
  const [did] = slip.did;
  switch (kind) {
    case 'reversed':
      return SAY.atTurnWentTheOther({ turn, meant: layer(meant!) });
    case 'left-out':
      return SAY.turnWasSkipped({ turn, meant: inWords(meant!) });
    case 'line-up-left-out':
      return at < step.lineUpCount
        ? SAY.theLiningUpBeforeThe({ meant: inWords(meant!) })
        : SAY.theLastTurnWasSkipped({ meant: inWords(meant!) });
    case 'doubled':
      return SAY.atTurnWentHalfWay({ turn, meant: layer(meant!) });
    case 'halved':
      return SAY.atTurnWentAQuarter({ turn, meant: layer(meant!) });
    case 'mirrored-side':
    case 'neighbour-side':
      return SAY.atTurnTurnedNot({
        turn,
        did: layer(did!),
        did2: wayInWords(did!),
        meant: layer(meant!),
      });
    case 'whole-cube':
      return SAY.atTurnTheWholeCube({ turn, meant: layer(meant!) });
    case 'extra':
      return at < step.moves.length
        ? SAY.beforeTurnCameOneTurn({ turn, did: inWords(did!) })
        : SAY.afterTheLastTurnCame({ did: inWords(did!) });
    case 'exchanged':
      return SAY.turnsAndWereExchanged({ turn, at: at + slip.meant.length });
    case 're-held':
      return SAY.beforeTurnTheWholeCube({ turn, did: inTurn(slip.did.map(wayInWords)) });
    case 'wrong-hold':
      return heldWords(slip.did.reduce(holdAfter, step.hold), step.hold, scheme);
    case 'other-hand':
      return SAY.itWasDoneWithThe;
    case 'too-many-rounds':
      return rounds(slip, step, slip.did.length, 1);
    case 'too-few-rounds':
      return rounds(slip, step, slip.meant.length, -1);
    case 'stopped-early':
      return at === 0
        ? SAY.itWasNotDoneAt
        : SAY.itWasStoppedAfterTurns({ turns: at, moves: step.moves.length });
  }
}

function rounds(slip: Slip, step: MeantStep, moves: number, sign: 1 | -1): string {
  const run = runsOf(step).find(({ start, length, rounds: count }) => {
    const end = start + length * count;
    return slip.at <= end && slip.at + slip.meant.length === end;
  })!;
  if (run.rounds === 1) return SAY.itWasDoneOnceToo;
  const off = moves / run.length;
  const done = run.rounds + sign * off;
  const times = { rounds: off, done, run: run.length, meant: run.rounds };
  return sign > 0 ? SAY.roundsTooMany(times) : SAY.roundsTooFew(times);
}
