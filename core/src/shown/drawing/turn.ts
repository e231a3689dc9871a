import { axisOf, isWholeCube, type Move, quartersOf } from '../../puzzle/notation/index.js';

/**
 * A turn as seen by someone standing over the cube: the upper side as a square, the four sides as
 * a rim round it. The layer that turns is shaded and an arrow shows its way. View box 0 0 64 64.
 */
export interface TurnDrawing {
  /** The shaded part. */
  layer: string;
  /** The way it goes, as a line to be given an arrow head. */
  arrow: string;
  half: boolean;
}

// The upper side spans 16…48, the rim 6…58.
const [OUT, IN, END, RIM] = [6, 16, 48, 58];
const SIDE = 32 / 3;
const box = (x: number, y: number, right: number, bottom: number): string =>
  `M${x} ${y}H${right}V${bottom}H${x}Z`;

const LAYERS: Record<string, string> = {
  U: box(IN, IN, END, END),
  D: `${box(OUT, OUT, RIM, RIM)}${`M${OUT + 5} ${OUT + 5}V${RIM - 5}H${RIM - 5}V${OUT + 5}Z`}`,
  R: `M${END - SIDE} ${OUT}H${RIM}V${RIM}H${END - SIDE}Z`,
  L: `M${OUT} ${OUT}H${IN + SIDE}V${RIM}H${OUT}Z`,
  F: `M${OUT} ${END - SIDE}H${RIM}V${RIM}H${OUT}Z`,
  B: `M${OUT} ${OUT}H${RIM}V${IN + SIDE}H${OUT}Z`,
  // The whole cube.
  W: box(OUT, OUT, RIM, RIM),
};

// As seen from above: which way each layer's upper edge goes for a clockwise turn of its side.
const ARROWS: Record<string, [string, string]> = {
  U: ['M23 41A13 13 0 1 1 41 41', 'M41 41A13 13 0 1 0 23 41'],
  D: ['M45 19A18 18 0 1 0 45 45', 'M45 45A18 18 0 1 1 45 19'],
  R: ['M48 54V11', 'M48 10V53'],
  L: ['M16 10V53', 'M16 54V11'],
  F: ['M10 48H53', 'M54 48H11'],
  B: ['M54 16H11', 'M10 16H53'],
  x: ['M32 54V11', 'M32 10V53'],
  y: ['M23 41A13 13 0 1 1 41 41', 'M41 41A13 13 0 1 0 23 41'],
  z: ['M10 32H53', 'M54 32H11'],
};

export function drawTurn(move: Move): TurnDrawing {
  const whole = isWholeCube(move);
  const letter = whole ? 'xyz'[axisOf(move)]! : 'URFDLB'[Math.floor(move / 3)]!;
  const quarters = quartersOf(move);
  return {
    layer: LAYERS[whole ? 'W' : letter]!,
    arrow: ARROWS[letter]![quarters === 3 ? 1 : 0],
    half: quarters === 2,
  };
}
