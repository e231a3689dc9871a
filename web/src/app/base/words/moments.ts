/** When an event happened, in milliseconds since 1970: its own time stamp, not when it was heard. */
export const momentOf = ({ timeStamp }: Event): number => performance.timeOrigin + timeStamp;

/** Now, by the same clock. */
export const momentNow = (): number => performance.timeOrigin + performance.now();

/**
 * How far the wall clock has run ahead of the page's own, in milliseconds. It grows by as long as
 * the device sleeps, where the page's clock stands still meanwhile.
 */
export const sleptSoFar = (): number => Date.now() - momentNow();
