import type { Position } from '@sleetcrest/contract';
import type { Cube } from '@sleetcrest/core';
import type { MeantStep } from '@sleetcrest/core/slips';
import type { Timeline } from '../../../keeping/walk/timeline';

const STEPS_BACK = 5;

/** The last five steps up to a position, the last perhaps only in part, and the cube before them. */
export function meantSoFar(
  { frames }: Timeline,
  { step, turn }: Position,
): { before: Cube; steps: MeantStep[] } | null {
  const current = frames[step];
  const whole = frames.slice(Math.max(0, step - STEPS_BACK + (turn > 0 ? 1 : 0)), step);
  const steps = whole.map(({ hold, moves, lineUpCount }) => ({ hold, moves, lineUpCount }));
  if (current && turn > 0) {
    const lineUpCount = Math.min(turn, current.lineUpCount);
    steps.push({ hold: current.hold, moves: current.moves.slice(0, turn), lineUpCount });
  }
  const first = whole[0] ?? current;
  return steps.length > 0 && first ? { before: first.cube, steps } : null;
}
