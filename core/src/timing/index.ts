/** Timing a solve: the timer, its cues, and what a turn-reporting cube tells of the stages. */
export * from './cues.js';
export * from './solve-watch.js';
export * from './timer.js';
