import { drawTurn, MOVES, skyline } from '@sleetcrest/core';

describe('the drawing of a turn', () => {
  const drawings = MOVES.map(drawTurn);

  it('is another one for each of the 27 moves', () => {
    expect(new Set(drawings.map((drawing) => JSON.stringify(drawing))).size).toBe(27);
  });

  it('shows the same layer for the three turns of one side, and a half turn as such', () => {
    for (let move = 0; move < 27; move += 3) {
      const layers = drawings.slice(move, move + 3).map(({ layer }) => layer);
      expect(new Set(layers).size).toBe(1);
      expect(drawings.slice(move, move + 3).map(({ half }) => half)).toEqual([false, true, false]);
    }
  });
});

describe('the skyline', () => {
  it('has rises side by side over the whole width, the longer stage the wider', () => {
    const rises = skyline([6, 30, 0, 12]);
    expect(rises[0]!.from).toBe(0);
    expect(rises.at(-1)!.to).toBe(1000);
    rises.slice(1).forEach((rise, k) => expect(rise.from).toBe(rises[k]!.to));
    const widths = rises.map(({ from, to }) => to - from);
    expect(widths[1]).toBeGreaterThan(widths[3]!);
    expect(widths[3]).toBeGreaterThan(widths[0]!);
    expect(widths[2]).toBeGreaterThan(40);
  });

  it('grows by the same width for each turn more', () => {
    const [a, b, c] = skyline([10, 20, 30]).map(({ from, to }) => to - from);
    expect(b! - a!).toBeCloseTo(c! - b!, 6);
  });
});
