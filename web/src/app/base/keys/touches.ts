/** Whether this device is touched and has, as far as is known, no keyboard. */
export const touches = (): boolean => matchMedia('(hover: none) and (pointer: coarse)').matches;
