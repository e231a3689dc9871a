/** A picture: red, green, blue and opacity of each pixel, row by row, 0…255. */
export interface Photo {
  width: number;
  height: number;
  data: Uint8ClampedArray;
}

/** A point of a picture, in pixels. */
export type Point = readonly [x: number, y: number];

/** Where a side lies in a picture: its corners from the top left on, clockwise. */
export type Outline = readonly [Point, Point, Point, Point];

/**
 * A flat side seen at a slant: takes a point of the unit square to the picture.
 * Source: the projective map of a square to a quadrilateral, in closed form.
 */
export function slanted([a, b, c, d]: Outline): (u: number, v: number) => [number, number] {
  const [dx1, dy1] = [b[0] - c[0], b[1] - c[1]];
  const [dx2, dy2] = [d[0] - c[0], d[1] - c[1]];
  const [sx, sy] = [a[0] - b[0] + c[0] - d[0], a[1] - b[1] + c[1] - d[1]];
  const area = dx1 * dy2 - dx2 * dy1;
  const g = (sx * dy2 - dx2 * sy) / area;
  const h = (dx1 * sy - sx * dy1) / area;
  const [ux, uy] = [b[0] - a[0] + g * b[0], b[1] - a[1] + g * b[1]];
  const [vx, vy] = [d[0] - a[0] + h * d[0], d[1] - a[1] + h * d[1]];
  return (u, v) => {
    const depth = g * u + h * v + 1;
    return [(ux * u + vx * v + a[0]) / depth, (uy * u + vy * v + a[1]) / depth];
  };
}

/** Light, 0…1, from a stored channel value (sRGB), and back. */
export const toLight = (value: number): number => {
  const share = value / 255;
  return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
};
export const fromLight = (light: number): number =>
  255 * (light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055);

/** `LIGHT[value]`, for the loops over pixels. */
export const LIGHT: Float64Array = Float64Array.from({ length: 256 }, (_, k) => toLight(k));

/** The outline of a square in the middle that takes up so much of the shorter side. */
export function middleSquare(width: number, height: number, share = 0.76): Outline {
  const half = (Math.min(width, height) * share) / 2;
  const [x, y] = [width / 2, height / 2];
  return [
    [x - half, y - half],
    [x + half, y - half],
    [x + half, y + half],
    [x - half, y + half],
  ];
}
