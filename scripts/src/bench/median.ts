/** The middle of the values; of an even count, the upper of the two middle ones. */
export const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

export const rounded = (value: number, digits = 4): number => Number(value.toPrecision(digits));
