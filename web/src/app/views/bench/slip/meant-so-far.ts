import type { Position } from '@sleetcrest/contract';
import type { Cube } from '@sleetcrest/core';
import type { MeantStep } from '@sleetcrest/core/insight/slips';
import type { StepFrame, Timeline } from '../../../subjects/walk';

const STEPS_BACK = 5;

const inItsHold = ({ hold, moves, holdCount, lineUpCount }: StepFrame): MeantStep => ({
  hold,
  moves: moves.slice(holdCount),
  lineUpCount,
});

/** The last five steps up to a position, the last perhaps only in part, and the cube before them. */
export function meantSoFar(
  { frames }: Timeline,
  { step, turn }: Position,
): { before: Cube; steps: MeantStep[] } | null {
  const current = frames[step];
  // Turning the whole cube to the hold of a step is no turn of it.
  const done = turn - (current?.holdCount ?? 0);
  const whole = frames.slice(Math.max(0, step - STEPS_BACK + (done > 0 ? 1 : 0)), step);
  const steps = whole.map((frame) => inItsHold(frame));
  if (current && done > 0) {
    const { hold, moves, lineUpCount } = inItsHold(current);
    steps.push({ hold, moves: moves.slice(0, done), lineUpCount: Math.min(done, lineUpCount) });
  }
  const first = whole[0] ?? current;
  return steps.length > 0 && first ? { before: first.cube, steps } : null;
}
