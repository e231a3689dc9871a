import type { SlipAnswer } from '@sleetcrest/contract';
import {
  type ColourScheme,
  findProblems,
  FRONT,
  type Hold,
  holdOf,
  type Move,
  type PaintedCube,
  readMoves,
  sideInHold,
  sideOfColour,
  UP,
  writeMoves,
} from '@sleetcrest/core';
import { explain, type MeantStep, waysBackFrom } from '@sleetcrest/core/insight/slips';
import { makeWayTables } from '@sleetcrest/core/puzzle/search';
import {
  chosenMethod,
  cubeFromTurns,
  firstSide,
  paintedFromFile,
  paintedFromTurns,
} from '../input.js';
import type { Io } from '../io.js';
import { Mistake } from '../mistake.js';
import { SAY } from './words.js';

export interface SlipOptions {
  start?: string | undefined;
  meant?: string | undefined;
  hold?: string | undefined;
  'seen-turns'?: string | undefined;
  seen?: string | undefined;
  method?: string | undefined;
  'method-file'?: string | undefined;
  first?: string | undefined;
}

const MOST_MEANT = 40;

function given(name: string, text: string | undefined): string {
  if (text !== undefined) return text;
  throw new Mistake(SAY.slipNeeds({ name }));
}

/** Reads `white/green`, by the scheme of the cube that is seen. */
function readHold(text: string, scheme: ColourScheme): Hold {
  const [up = '', front = '', more] = text.split('/');
  const [top, ahead] = [up, front].map((colour) => sideOfColour(scheme, colour));
  const hold = top! < 0 || ahead! < 0 ? undefined : holdOf(top!, ahead!);
  if (hold !== undefined && more === undefined) return hold;
  throw new Mistake(SAY.badHold({ text }));
}

function readMeant(text: string): Move[] {
  const moves = readMoves(text);
  if (!moves.ok) throw new Mistake(moves.error.message);
  if (moves.value.length > 0 && moves.value.length <= MOST_MEANT) return moves.value;
  throw new Mistake(SAY.badMeant({ most: MOST_MEANT }));
}

async function seenCube(io: Io, options: SlipOptions): Promise<PaintedCube> {
  const { seen } = options;
  const turns = options['seen-turns'];
  if ((turns === undefined) === (seen === undefined)) {
    throw new Mistake(SAY.oneSeen);
  }
  const cube = seen === undefined ? paintedFromTurns(turns!) : await paintedFromFile(io, seen);
  const problem = findProblems(cube.painted, cube.scheme).find(({ kind }) => kind !== 'unseen');
  if (problem) throw new Mistake(SAY.noCube({ says: problem.says, repair: problem.repair }));
  return cube;
}

/** `slip`: how the cube seen can have come about, and the ways back. */
export async function slipVerb(io: Io, options: SlipOptions): Promise<number> {
  const start = cubeFromTurns(given('start', options.start));
  const moves = readMeant(given('meant', options.meant));
  const { painted, scheme } = await seenCube(io, options);
  const hold = readHold(given('hold', options.hold), scheme);
  const method = await chosenMethod(io, options.method, options['method-file']);
  const first = firstSide(scheme, options.first);

  const steps: MeantStep[] = [{ hold, moves, lineUpCount: 0 }];
  const explained = explain(start, steps, painted);
  const back = waysBackFrom(start, steps, { method, first, scheme }, makeWayTables());
  const explanations: SlipAnswer['explanations'] =
    explained.kind === 'explained'
      ? explained.explanations.map((explanation) => ({
          did: writeMoves(explanation.did[0]!),
          slips: explanation.slips.map(({ at, kind, meant, did }) => ({
            at: at + 1,
            kind,
            meant: writeMoves(meant),
            did: writeMoves(did),
          })),
          recover: back(explanation).map((way) => ({
            kind: way.kind,
            hold: {
              up: scheme[sideInHold(way.hold, UP)]!,
              front: scheme[sideInHold(way.hold, FRONT)]!,
            },
            turns: writeMoves(way.turns),
            turnCount: way.turnCount,
          })),
        }))
      : [];
  io.out(JSON.stringify({ explanations }, null, 2));
  return 0;
}
