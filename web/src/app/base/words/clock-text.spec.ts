import { clockText, secondsSaid } from './clock-text';

describe('a time', () => {
  it('is shown as a clock shows it, with hundredths', () => {
    expect([0, 9.07, 59.999, 60, 83.42, 3723].map((seconds) => clockText(seconds))).toEqual([
      '0.00',
      '9.07',
      '1:00.00',
      '1:00.00',
      '1:23.42',
      '1:02:03.00',
    ]);
    expect([clockText(83.42, 0), clockText(9.96, 1)]).toEqual(['1:23', '10.0']);
  });

  it('is said in words', () => {
    expect([secondsSaid(9.5), secondsSaid(83.42)]).toEqual([
      '9.50 seconds',
      '1 minute 23.42 seconds',
    ]);
  });
});
