/** How much of a look is left, as it is said and shown: nothing flashes and nothing is counted aloud. */
export interface LookCue {
  /** Whole seconds left, at least 0. */
  left: number;
  share: number;
  says: 'look' | 'soon' | 'begin' | 'over';
}

const SOON = 5;

/** The cue after so many milliseconds of a look of `seconds`. */
export function lookCue(passed: number, seconds: number): LookCue {
  const rest = seconds - passed / 1000;
  return {
    left: Math.max(0, Math.ceil(rest)),
    share: Math.min(1, Math.max(0, rest / seconds)),
    says: rest > SOON ? 'look' : rest > 1 ? 'soon' : rest > 0 ? 'begin' : 'over',
  };
}
