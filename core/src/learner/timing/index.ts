export { lookCue } from './cues.js';
export { SolveWatch } from './solve-watch.js';
export {
  type Hand,
  type Hands,
  IDLE,
  isReady,
  secondsBetween,
  splitsOf,
  timed,
  type TimerEvent,
  type TimerState,
} from './timer.js';
