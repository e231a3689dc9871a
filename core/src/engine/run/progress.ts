/** Told now and then while something long runs: how much is done, of how much. */
export type OnProgress = (done: number, of: number) => void;
