/** The number of the lowest bit that is set. */
export const lowestBit = (bits: number): number => 31 - Math.clz32(bits & -bits);
