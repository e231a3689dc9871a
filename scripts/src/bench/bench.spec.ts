import { median } from './median.js';
import { scriptSizes } from './script-sizes.js';

describe('measuring', () => {
  it('takes the middle value, whatever the order', () => {
    expect(median([9, 1, 5])).toBe(5);
    expect(median([4, 1, 3, 2])).toBe(3);
  });

  it('counts the scripts the page needs at first, and three.js is not among them', () => {
    const { files, kilobytes } = scriptSizes() as {
      kilobytes: number;
      files: { name: string; kilobytes: number }[];
    };
    expect(files[0]!.name).toMatch(/^main/);
    expect(kilobytes).toBeGreaterThan(100);
    // Of all the scripts three.js is the largest by far.
    expect(files.every((file) => file.kilobytes < 110)).toBeTrue();
  });
});
